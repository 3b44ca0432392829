import { chalkFor } from '@ample-bolt/core/chalk/chalk-colour';
import { boxOf, type Box } from '@ample-bolt/core/geometry/ring';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { ringText } from '../../canvas/path-text.ts';
import { useSize, type Size } from '../../ui/use-size.ts';

interface AllPiecesProps {
  readonly pieces: readonly DraftedPiece[];
  readonly cloth: string;
  readonly onChoose: (id: string) => void;
}

/** Room around a piece and for its name below it, in pixels. */
const TILE = { around: 10, name: 48, least: 96 };
/** Smaller than this a piece shows nothing: then the page scrolls; pixels to a mm. */
const LEAST_SCALE = 0.11;
const MOST_SCALE = 0.8;

const tileOf = ({ minX, maxX, minY, maxY }: Box, scale: number): Size => ({
  width: Math.max(TILE.least, (maxX - minX) * scale + 2 * TILE.around),
  height: (maxY - minY) * scale + 2 * TILE.around + TILE.name,
});

/** How high the pieces stand in rows so wide, in pixels. */
function heightAt(boxes: readonly Box[], width: number, scale: number): number {
  let [x, row, total] = [0, 0, 0];
  for (const tile of boxes.map((box) => tileOf(box, scale))) {
    if (x + tile.width > width) [x, row, total] = [0, 0, total + row];
    x += tile.width;
    row = Math.max(row, tile.height);
  }
  return total + row;
}

/** The largest scale at which all pieces are in sight at once, one scale for all, so that they compare. */
function scaleFor(boxes: readonly Box[], { width, height }: Size): number {
  let [low, high] = [LEAST_SCALE, MOST_SCALE];
  for (let step = 0; step < 20; step++) {
    const middle = (low + high) / 2;
    if (heightAt(boxes, width, middle) <= height) low = middle;
    else high = middle;
  }
  return low;
}

/** All pieces of a draft at once, on the cloth and to one scale; pressing one opens it. */
export function AllPieces({ pieces, cloth, onChoose }: AllPiecesProps) {
  const [holder, size] = useSize<HTMLDivElement>();
  const { colour } = chalkFor(cloth);
  const boxes = pieces.map(({ outline, stitch }) => boxOf([...outline, ...stitch]));
  const scale = scaleFor(boxes, size);
  return (
    <div ref={holder} className="size-full min-h-0 overflow-auto rounded-soft" style={{ background: cloth }}>
      {size.width > 0 && (
        <ul aria-label="All pieces" className="flex flex-wrap content-start">
          {pieces.map(({ piece, outline, stitch }, index) => {
            const box = boxes[index] ?? boxOf(outline);
            const tile = tileOf(box, scale);
            const x = (tile.width - (box.maxX - box.minX) * scale) / 2 - box.minX * scale;
            return (
              <li key={`${piece.role} ${piece.id}`}>
                <button
                  type="button"
                  onClick={() => onChoose(piece.id)}
                  className="flex flex-col items-center hover:bg-white/10"
                  style={{ width: tile.width, height: tile.height, color: colour }}
                >
                  <svg width={tile.width} height={tile.height - TILE.name} aria-hidden>
                    <g
                      transform={`translate(${x} ${TILE.around - box.minY * scale}) scale(${scale})`}
                      fill="none"
                      stroke="currentColor"
                    >
                      <path d={ringText(outline)} strokeWidth={1.6 / scale} />
                      <path d={ringText(stitch)} strokeWidth={1 / scale} strokeDasharray={`${4 / scale}`} />
                    </g>
                  </svg>
                  <span className="rounded-[3px] bg-white px-1.5 text-center text-[13px] leading-tight text-walnut">
                    {piece.name}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
      )}
    </div>
  );
}

import { chalkFor, markInHand } from '@ample-bolt/core/chalk/chalk-colour';
import { lieTogether, lyingAt, type LyingPiece } from '@ample-bolt/core/garment/lie-together';
import { sampleCurve } from '@ample-bolt/core/geometry/curve';
import { boxOf } from '@ample-bolt/core/geometry/ring';
import type { CheckedSeam } from '@ample-bolt/core/pieces/check-seams';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import { OUTLINE_TOLERANCE } from '@ample-bolt/core/pieces/piece';
import { lineText, ringText } from '../../canvas/path-text.ts';
import { useSize } from '../../ui/use-size.ts';
import { seamEdges } from '@ample-bolt/core/pieces/seam';

interface AllPiecesProps {
  readonly pieces: readonly DraftedPiece[];
  readonly cloth: string;
  readonly onChoose: (id: string) => void;
  /** A seam whose two sides are lit. */
  readonly seam: CheckedSeam | undefined;
}

/** Room around all of them, pixels; and the least scale, pixels to a mm: on a smaller screen the table is scrolled. */
const AROUND = 12;
const LEAST_SCALE = 0.13;
/** Height of a name, pixels. */
const NAME = 16;

/** All pieces of a draft at once, as they lie in the garment, on the cloth and to one scale; pressing one opens it. */
export function AllPieces({ pieces, cloth, onChoose, seam }: AllPiecesProps) {
  const [holder, size] = useSize<HTMLDivElement>();
  const { colour } = chalkFor(cloth);
  const [width, height] = [size.width - 2 * AROUND, size.height - 2 * AROUND];
  const lying = lieTogether(pieces, width > 0 && height > 0 ? width / height : 1);
  const scale = Math.max(LEAST_SCALE, Math.min(width / lying.width, height / lying.height));
  return (
    <div ref={holder} className="size-full min-h-0 overflow-auto rounded-soft" style={{ background: cloth }}>
      {size.width > 0 && (
        <ul
          aria-label="All pieces"
          className="relative"
          style={{
            width: lying.width * scale,
            height: lying.height * scale,
            margin: `${AROUND}px auto`,
            color: colour,
          }}
        >
          {lying.pieces.map((each) => (
            <Lying
              key={`${each.drafted.piece.role} ${each.drafted.piece.id}`}
              lying={each}
              scale={scale}
              seam={seam}
              mark={markInHand(cloth)}
              cloth={cloth}
              onChoose={onChoose}
            />
          ))}
        </ul>
      )}
    </div>
  );
}

interface LyingProps extends Pick<AllPiecesProps, 'onChoose' | 'seam' | 'cloth'> {
  readonly lying: LyingPiece;
  readonly scale: number;
  /** Colour of an edge that is lit. */
  readonly mark: string;
}

/** One piece in its place: cut and stitch line, the edges of the seam in hand, and its name. */
function Lying({ lying, scale, seam, cloth, mark, onChoose }: LyingProps) {
  const { piece, outline, stitch } = lying.drafted;
  const place = lyingAt(lying);
  const rings = { cut: outline.map(place), stitch: stitch.map(place) };
  const box = boxOf([...rings.cut, ...rings.stitch]);
  const sewn = new Set(seam ? seamEdges(seam) : []);
  const lit = piece.edges.filter(({ id }) => sewn.has(`${piece.id}/${id}`));
  const [width, height] = [(box.maxX - box.minX) * scale, (box.maxY - box.minY) * scale];
  return (
    <li className="absolute" style={{ left: box.minX * scale, top: box.minY * scale }}>
      <button
        type="button"
        aria-current={lit.length > 0}
        onClick={() => onChoose(piece.id)}
        className="relative grid place-items-center hover:bg-white/10"
        style={{ width, height: Math.max(height, NAME) }}
      >
        <svg width={width} height={height} aria-hidden className="absolute top-0 left-0 overflow-visible">
          <g
            transform={`scale(${scale}) translate(${-box.minX} ${-box.minY})`}
            fill="none"
            stroke="currentColor"
          >
            <path d={ringText(rings.cut)} strokeWidth={1.6 / scale} />
            <path d={ringText(rings.stitch)} strokeWidth={1 / scale} strokeDasharray={`${4 / scale}`} />
            {lit.map(({ id, path }) => (
              <path
                key={id}
                d={lineText(sampleCurve(path, OUTLINE_TOLERANCE).map(place))}
                stroke={mark}
                strokeWidth={4 / scale}
                strokeLinecap="round"
              />
            ))}
          </g>
        </svg>
        <span
          className="relative max-w-full rounded-[3px] px-0.5 text-center text-[12px] leading-tight"
          style={{ background: `${cloth}c0` }}
        >
          {piece.name}
        </span>
      </button>
    </li>
  );
}

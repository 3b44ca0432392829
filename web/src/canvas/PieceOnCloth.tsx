import { chalkFor, markInHand } from '@ample-bolt/core/chalk/chalk-colour';
import type { Point } from '@ample-bolt/core/geometry/point';
import { boxOf, type Box } from '@ample-bolt/core/geometry/ring';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { Lit } from '@ample-bolt/core/pieces/lit-place';
import { levelDown } from '@ample-bolt/core/pieces/piece';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { levelKind } from '@ample-bolt/core/pieces/level';
import { useSize } from '../ui/use-size.ts';
import { ringText } from './path-text.ts';
import { PieceDrawing } from './PieceDrawing.tsx';
import { PointHandle, type MovablePoint } from './PointHandle.tsx';
import { fitView, toScreen, viewTransform } from './view.ts';

interface PieceOnClothProps {
  readonly drafted: DraftedPiece;
  readonly cloth: string;
  readonly unit: Unit;
  /** What is lit up. */
  readonly lit?: Lit | undefined;
  /** The line that the shop chalks. */
  readonly line?: 'stitch' | 'cut' | undefined;
  /** Points that a hand may move. */
  readonly movable?: readonly MovablePoint[] | undefined;
  /** What the view is fitted to, where that is not the piece itself: a piece that is moved must not move its own frame. */
  readonly frame?: DraftedPiece | undefined;
  /** The same piece drafted otherwise, drawn behind it. */
  readonly other?: DraftedPiece | undefined;
}

const MARGIN = 40;
/** Room to the right of the piece for the names of its levels, in pixels. */
const LABELS = 78;
/** Level labels closer than this, in pixels, would lie on each other. */
const LABEL_GAP = 15;

/** The grain arrow, with its name beside it, keeps this far from the centre line, in pixels. */
const CLEAR_OF_CENTRE = 30;

/** Labels from the top down, each moved clear of the one above it. */
function apart<T extends { readonly y: number }>(labels: readonly T[]): T[] {
  return [...labels]
    .sort((a, b) => a.y - b.y)
    .reduce<T[]>(
      (placed, label) => [
        ...placed,
        { ...label, y: Math.max(label.y, (placed.at(-1)?.y ?? -Infinity) + LABEL_GAP) },
      ],
      [],
    );
}

/** A piece on the ticket's own cloth, with its levels named at their depth from the start line. */
export function PieceOnCloth({
  drafted,
  cloth,
  unit,
  lit,
  line,
  movable = [],
  frame = drafted,
  other,
}: PieceOnClothProps) {
  const [holder, size] = useSize<HTMLDivElement>();
  const { colour } = chalkFor(cloth);
  const box = boxOf([...frame.outline, ...frame.stitch, ...(other?.outline ?? [])]);
  const view = fitView(box, { width: size.width - LABELS, height: size.height }, MARGIN);
  const edge = drafted.piece.edges.find(({ role }) => role === 'fold' || role === 'centre');
  const labels = apart(
    drafted.piece.levels.map((level) => ({
      name: level.name,
      down: levelDown(level),
      y: toScreen(view, level.path.at(-1) ?? { x: 0, y: 0 }).y,
    })),
  );
  const right = toScreen(view, { x: box.maxX, y: 0 }).x + 8;
  const hasWaist = drafted.piece.levels.some(({ name }) => name === 'waist');
  const place = grainPlace(box, edge !== undefined, hasWaist);
  // A piece that was opened flat has its grain in its middle, between its darts.
  const grain = toScreen(
    view,
    drafted.piece.cut.layers === 'single' && hasWaist ? { ...place, x: 0 } : place,
  );
  const centre = toScreen(view, { x: 0, y: (box.minY + box.maxY) / 2 });
  return (
    <div
      ref={holder}
      className="size-full min-h-0 overflow-hidden rounded-soft"
      style={{ background: cloth }}
    >
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role={movable.length > 0 ? 'group' : 'img'}
          aria-label={`${drafted.piece.name}, drawn on the cloth`}
        >
          <g transform={viewTransform(view)}>
            {other && <OtherDraft drafted={other} colour={markInHand(cloth)} />}
            <PieceDrawing drafted={drafted} colour={colour} lit={lit} line={line} />
            {movable.map((each) => (
              <PointHandle key={each.label} point={each} view={view} unit={unit} colour={markInHand(cloth)} />
            ))}
          </g>
          <GrainArrow
            at={edge ? { ...grain, x: Math.max(grain.x, centre.x + CLEAR_OF_CENTRE) } : grain}
            colour={colour}
            words={drafted.piece.name}
          />
          {labels.map(({ name, down, y }) => (
            <text key={name} x={right} y={y + 4} fill={colour} fontSize="13">
              {levelKind(name).words} {formatNumber(down, unit, { style: 'typeset' })}
            </text>
          ))}
          {edge && (
            <text
              transform={`translate(${centre.x - 12} ${centre.y}) rotate(-90)`}
              textAnchor="middle"
              fill={colour}
              fontSize="13"
            >
              {edge.role === 'fold' ? 'fold' : 'centre back'}
            </text>
          )}
        </svg>
      )}
    </div>
  );
}

/** Another draft of the piece, stitch line only, in the chalk of the mark in hand. */
const OtherDraft = ({ drafted, colour }: { readonly drafted: DraftedPiece; readonly colour: string }) => (
  <path
    d={ringText(drafted.stitch)}
    fill="none"
    stroke={colour}
    strokeWidth="2"
    strokeDasharray="7 5"
    vectorEffect="non-scaling-stroke"
  />
);

/** Low where the piece goes to the waist, and near the centre where it has one: clear of darts, the bust point and the labels. */
const grainPlace = (box: Box, hasCentre: boolean, hasWaist: boolean): Point => ({
  x: box.minX + (hasCentre ? 0.17 : 0.42) * (box.maxX - box.minX),
  y: box.minY + (hasWaist ? 0.76 : 0.45) * (box.maxY - box.minY),
});

/** Half the length of the grain arrow, in pixels. */
const GRAIN = 52;

/** The piece's name along its grain; the arrow points to the hem. */
const GrainArrow = ({
  at,
  colour,
  words,
}: {
  readonly at: Point;
  readonly colour: string;
  readonly words: string;
}) => (
  <g transform={`translate(${at.x} ${at.y})`} stroke={colour} fill="none" strokeWidth="1.5" opacity="0.85">
    <path d={`M0 ${-GRAIN}V${GRAIN}M-5 ${GRAIN - 9}L0 ${GRAIN}L5 ${GRAIN - 9}`} />
    <text
      transform="translate(-9 0) rotate(-90)"
      textAnchor="middle"
      fill={colour}
      stroke="none"
      fontSize="13"
    >
      {words}
    </text>
  </g>
);

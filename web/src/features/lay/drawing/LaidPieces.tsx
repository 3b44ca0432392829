import type { Ring } from '@ample-bolt/core/geometry/ring';
import { creaseLine, creasesOf, type Lay, type Placement } from '@ample-bolt/core/lay/model/lay';
import type { Unit } from '@ample-bolt/core/units/length';
import { lineText, ringText } from '../../../canvas/path-text.ts';
import { LaidPiece, type Move, type Way } from './LaidPiece.tsx';
import { onTable, sectionsShown, type TableView } from './table-view.ts';

/** How near a side has to come to be drawn to another, in pixels. */
const SNAP = 7;

export const placementKey = ({ piece, copy }: Placement): string => `${piece} ${copy}`;

const fixed = { vectorEffect: 'non-scaling-stroke' as const };

export interface LaidPiecesProps {
  readonly lay: Lay;
  readonly unit: Unit;
  readonly table: TableView;
  /** What is cut from blocks once they are fused. */
  readonly inside?: readonly Ring[];
  readonly selected: string | undefined;
  readonly onSelect: (key: string | undefined) => void;
  /** Pieces that stay where they are, by their keys. */
  readonly locked?: readonly string[];
  /** Pieces that lie where they cannot be cut, as faults name them. */
  readonly faulty?: ReadonlySet<string>;
  /** A piece is dragged, or was let go: how far it is to go, and within what reach, mm, it snaps, if it does. */
  readonly onDrag?: ((key: string, way: Way, move: Move & { readonly reach: number }) => void) | undefined;
}

/** The pieces as they lie on the cloth, and the creases that it is folded on. */
export function LaidPieces({
  lay,
  unit,
  table: { scale, shown, colour },
  inside = [],
  selected,
  onSelect,
  locked = [],
  faulty = new Set(),
  onDrag,
}: LaidPiecesProps) {
  return (
    <g transform={onTable(scale)} stroke={colour} strokeLinejoin="round">
      {lay.placements.map((placement) => {
        const key = placementKey(placement);
        return (
          <LaidPiece
            key={key}
            placement={placement}
            colour={colour}
            unit={unit}
            scale={scale}
            chosen={key === selected}
            locked={locked.includes(key)}
            faulty={faulty.has(`${placement.piece} ${placement.copy + 1}`)}
            onSelect={() => onSelect(key)}
            onDrag={onDrag && ((way, move) => onDrag(key, way, { ...move, reach: SNAP / scale }))}
          />
        );
      })}
      {inside.map((ring) => (
        <path
          key={ringText(ring)}
          d={ringText(ring)}
          fill="none"
          strokeDasharray="5 4"
          pointerEvents="none"
          {...fixed}
        />
      ))}
      {sectionsShown(lay, shown).flatMap((section) =>
        creasesOf(section).map((crease) => (
          <path
            key={`${section.from} ${crease.axis} ${crease.at}`}
            d={lineText(creaseLine(crease, { from: section.from, to: section.end }, lay.width))}
            strokeWidth="2"
            strokeDasharray="12 7"
            pointerEvents="none"
            {...fixed}
          />
        )),
      )}
    </g>
  );
}

import type { Placement } from '@ample-bolt/core/lay/model/lay';
import { boxOf } from '@ample-bolt/core/geometry/ring';
import { formatLength } from '@ample-bolt/core/units/format-length';
import { mmPer, type Unit } from '@ample-bolt/core/units/length';
import { pieceName } from '@ample-bolt/core/words/names';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { ringText } from '../../../canvas/path-text.ts';

/** A way that a piece is moved on the cloth, mm. */
export interface Way {
  readonly across: number;
  readonly along: number;
}

interface LaidPieceProps {
  readonly placement: Placement;
  readonly colour: string;
  readonly unit: Unit;
  /** Pixels to a mm. */
  readonly scale: number;
  readonly chosen: boolean;
  readonly locked: boolean;
  /** It lies where it cannot be cut. */
  readonly faulty: boolean;
  readonly onSelect: () => void;
  /** Undefined where pieces cannot be moved. */
  readonly onDrag: ((way: Way, move: Move) => void) | undefined;
}

/** Whether a piece was let go there, and whether it snaps: the pointer is drawn to what is near, keys go by their step. */
export interface Move {
  readonly done: boolean;
  readonly snaps: boolean;
}

/** A press of an arrow key: ⅛ in or 2 mm; with Shift an inch or 2 cm. */
const STEP = { in: { fine: 1 / 8, coarse: 1 }, cm: { fine: 0.2, coarse: 2 } } as const;

/** The length runs right on the screen, the width down. */
const arrows: { readonly [key: string]: Way } = {
  ArrowRight: { across: 0, along: 1 },
  ArrowLeft: { across: 0, along: -1 },
  ArrowDown: { across: 1, along: 0 },
  ArrowUp: { across: -1, along: 0 },
};
/** A hand that chooses a piece trembles by less than this, in pixels. */
const MEANT = 4;

/** A piece as it lies, to be chosen, dragged, or moved by the arrow keys. */
export function LaidPiece({
  placement,
  colour,
  unit,
  scale,
  chosen,
  locked,
  faulty,
  onSelect,
  onDrag,
}: LaidPieceProps) {
  const { minX, minY } = boxOf(placement.polygon);
  const length = (mm: number) => formatLength(mm, unit, { denominator: 8, decimals: 1 });
  const from = useRef<{ readonly x: number; readonly y: number; moved: boolean }>(undefined);
  const wayOf = (event: PointerEvent): Way => ({
    across: (event.clientY - (from.current?.y ?? 0)) / scale,
    along: (event.clientX - (from.current?.x ?? 0)) / scale,
  });
  const press = (event: PointerEvent<SVGPathElement>) => {
    onSelect();
    if (!onDrag || locked) return;
    from.current = { x: event.clientX, y: event.clientY, moved: false };
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const drag = (event: PointerEvent) => {
    const start = from.current;
    if (!start || !onDrag) return;
    start.moved ||= Math.hypot(event.clientX - start.x, event.clientY - start.y) > MEANT;
    if (start.moved) onDrag(wayOf(event), { done: false, snaps: true });
  };
  const release = (event: PointerEvent) => {
    if (from.current?.moved) onDrag?.(wayOf(event), { done: true, snaps: true });
    from.current = undefined;
  };
  const key = (event: KeyboardEvent) => {
    if (event.key === 'Enter') onSelect();
    const arrow = arrows[event.key];
    if (!arrow || !onDrag || locked) return;
    event.preventDefault();
    event.stopPropagation();
    onSelect();
    const step = STEP[unit][event.shiftKey ? 'coarse' : 'fine'] * mmPer(unit);
    onDrag({ across: arrow.across * step, along: arrow.along * step }, { done: true, snaps: false });
  };
  return (
    <path
      d={ringText(placement.polygon)}
      fill={faulty ? 'var(--color-madder)' : colour}
      fillOpacity={faulty ? 0.75 : chosen ? 0.24 : 0.07}
      strokeWidth={chosen ? 3 : 1.5}
      strokeDasharray={locked ? '2 5' : undefined}
      vectorEffect="non-scaling-stroke"
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${pieceName(placement.piece)} ${placement.copy + 1}${locked ? ', locked' : ''}`}
      aria-description={`${length(minY)} from the start, ${length(minX)} from the upper selvedge${onDrag && !locked ? '; arrow keys move it' : ''}`}
      onPointerDown={press}
      onPointerMove={drag}
      onPointerUp={release}
      onPointerCancel={() => {
        from.current = undefined;
      }}
      onClick={(event) => event.stopPropagation()}
      onKeyDown={key}
      className={`touch-none outline-offset-2 ${onDrag && !locked ? 'cursor-grab active:cursor-grabbing' : 'cursor-pointer'}`}
    />
  );
}

import { dot, DOWN, OUT, scale, type Point } from '@ample-bolt/core/geometry/point';
import { formatLength } from '@ample-bolt/core/units/format-length';
import { mmPer, type Unit } from '@ample-bolt/core/units/length';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { View } from './view.ts';

/** A point of a piece that sets one figure, moved along one way only. */
export interface MovablePoint {
  readonly at: Point;
  /** A unit vector: moved that way, the figure grows. */
  readonly way: Point;
  /** Of a millimetre of the figure, what the point is seen to move; 1 unless told. */
  readonly shown?: number;
  readonly label: string;
  /** The figure that it sets, mm. */
  readonly mm: number;
  /** Between what it can be set, mm, where that is known. */
  readonly range?: { readonly least: number; readonly most: number };
  /** The figure that the hand wants, to the step of the chalk, mm. */
  readonly onMove: (mm: number) => void;
}

interface PointHandleProps {
  readonly point: MovablePoint;
  readonly view: View;
  readonly unit: Unit;
  readonly colour: string;
}

/** The step of the chalk: ⅛ in or half a centimetre; with Shift an inch or a centimetre. */
const STEP = { in: { fine: 1 / 8, coarse: 1 }, cm: { fine: 0.5, coarse: 1 } } as const;

/** Where an arrow key points. */
const directions: { readonly [key: string]: Point } = {
  ArrowRight: OUT,
  ArrowLeft: scale(OUT, -1),
  ArrowDown: DOWN,
  ArrowUp: scale(DOWN, -1),
};
/** A key that points this much along the point's way, or against it, moves it. */
const MEANT = 0.5;

/** A ring around the point: dragged along its way, or moved by the arrow keys. */
export function PointHandle({ point, view, unit, colour }: PointHandleProps) {
  const { at, way, shown = 1, label, mm, range, onMove } = point;
  const inUnit = (length: number) => Number((length / mmPer(unit)).toFixed(3));
  const held = useRef<{ readonly from: number; readonly mm: number }>(undefined);
  const along = ({ clientX, clientY }: PointerEvent) => dot({ x: clientX, y: clientY }, way);
  const sideways = Math.abs(way.x) > Math.abs(way.y);
  const toStep = (wanted: number) => {
    const step = STEP[unit].fine * mmPer(unit);
    return Math.round(wanted / step) * step;
  };
  const drag = (event: PointerEvent) => {
    if (held.current)
      onMove(toStep(held.current.mm + (along(event) - held.current.from) / (view.scale * shown)));
  };
  const release = () => {
    held.current = undefined;
  };
  const press = (event: KeyboardEvent) => {
    const direction = directions[event.key];
    const meant = direction ? dot(direction, way) : 0;
    if (Math.abs(meant) < MEANT) return;
    event.preventDefault();
    const size = STEP[unit][event.shiftKey ? 'coarse' : 'fine'] * mmPer(unit);
    onMove(toStep(mm + Math.sign(meant) * size));
  };
  return (
    <circle
      cx={at.x}
      cy={at.y}
      r={9 / view.scale}
      fill={colour}
      fillOpacity="0.15"
      stroke={colour}
      strokeWidth="3"
      vectorEffect="non-scaling-stroke"
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={inUnit(mm)}
      aria-valuemin={range && inUnit(range.least)}
      aria-valuemax={range && inUnit(range.most)}
      aria-valuetext={formatLength(mm, unit, { denominator: 16, decimals: 1 })}
      aria-orientation={sideways ? 'horizontal' : 'vertical'}
      onKeyDown={press}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = { from: along(event), mm };
      }}
      onPointerMove={drag}
      onPointerUp={release}
      onPointerCancel={release}
      className={`touch-none ${sideways ? 'cursor-ew-resize' : 'cursor-ns-resize'}`}
    />
  );
}

import {
  curveLength,
  endDirection,
  placeAtLength,
  splitCurve,
  startDirection,
  type Curve,
} from '../../../geometry/curve.ts';
import { angleBetween } from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';

/** Handles of the rounded corner, as parts of what was trimmed. The team's drafting study. */
const ROUNDED = 0.62;

/** A line that turns a corner: `after` starts where `before` ends. */
export interface Cornered {
  readonly before: Curve;
  readonly after: Curve;
}

/** Angle by which the line turns at its corner, radians. */
export const bendOf = ({ before, after }: Cornered): number =>
  Math.abs(angleBetween(endDirection(before), startDirection(after)));

/** The line with `trim` mm on each side of its corner drawn as one curve; `fullness` lengthens that curve's handles. */
export function roundCorner({ before, after }: Cornered, trim: number, fullness = 1): Curve {
  if (trim <= 0) return [...before, ...after];
  const whole = curveLength(before);
  const [upper] = splitCurve(before, whole - trim);
  const [, lower] = splitCurve(after, trim);
  const from = placeAtLength(before, whole - trim);
  const to = placeAtLength(after, trim);
  const handle = ROUNDED * trim * fullness;
  return [
    ...upper,
    handleCurve(from.point, from.direction, handle, to.point, to.direction, handle),
    ...lower,
  ];
}

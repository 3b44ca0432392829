import type { Curve } from './curve.ts';
import { add, point, scale, type Point } from './point.ts';
import { arc, cubic } from './segment.ts';

/** A round is drawn in parts of at most this angle each: as a cubic none strays from its circle by more than 4 parts in a million of the radius. */
const WIDEST = Math.PI / 4;

/** The point of a circle around the origin, the angle counted from straight down towards the right. */
export const onCircle = (radius: number, angle: number): Point =>
  point(radius * Math.sin(angle), radius * Math.cos(angle));

const partsOf = (from: number, to: number): number =>
  Math.max(1, Math.ceil(Math.abs(to - from) / WIDEST - 1e-9));

/** Which way a circle runs on at an angle, for growing angles. */
const tangent = (angle: number): Point => point(Math.cos(angle), -Math.sin(angle));

/**
 * An arc around the origin whose radius may change with the angle, from one angle to another. Handles are 4⁄3 tan(Δ ÷ 4) of the
 * radius: the usual cubic of a circle. `radiusAt` gives mm, its slope mm a radian.
 */
export function roundArc(
  radiusAt: (angle: number) => { readonly mm: number; readonly slope: number },
  from: number,
  to: number,
): Curve {
  const count = partsOf(from, to);
  const step = (to - from) / count;
  const handle = (4 / 3) * Math.tan(step / 4);
  const at = (angle: number) => {
    const { mm, slope } = radiusAt(angle);
    const along = add(scale(tangent(angle), mm), onCircle(slope, angle));
    return { p: onCircle(mm, angle), reach: scale(along, handle) };
  };
  return Array.from({ length: count }, (_, index) => {
    const [a, b] = [at(from + index * step), at(from + (index + 1) * step)];
    return cubic(a.p, add(a.p, a.reach), add(b.p, scale(b.reach, -1)), b.p);
  });
}

/** An arc of one radius around the origin, mm: a true one, in parts of an eighth of a circle at most. */
export function circleArc(radius: number, from: number, to: number): Curve {
  const count = partsOf(from, to);
  const step = (to - from) / count;
  const origin = point(0, 0);
  // Angles grow from straight down towards the right: against the clock on screen.
  return Array.from({ length: count }, (_, index) => ({
    ...arc(onCircle(radius, from + index * step), origin, -step),
    b: onCircle(radius, from + (index + 1) * step),
  }));
}

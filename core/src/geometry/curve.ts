import { add, distance, rotate, subtract, type Point } from './point.ts';
import {
  asCubic,
  cubic,
  directionAt,
  line,
  mapSegment,
  parameterAtLength,
  pointAt,
  reverseSegment,
  sampleSegment,
  segmentLength,
  splitSegment,
  type Segment,
} from './segment.ts';

/** A run of segments, each starting where the one before ends. Never empty. */
export type Curve = readonly Segment[];

function segmentOf(curve: Curve, index: number): Segment {
  const segment = curve.at(index);
  if (!segment) throw new Error('a curve has at least one segment');
  return segment;
}

export const startOf = (curve: Curve): Point => segmentOf(curve, 0).a;
export const endOf = (curve: Curve): Point => segmentOf(curve, -1).b;
export const startDirection = (curve: Curve): Point => directionAt(segmentOf(curve, 0), 0);
export const endDirection = (curve: Curve): Point => directionAt(segmentOf(curve, -1), 1);
export const curveLength = (curve: Curve): number =>
  curve.reduce((sum, segment) => sum + segmentLength(segment), 0);
export const reverseCurve = (curve: Curve): Curve => curve.map(reverseSegment).reverse();
export const mapCurve = (curve: Curve, move: (p: Point) => Point): Curve =>
  curve.map((segment) => mapSegment(segment, move));

/** Points on the curve, both ends included, whose chords stay within `tolerance` mm. */
export const sampleCurve = (curve: Curve, tolerance: number): Point[] => [
  startOf(curve),
  ...curve.flatMap((segment) => sampleSegment(segment, tolerance)),
];

interface Place {
  readonly index: number;
  readonly t: number;
  readonly point: Point;
  readonly direction: Point;
}

/** The place at `length` mm along the curve; lengths outside it give its ends. */
export function placeAtLength(curve: Curve, length: number): Place {
  let rest = Math.max(0, length);
  for (const [index, segment] of curve.entries()) {
    const whole = segmentLength(segment);
    if (rest <= whole || index === curve.length - 1) {
      const t = parameterAtLength(segment, Math.min(rest, whole), whole);
      return { index, t, point: pointAt(segment, t), direction: directionAt(segment, t) };
    }
    rest -= whole;
  }
  throw new Error('a curve has at least one segment');
}

/** The two parts before and after `length` mm along the curve, which must lie strictly inside it. */
export function splitCurve(curve: Curve, length: number): [Curve, Curve] {
  const { index, t } = placeAtLength(curve, length);
  if (t < 1e-9 && index > 0) return [curve.slice(0, index), curve.slice(index)];
  if (t > 1 - 1e-9 && index < curve.length - 1) return [curve.slice(0, index + 1), curve.slice(index + 1)];
  if (t <= 0 || t >= 1)
    throw new Error(`a curve of ${curveLength(curve)} mm cannot be split at ${length} mm`);
  const [before, after] = splitSegment(segmentOf(curve, index), t);
  return [
    [...curve.slice(0, index), before],
    [after, ...curve.slice(index + 1)],
  ];
}

/** The first place at which the coordinate `axis` reaches `value`: the segment and its parameter there; undefined where it never does. */
function passing(curve: Curve, axis: 'x' | 'y', value: number): { index: number; t: number } | undefined {
  for (const [index, segment] of curve.entries()) {
    const from = segment.a[axis] - value;
    const to = segment.b[axis] - value;
    if (from === 0) return { index, t: 0 };
    if (from * to > 0) continue;
    let [low, high] = [0, 1];
    for (let step = 0; step < 60; step++) {
      const middle = (low + high) / 2;
      if ((pointAt(segment, middle)[axis] - value) * from > 0) low = middle;
      else high = middle;
    }
    return { index, t: (low + high) / 2 };
  }
  return undefined;
}

/** Length along the curve to where the coordinate `axis` first reaches `value`, mm; undefined where it never does. */
export function lengthWhere(curve: Curve, axis: 'x' | 'y', value: number): number | undefined {
  const place = passing(curve, axis, value);
  return (
    place &&
    curveLength(curve.slice(0, place.index)) + segmentLength(segmentOf(curve, place.index), 0, place.t)
  );
}

/** The same, held to the curve: its nearer end where it never reaches `value`. */
export function lengthTo(curve: Curve, axis: 'x' | 'y', value: number): number {
  const off = (end: Point): number => Math.abs(end[axis] - value);
  return (
    lengthWhere(curve, axis, value) ?? (off(startOf(curve)) <= off(endOf(curve)) ? 0 : curveLength(curve))
  );
}

/** The point at which the coordinate `axis` first reaches `value`; undefined where it never does. */
export function pointWhere(curve: Curve, axis: 'x' | 'y', value: number): Point | undefined {
  const place = passing(curve, axis, value);
  return place && pointAt(segmentOf(curve, place.index), place.t);
}

/** Places looked at on each segment before the nearest is sought finely. */
const SAMPLES = 24;

/** The parameter at which a segment comes nearest to a point: a fine search around the best of many samples. */
function nearestParameter(segment: Segment, target: Point): number {
  const gapAt = (t: number): number => distance(pointAt(segment, t), target);
  let best = 0;
  for (let index = 1; index <= SAMPLES; index++)
    if (gapAt(index / SAMPLES) < gapAt(best / SAMPLES)) best = index;
  let [low, high] = [Math.max(0, best - 1) / SAMPLES, Math.min(SAMPLES, best + 1) / SAMPLES];
  while (high - low > 1e-7) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
    if (gapAt(a) < gapAt(b)) high = b;
    else low = a;
  }
  return (low + high) / 2;
}

/** The place of a curve that is nearest to a point: length along the curve, and distance from the point, mm. */
export function nearestOn(curve: Curve, target: Point): { readonly along: number; readonly gap: number } {
  let nearest = { along: 0, gap: Infinity };
  let before = 0;
  for (const segment of curve) {
    const t = nearestParameter(segment, target);
    const gap = distance(pointAt(segment, t), target);
    if (gap < nearest.gap) nearest = { along: before + segmentLength(segment, 0, t), gap };
    before += segmentLength(segment);
  }
  return nearest;
}

/** The two parts of a curve at a length along it; at an end, within `tolerance` mm, one of them is empty. */
export function partedAt(curve: Curve, length: number, tolerance: number): readonly [Curve, Curve] {
  if (length <= tolerance) return [[], curve];
  return length >= curveLength(curve) - tolerance ? [curve, []] : splitCurve(curve, length);
}

/** The curve with its start moved, and the handle there with it. */
export function startedAt([first, ...rest]: Curve, start: Point): Curve {
  if (!first) throw new Error('a curve has at least one segment');
  if (first.kind === 'line') return [line(start, first.b), ...rest];
  const by = subtract(start, first.a);
  const { c, d, b } = asCubic(first);
  return [cubic(start, add(c, by), d, b), ...rest];
}

/** The curve with its end moved, and the handle there with it. */
export const endedAt = (curve: Curve, end: Point): Curve => reverseCurve(startedAt(reverseCurve(curve), end));

/** The curve with the handle at its start turned by `angle`, radians; a straight start then bends. */
export function startTurned([first, ...rest]: Curve, angle: number): Curve {
  if (!first) throw new Error('a curve has at least one segment');
  if (angle === 0) return [first, ...rest];
  const { a, c, d, b } = asCubic(first);
  return [cubic(a, rotate(c, a, angle), d, b), ...rest];
}

/** The curve with the handle at its end turned by `angle`, radians. */
export const endTurned = (curve: Curve, angle: number): Curve =>
  reverseCurve(startTurned(reverseCurve(curve), angle));

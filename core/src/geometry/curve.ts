import { clamp } from './clamp.ts';
import { add, subtract, type Point } from './point.ts';
import {
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
  let rest = clamp(length, 0, curveLength(curve));
  for (const [index, segment] of curve.entries()) {
    const whole = segmentLength(segment);
    if (rest <= whole || index === curve.length - 1) {
      const t = parameterAtLength(segment, Math.min(rest, whole));
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

/** How far along the curve the coordinate `axis` first reaches `value`; the curve must pass it. */
export function lengthWhere(curve: Curve, axis: 'x' | 'y', value: number): number | undefined {
  let before = 0;
  for (const segment of curve) {
    const from = segment.a[axis] - value;
    const to = segment.b[axis] - value;
    if (from === 0) return before;
    if (from * to <= 0) {
      let low = 0;
      let high = 1;
      for (let step = 0; step < 60; step++) {
        const middle = (low + high) / 2;
        if ((pointAt(segment, middle)[axis] - value) * from > 0) low = middle;
        else high = middle;
      }
      return before + segmentLength(segment, 0, (low + high) / 2);
    }
    before += segmentLength(segment);
  }
  return undefined;
}

/** How far along the curve it comes nearest to a point, and how near, mm: a fine search around the best of many samples. */
export function nearestOn(curve: Curve, target: Point): { readonly along: number; readonly gap: number } {
  const whole = curveLength(curve);
  const gapAt = (along: number): number => {
    const { point } = placeAtLength(curve, along);
    return Math.hypot(point.x - target.x, point.y - target.y);
  };
  const samples = 48;
  let best = 0;
  for (let index = 1; index <= samples; index++)
    if (gapAt((whole * index) / samples) < gapAt((whole * best) / samples)) best = index;
  let low = (whole * Math.max(0, best - 1)) / samples;
  let high = (whole * Math.min(samples, best + 1)) / samples;
  while (high - low > 1e-4) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
    if (gapAt(a) < gapAt(b)) high = b;
    else low = a;
  }
  const along = (low + high) / 2;
  return { along, gap: gapAt(along) };
}

/** The curve with its start moved, and the handle there with it. */
export function startedAt([first, ...rest]: Curve, start: Point): Curve {
  if (!first) throw new Error('a curve has at least one segment');
  if (first.kind === 'line') return [line(start, first.b), ...rest];
  const by = subtract(start, first.a);
  return [cubic(start, add(first.c, by), first.d, first.b), ...rest];
}

/** The curve with its end moved, and the handle there with it. */
export const endedAt = (curve: Curve, end: Point): Curve => reverseCurve(startedAt(reverseCurve(curve), end));

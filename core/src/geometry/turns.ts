import type { Curve } from './curve.ts';
import { rotate, type Point } from './point.ts';
import { pointAt, type Segment } from './segment.ts';

/** The roots in (0, 1) of a x² + b x + c. */
function quadraticRoots(a: number, b: number, c: number): number[] {
  const inside = (roots: number[]) => roots.filter((t) => t > 0 && t < 1);
  if (Math.abs(a) < 1e-12 * Math.abs(b)) return inside([-c / b]);
  const square = b * b - 4 * a * c;
  if (square <= 0) return [];
  const q = -0.5 * (b + (b < 0 ? -1 : 1) * Math.sqrt(square));
  return inside([q / a, c / q]);
}

/** Extremes of the offset of a segment from a line, as parameters in order; `offset` is linear in its point. */
export function turnsOf(segment: Segment, offset: (p: Point) => number): number[] {
  if (segment.kind === 'line') return [];
  if (segment.kind === 'arc') {
    // Round a circle the offset is a sine of the angle: it turns where its slope is none.
    const { a, centre, angle } = segment;
    const [start, ahead] = [
      offset(a) - offset(centre),
      offset(rotate(a, centre, Math.PI / 2)) - offset(centre),
    ];
    const first = Math.atan2(ahead, start);
    return Array.from({ length: 7 }, (_, turn) => (first + (turn - 3) * Math.PI) / angle)
      .filter((t) => t > 0 && t < 1)
      .sort((s, t) => s - t);
  }
  const [a, c, d, b] = [segment.a, segment.c, segment.d, segment.b].map(offset) as [
    number,
    number,
    number,
    number,
  ];
  const [p, q, r] = [c - a, d - c, b - d];
  return quadraticRoots(p - 2 * q + r, 2 * (q - p), p).sort((s, t) => s - t);
}

/** The highest point of a curve, y in mm: the least of it, at an end or where it turns back. */
export const highestOn = (curve: Curve): number =>
  Math.min(
    ...curve.flatMap((segment) =>
      [0, ...turnsOf(segment, ({ y }) => y), 1].map((t) => pointAt(segment, t).y),
    ),
  );

import { cross, subtract, type Point } from './point.ts';
import { pointAt, type Segment } from './segment.ts';
import { solve } from './solve.ts';
import { turnsOf } from './turns.ts';

/**
 * Where a segment crosses the line through `from` along `run`: points on the curve itself, not on chords. Between the places
 * where its offset from the line turns back, the offset has one root at most. A start on the line belongs to the segment before.
 */
export function lineCrossings(segment: Segment, from: Point, run: Point): Point[] {
  const offset = (p: Point): number => cross(run, subtract(p, from));
  const at = (t: number): number => offset(pointAt(segment, t));
  const stops = [0, ...turnsOf(segment, offset), 1];
  return stops.slice(1).flatMap((to, index) => {
    const start = stops[index] ?? 0;
    if (at(start) < 0 === at(to) < 0) return [];
    return [pointAt(segment, solve(at, start, to).x)];
  });
}

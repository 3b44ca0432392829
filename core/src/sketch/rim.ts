import { lookup, type Lookup } from '../geometry/lookup.ts';
import type { Point } from '../geometry/point.ts';
import { sidesOf, type Ring } from '../geometry/ring.ts';

/** Step of the lines that a rim is measured on, mm. */
const STEP = 4;

/** The steepest that a rim comes in, mm for each mm along it: where rings end it falls by this instead of leaping. */
const FALL = 10;

type Along = (p: Point) => number;

/** The furthest that the sides of rings reach at a place, or undefined where they are not. */
function reachAt(
  sides: readonly (readonly [Point, Point])[],
  at: number,
  key: Along,
  value: Along,
): number | undefined {
  let most: number | undefined;
  for (const [a, b] of sides) {
    const [low, high] = [Math.min(key(a), key(b)), Math.max(key(a), key(b))];
    if (at < low || at > high) continue;
    const run = key(b) - key(a);
    const part = run === 0 ? 1 : (at - key(a)) / run;
    const found = value(a) + (value(b) - value(a)) * part;
    if (most === undefined || found > most) most = found;
  }
  return most;
}

/**
 * The furthest that rings reach along one axis, by the place on the other; undefined where they are nowhere. Where it would
 * leap, off a corner, it falls from the corner instead: else a corner that passes a line that is measured on would move the
 * rim by the whole leap.
 */
function furthest(rings: readonly Ring[], key: Along, value: Along): Lookup | undefined {
  const sides = rings.flatMap((ring) => [...sidesOf(ring)]);
  const corners = rings.flatMap((ring) => ring.map((p) => ({ at: key(p), reach: value(p) })));
  const keys = corners.map(({ at }) => at);
  const [least, most] = [Math.min(...keys), Math.max(...keys)];
  const rows: number[] = [];
  for (let row = Math.ceil(least / STEP); row * STEP <= most; row++) rows.push(row * STEP);
  const pairs = [least, ...rows, most].flatMap((at): [number, number][] => {
    const straight = reachAt(sides, at, key, value);
    if (straight === undefined) return [];
    return [[at, corners.reduce((far, c) => Math.max(far, c.reach - FALL * Math.abs(at - c.at)), straight)]];
  });
  return pairs.length > 0 ? lookup(pairs) : undefined;
}

/** The furthest that rings reach to the right, by height, mm. */
export const outerRim = (rings: readonly Ring[]): Lookup | undefined =>
  furthest(
    rings,
    ({ y }) => y,
    ({ x }) => x,
  );

/** The lowest that rings reach, by the place across, mm. */
export const lowerRim = (rings: readonly Ring[]): Lookup | undefined =>
  furthest(
    rings,
    ({ x }) => x,
    ({ y }) => y,
  );

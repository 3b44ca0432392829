import { lookup, type Lookup } from '../geometry/lookup.ts';
import type { Point } from '../geometry/point.ts';
import { sidesOf, type Ring } from '../geometry/ring.ts';

/** Step of the lines that a rim is measured on, mm. */
const STEP = 4;

/** The furthest that rings reach along one axis, by the place on the other; undefined where they are nowhere. */
function furthest(
  rings: readonly Ring[],
  key: (p: Point) => number,
  value: (p: Point) => number,
): Lookup | undefined {
  const most = new Map<number, number>();
  for (const ring of rings)
    for (const [a, b] of sidesOf(ring)) {
      const isUp = key(a) <= key(b);
      const from = isUp ? a : b;
      const to = isUp ? b : a;
      const run = key(to) - key(from);
      for (let row = Math.ceil(key(from) / STEP); row * STEP <= key(to); row++) {
        const part = run === 0 ? 1 : (row * STEP - key(from)) / run;
        const at = value(from) + (value(to) - value(from)) * part;
        const known = most.get(row * STEP);
        if (known === undefined || at > known) most.set(row * STEP, at);
      }
    }
  return most.size > 0 ? lookup([...most]) : undefined;
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

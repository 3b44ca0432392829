import { add, cross, distance, dot, scale, subtract, type Point } from '../../geometry/point.ts';
import type { Ring } from '../../geometry/ring.ts';

/** A corner that is kept, and how far the side that starts at it stands outside the true ring, mm. */
interface Corner {
  readonly p: Point;
  readonly outside: number;
}

/** What can be saved: so many corners from one on, for others that stand so far outside. */
interface Saving {
  readonly at: number;
  readonly taken: number;
  /** The corner before it, with what its side now stands outside, and those that take the place of the taken. */
  readonly before: Corner;
  readonly instead: readonly Corner[];
  readonly outside: number;
}

/** Where the lines a–b and d–c meet beyond b and c, or nothing when they part. */
function neighbours(a: Point, b: Point, c: Point, d: Point): Point | undefined {
  const [u, v] = [subtract(b, a), subtract(c, d)];
  const turn = cross(u, v);
  if (Math.abs(turn) < 1e-9) return undefined;
  const along = cross(subtract(d, a), v) / turn;
  const beyond = cross(subtract(d, a), u) / turn;
  return along >= 1 && beyond >= 1 ? add(a, scale(u, along)) : undefined;
}

const heightOver = (p: Point, a: Point, b: Point): number =>
  Math.abs(cross(subtract(b, a), subtract(p, a))) / Math.max(distance(a, b), 1e-9);

/** A hollow corner is bridged; a side between two round corners gives way to where its neighbours meet. */
function savingAt(ring: readonly Corner[], at: number): Saving | undefined {
  const corner = (offset: number): Corner => {
    const found = ring[(at + offset + ring.length) % ring.length];
    if (!found) throw new Error('a ring has corners');
    return found;
  };
  const [before, here, next, after] = [corner(-1), corner(0), corner(1), corner(2)];
  const into = subtract(here.p, before.p);
  const along = subtract(next.p, here.p);
  const turn = cross(into, along);
  if (turn <= 1e-9) {
    if (dot(into, along) <= 0) return undefined;
    const outside = heightOver(here.p, before.p, next.p) + Math.max(before.outside, here.outside);
    return { at, taken: 1, before: { p: before.p, outside }, instead: [], outside };
  }
  if (cross(along, subtract(after.p, next.p)) <= 0) return undefined;
  const met = neighbours(before.p, here.p, next.p, after.p);
  if (!met) return undefined;
  const outside = heightOver(met, here.p, next.p) + here.outside;
  return {
    at,
    taken: 2,
    before: { p: before.p, outside: Math.max(before.outside, outside) },
    instead: [{ p: met, outside: Math.max(next.outside, outside) }],
    outside,
  };
}

/** One round of savings that do not touch each other, those that stand out least first. */
function savedOnce(ring: readonly Corner[], limit: number): readonly Corner[] {
  const count = ring.length;
  const savings = ring
    .flatMap((_, at) => savingAt(ring, at) ?? [])
    .filter(({ outside }) => outside <= limit)
    .sort((a, b) => a.outside - b.outside);
  const touched = new Set<number>();
  const chosen = new Map<number, Saving>();
  for (const saving of savings) {
    const span = Array.from(
      { length: saving.taken + 2 },
      (_, index) => (saving.at - 1 + index + count) % count,
    );
    if (span.some((index) => touched.has(index))) continue;
    span.forEach((index) => touched.add(index));
    chosen.set(saving.at, saving);
  }
  const gone = new Set(
    [...chosen.values()].flatMap(({ at, taken }) =>
      Array.from({ length: taken }, (_, index) => (at + index) % count),
    ),
  );
  const renewed = new Map([...chosen.values()].map(({ at, before }) => [(at - 1 + count) % count, before]));
  return ring.flatMap((corner, index) => {
    const instead = chosen.get(index)?.instead ?? [];
    return gone.has(index) ? instead : [renewed.get(index) ?? corner];
  });
}

/** Shares of the limit, so that what stands out least is saved first. */
const STEPS = [0.1, 0.3, 0.6, 1];

/**
 * A ring with fewer corners that holds the whole ring (clockwise, positive area) and stands nowhere more than `outside` mm from
 * it: what fits around it fits around the ring.
 */
export function simplifyOutwards(ring: Ring, outside: number): Ring {
  let kept: readonly Corner[] = ring
    .filter((p, index) => distance(p, ring[(index + 1) % ring.length] ?? p) > 1e-6)
    .map((p) => ({ p, outside: 0 }));
  for (const step of STEPS)
    for (let before = Infinity; kept.length < before && kept.length > 8;) {
      before = kept.length;
      kept = savedOnce(kept, step * outside);
    }
  return kept.map(({ p }) => p);
}

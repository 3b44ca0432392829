import { boxOf, moveRing, type Ring } from '../geometry/ring.ts';

/** Outlines are left this far apart, mm, so that rounding a lay to its file cannot make them overlap. */
const GAP = 0.02;

type Axis = 'x' | 'y';

/** A ring seen along a sliding direction. Flat arrays, because pushing measures every corner against every side. */
interface Profile {
  readonly along: Float64Array;
  readonly across: Float64Array;
  readonly low: number;
  readonly high: number;
  readonly front: number;
  readonly back: number;
}

function profileOf(ring: Ring, axis: Axis): Profile {
  const along = Float64Array.from(ring, (p) => p[axis]);
  const across = Float64Array.from(ring, (p) => (axis === 'x' ? p.y : p.x));
  const [low, high, front, back] = [
    Math.min(...across),
    Math.max(...across),
    Math.min(...along),
    Math.max(...along),
  ];
  return { along, across, low, high, front, back };
}

/** Least distance from corners of `corners` to sides of `sides`, counted in `sense` along the axis, below `limit`. */
function freeRun(corners: Profile, sides: Profile, sense: 1 | -1, limit: number): number {
  let least = limit;
  const { along, across } = sides;
  const count = along.length;
  for (let index = 0, previous = count - 1; index < count; previous = index++) {
    const acrossA = across[previous]!;
    const acrossB = across[index]!;
    const low = Math.max(Math.min(acrossA, acrossB), corners.low);
    const high = Math.min(Math.max(acrossA, acrossB), corners.high);
    if (low > high || acrossA === acrossB) continue;
    const alongA = along[previous]!;
    const slope = (along[index]! - alongA) / (acrossB - acrossA);
    for (let corner = 0; corner < corners.along.length; corner++) {
      const at = corners.across[corner]!;
      if (at < low || at > high) continue;
      const run = sense * (corners.along[corner]! - alongA - slope * (at - acrossA));
      if (run >= -GAP && run < least) least = run;
    }
  }
  return least;
}

/** How far `moving` can slide towards the axis' start before it meets `fixed`, at most `limit` mm. */
function slideRun(moving: Profile, fixed: Profile, limit: number): number {
  const apart =
    moving.high <= fixed.low ||
    fixed.high <= moving.low ||
    moving.back <= fixed.front ||
    moving.front - fixed.back >= limit;
  return apart ? limit : freeRun(fixed, moving, -1, freeRun(moving, fixed, 1, limit));
}

export interface Sliding {
  readonly ring: Ring;
  /** On the fold of the cloth: it slides along the length only. */
  readonly atFold: boolean;
  /** It slides no further across than this, mm. */
  readonly least: number;
}

interface Body {
  readonly ring: Ring;
  readonly x: Profile;
  readonly y: Profile;
}

const bodyOf = (ring: Ring): Body => ({ ring, x: profileOf(ring, 'x'), y: profileOf(ring, 'y') });

/** The body moved towards the axis' start as far as the others allow. */
function slid(body: Body, others: readonly Body[], axis: Axis, least: number): Body {
  const room = body[axis].front - least + GAP;
  const free = others.reduce((limit, other) => slideRun(body[axis], other[axis], limit), room) - GAP;
  if (free <= GAP) return body;
  return bodyOf(axis === 'y' ? moveRing(body.ring, 0, -free) : moveRing(body.ring, -free, 0));
}

/**
 * Pushes outlines tight: each in turn slides towards the start of the cloth and then towards the fold or edge, as far as the
 * others let it, for `rounds` rounds. Outlines that did not overlap before do not overlap after.
 */
export function pushTight(items: readonly Sliding[], rounds: number): Ring[] {
  const bodies = items.map(({ ring }) => bodyOf(ring));
  for (let round = 0; round < rounds; round++) {
    const order = bodies
      .map((_, index) => index)
      .sort((a, b) => boxOf(bodies[a]?.ring ?? []).minY - boxOf(bodies[b]?.ring ?? []).minY);
    for (const index of order) {
      const others = bodies.filter((_, other) => other !== index);
      const slide = (axis: Axis, least: number) => {
        const body = bodies[index];
        if (body) bodies[index] = slid(body, others, axis, least);
      };
      slide('y', 0);
      const item = items[index];
      if (item && !item.atFold) slide('x', item.least);
    }
  }
  return bodies.map(({ ring }) => ring);
}

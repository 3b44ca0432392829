import { distance, point, type Point } from '../geometry/point.ts';
import { countSelfCrossings, sidesOf, signedArea, type Ring } from '../geometry/ring.ts';
import type { LayPiece } from '../lay/model/layable.ts';
import { seededRandom } from '../lay/plan/seeded-random.ts';

/** The place at a part of a ring's length, and the side that it is on. */
function placeOn(ring: Ring, part: number): { readonly p: Point; readonly side: number } {
  const sides = sidesOf(ring);
  let left = part * sides.reduce((sum, [a, b]) => sum + distance(a, b), 0);
  for (const [side, [a, b]] of sides.entries()) {
    const length = distance(a, b);
    if (left <= length)
      return { p: point(a.x + ((b.x - a.x) * left) / length, a.y + ((b.y - a.y) * left) / length), side };
    left -= length;
  }
  return { p: ring[0] ?? point(0, 0), side: 0 };
}

const BENDS = 3;

/** A ring cut in two along a line with bends, or nothing where the line leaves the ring or one part is much the smaller. */
function cutInTwo(ring: Ring, random: () => number): readonly [Ring, Ring] | undefined {
  const start = random();
  const [from, to] = [placeOn(ring, start), placeOn(ring, (start + 0.35 + 0.3 * random()) % 1)];
  if (from.side === to.side) return undefined;
  const [dx, dy] = [to.p.x - from.p.x, to.p.y - from.p.y];
  const bends = Array.from({ length: BENDS }, (_, index) => {
    const along = (index + 0.7 + 0.6 * random()) / (BENDS + 1);
    const out = 0.5 * (random() - 0.5);
    return point(from.p.x + along * dx - out * dy, from.p.y + along * dy + out * dx);
  });
  const after = (side: number, until: number): Point[] => {
    const corners: Point[] = [];
    for (let index = (side + 1) % ring.length; ; index = (index + 1) % ring.length) {
      const corner = ring[index];
      if (corner) corners.push(corner);
      if (index === until) return corners;
    }
  };
  const first = [from.p, ...after(from.side, to.side), to.p, ...[...bends].reverse()];
  const second = [to.p, ...after(to.side, from.side), from.p, ...bends];
  const [whole, part] = [signedArea(ring), signedArea(first)];
  if (part < 0.35 * whole || part > 0.65 * whole) return undefined;
  return countSelfCrossings(first) + countSelfCrossings(second) === 0 ? [first, second] : undefined;
}

/**
 * A rectangle cut into so many pieces with bent sides: laid as they were cut they leave nothing over, so the best lay is known. Seeded.
 */
export function dissectedRectangle(width: number, length: number, count: number, seed: number): LayPiece[] {
  const random = seededRandom(seed);
  let rings: readonly Ring[] = [[point(0, 0), point(width, 0), point(width, length), point(0, length)]];
  while (rings.length < count) {
    const [largest, ...others] = [...rings].sort((a, b) => signedArea(b) - signedArea(a));
    const halves = largest && cutInTwo(largest, random);
    if (halves) rings = [...others, ...halves];
  }
  return rings.map((outline, index) => ({
    id: `part-${index + 1}`,
    cut: { copies: 1, layers: 'single' },
    outline,
  }));
}

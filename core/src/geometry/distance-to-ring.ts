import type { Point } from './point.ts';
import { boxOf, type Ring } from './ring.ts';

/** Square of the distance in mm from a point to the side between two others, in plain numbers: outlines are compared point by point. */
function squaredToSide({ x, y }: Point, a: Point, b: Point): number {
  const [dx, dy, px, py] = [b.x - a.x, b.y - a.y, x - a.x, y - a.y];
  const squared = dx * dx + dy * dy;
  const t = squared === 0 ? 0 : Math.min(1, Math.max(0, (px * dx + py * dy) / squared));
  const [ex, ey] = [px - t * dx, py - t * dy];
  return ex * ex + ey * ey;
}

/** Distance in mm from a point to the nearest side of a ring. */
export function distanceToRing(p: Point, ring: Ring): number {
  let nearest = Infinity;
  let a = ring.at(-1);
  for (const b of ring) {
    if (a) nearest = Math.min(nearest, squaredToSide(p, a, b));
    a = b;
  }
  return Math.sqrt(nearest);
}

/**
 * Square of the greatest distance from a corner of one ring to another ring; `least` where none lies further. A corner is
 * done with as soon as it cannot be the furthest, and most are at the side where the one before was: the early break of
 * Taha and Hanbury, "An Efficient Algorithm for Calculating the Exact Hausdorff Distance", IEEE TPAMI 37 (2015), from memory.
 */
function furthestSquared(from: Ring, to: Ring, least: number): number {
  const count = to.length;
  let [furthest, side] = [least, 0];
  for (const p of from) {
    let [nearest, at] = [Infinity, side];
    for (let tried = 0; tried < count && nearest > furthest; tried++) {
      const aside = (tried + 1) >> 1;
      const end = (side + (tried % 2 === 0 ? count - aside : aside)) % count;
      const squared = squaredToSide(p, to[(end + count - 1) % count]!, to[end]!);
      if (squared < nearest) [nearest, at] = [squared, end];
    }
    side = at;
    furthest = Math.max(furthest, nearest);
  }
  return furthest;
}

/** Distance of two rings, mm: the greatest from a point of either to the other (Hausdorff's, on their corners). */
export const ringGap = (a: Ring, b: Ring): number =>
  Math.sqrt(furthestSquared(b, a, furthestSquared(a, b, 0)));

/** Whether no point of two rings lies further than `mm` from the other; most that differ are told apart by their boxes. */
export function areWithin(a: Ring, b: Ring, mm: number): boolean {
  const [first, second] = [boxOf(a), boxOf(b)];
  const sides = ['minX', 'minY', 'maxX', 'maxY'] as const;
  if (sides.some((side) => Math.abs(first[side] - second[side]) > mm)) return false;
  const most = mm * mm;
  return furthestSquared(a, b, most) <= most && furthestSquared(b, a, most) <= most;
}

import type { Point } from './point.ts';
import { boxOf, type Ring } from './ring.ts';

/** Distance in mm from a point to the nearest side of a ring, in plain numbers: outlines are compared point by point. */
export function distanceToRing({ x, y }: Point, ring: Ring): number {
  let nearest = Infinity;
  let a = ring.at(-1);
  for (const b of ring) {
    if (a) {
      const [dx, dy, px, py] = [b.x - a.x, b.y - a.y, x - a.x, y - a.y];
      const squared = dx * dx + dy * dy;
      const t = squared === 0 ? 0 : Math.min(1, Math.max(0, (px * dx + py * dy) / squared));
      const [ex, ey] = [px - t * dx, py - t * dy];
      nearest = Math.min(nearest, ex * ex + ey * ey);
    }
    a = b;
  }
  return Math.sqrt(nearest);
}

/** Distance of two rings, mm: the greatest from a point of either to the other (Hausdorff's, on their corners). */
export const ringGap = (a: Ring, b: Ring): number =>
  Math.max(...a.map((p) => distanceToRing(p, b)), ...b.map((p) => distanceToRing(p, a)));

/** Whether no point of two rings lies further than `mm` from the other; most that differ are told apart by their boxes. */
export function areWithin(a: Ring, b: Ring, mm: number): boolean {
  const [first, second] = [boxOf(a), boxOf(b)];
  const sides = ['minX', 'minY', 'maxX', 'maxY'] as const;
  if (sides.some((side) => Math.abs(first[side] - second[side]) > mm)) return false;
  return a.every((p) => distanceToRing(p, b) <= mm) && b.every((p) => distanceToRing(p, a) <= mm);
}

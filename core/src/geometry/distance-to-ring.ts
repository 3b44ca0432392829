import { between, distance, dot, subtract, type Point } from './point.ts';
import { sidesOf, type Ring } from './ring.ts';

/** Distance in mm from a point to the nearest side of a ring. */
export function distanceToRing(p: Point, ring: Ring): number {
  let nearest = Infinity;
  for (const [a, b] of sidesOf(ring)) {
    const side = subtract(b, a);
    const squared = dot(side, side);
    const t = squared === 0 ? 0 : Math.min(1, Math.max(0, dot(subtract(p, a), side) / squared));
    nearest = Math.min(nearest, distance(p, between(a, b, t)));
  }
  return nearest;
}

/** How far two rings lie apart, mm: the greatest distance from a point of either to the other (Hausdorff's, on their corners). */
export const ringGap = (a: Ring, b: Ring): number =>
  Math.max(...a.map((p) => distanceToRing(p, b)), ...b.map((p) => distanceToRing(p, a)));

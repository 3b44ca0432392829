import { EndType, inflatePaths, JoinType } from 'clipper2-ts';
import { point } from '../../geometry/point.ts';
import { boxOf, type Ring } from '../../geometry/ring.ts';

/** Units of the clipping to a mm. */
const UNITS = 100;

/** A ring with so much around it, mm; corners stay corners. */
export function grownRing(ring: Ring, mm: number): Ring {
  const path = ring.map(({ x, y }) => ({ x: Math.round(x * UNITS), y: Math.round(y * UNITS) }));
  const grown = inflatePaths([path], mm * UNITS, JoinType.Miter, EndType.Polygon, 3);
  const outer = grown.reduce((best, each) => (each.length > best.length ? each : best), grown[0] ?? path);
  return outer.map(({ x, y }) => point(x / UNITS, y / UNITS));
}

/** From a point to a side, mm. */
function toSide(px: number, py: number, ax: number, ay: number, bx: number, by: number): number {
  const [dx, dy] = [bx - ax, by - ay];
  const squared = dx * dx + dy * dy;
  const t = squared === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * dx + (py - ay) * dy) / squared));
  return Math.hypot(px - ax - t * dx, py - ay - t * dy);
}

/** The least way from a corner of one ring to a side of the other, mm. */
function cornersTo(a: Ring, b: Ring): number {
  let least = Infinity;
  for (const { x, y } of a)
    for (let index = 0; index < b.length; index++) {
      const [from, to] = [b[index], b[(index + 1) % b.length]];
      if (from && to) least = Math.min(least, toSide(x, y, from.x, from.y, to.x, to.y));
    }
  return least;
}

/** How far two rings are apart that do not overlap, mm; boxes that are farther apart than `reach` are not measured. */
export function gapBetween(a: Ring, b: Ring, reach: number): number {
  const [p, q] = [boxOf(a), boxOf(b)];
  const apart = Math.max(p.minX - q.maxX, q.minX - p.maxX, p.minY - q.maxY, q.minY - p.maxY);
  return apart > reach ? Infinity : Math.min(cornersTo(a, b), cornersTo(b, a));
}

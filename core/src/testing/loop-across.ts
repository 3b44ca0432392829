import type { Point } from '../geometry/point.ts';
import { boxOf, sidesCross, type Ring } from '../geometry/ring.ts';

const across = (points: readonly Point[]): number => {
  const { minX, minY, maxX, maxY } = boxOf(points);
  return Math.min(maxX - minX, maxY - minY);
};

/** Width of the widest loop that a ring makes by crossing itself, mm: the smaller side of the box of what it cuts off; 0 without one. */
export function loopAcross(ring: Ring): number {
  let widest = 0;
  ring.forEach((a, i) => {
    const b = ring[(i + 1) % ring.length] ?? a;
    for (let j = i + 2; j < ring.length; j++) {
      const [c, d] = [ring[j] ?? a, ring[(j + 1) % ring.length] ?? a];
      if ((i === 0 && j === ring.length - 1) || !sidesCross(a, b, c, d)) continue;
      const [inner, outer] = [ring.slice(i + 1, j + 1), [...ring.slice(j + 1), ...ring.slice(0, i + 1)]];
      widest = Math.max(widest, Math.min(across(inner), across(outer)));
    }
  });
  return widest;
}

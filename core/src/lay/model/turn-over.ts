import { mirrorRing, moveRing, type Ring } from '../../geometry/ring.ts';
import type { Crease } from './lay.ts';

/** A ring as it comes to lie when the cloth under it is turned over on a crease. */
export function turnOverRing(ring: Ring, { axis, at }: Crease): Ring {
  const mirrored = mirrorRing(ring);
  return axis === 'x'
    ? moveRing(mirrored, 2 * at, 0)
    : mirrored.map(({ x, y }) => ({ x: -x, y: 2 * at - y }));
}

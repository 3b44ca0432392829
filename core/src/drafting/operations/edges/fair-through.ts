import { distance } from '../../../geometry/point.ts';
import { partedAt, placeAtLength, type Curve } from '../../../geometry/curve.ts';
import { handleCurve } from '../../../geometry/segment.ts';

/** mm. */
const A_HAIR = 1e-6;

/** An edge drawn fair over its corners, through places between them, mm along it; before the first and beyond the last it stays. */
export function fairThrough(path: Curve, knots: readonly number[]): Curve {
  const [first = 0, last = 0] = [knots[0], knots.at(-1)];
  const [head] = partedAt(path, first, A_HAIR);
  const [, tail] = partedAt(path, last, A_HAIR);
  const bows = knots.slice(1).map((to, index) => {
    const [p, q] = [placeAtLength(path, knots[index] ?? 0), placeAtLength(path, to)];
    const handle = distance(p.point, q.point) / 3;
    return handleCurve(p.point, p.direction, handle, q.point, q.direction, handle);
  });
  return [...head, ...bows, ...tail];
}

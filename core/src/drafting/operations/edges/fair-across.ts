import { endDirection, endTurned, startDirection, startTurned, type Curve } from '../../../geometry/curve.ts';
import { angleBetween, scale, type Point } from '../../../geometry/point.ts';

/** An edge that a seam or a dart parts: up to there, and on from there. */
interface Parted {
  readonly inner: Curve;
  readonly outer: Curve;
}

/**
 * Both parts of an edge turned alike where a seam or a dart parts them, so that it runs on once that is sewn. `into` are the unit
 * directions in which the two sides of the seam leave the edge into the piece, that of the inner part and that of the outer.
 */
export function fairAcross(
  { inner, outer }: Parted,
  into: { readonly inner: Point; readonly outer: Point },
): Parted {
  const [atInner, atOuter] = [
    angleBetween(into.inner, scale(endDirection(inner), -1)),
    angleBetween(startDirection(outer), into.outer),
  ];
  const half = (Math.PI - atInner - atOuter) / 2;
  return { inner: endTurned(inner, half), outer: startTurned(outer, -half) };
}

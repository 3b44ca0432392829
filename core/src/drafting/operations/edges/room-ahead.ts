import { add, cross, dot, scale, subtract, type Point } from '../../../geometry/point.ts';
import { sidesOf } from '../../../geometry/ring.ts';
import { stitchRing, type Piece } from '../../../pieces/piece.ts';

/** Distance from a place on a piece's edge, inwards along a unit direction, to the edge across; mm. */
export function roomAhead(piece: Piece, from: Point, inward: Point): number {
  const ring = stitchRing(piece);
  const hits = sidesOf(ring).flatMap(([p, q]) => {
    const [before, after] = [cross(inward, subtract(p, from)), cross(inward, subtract(q, from))];
    if (before < 0 === after < 0) return [];
    const ahead = dot(inward, subtract(add(p, scale(subtract(q, p), before / (before - after))), from));
    return ahead > 1 ? [ahead] : [];
  });
  return Math.min(...hits);
}

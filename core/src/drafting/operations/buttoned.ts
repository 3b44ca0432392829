import { between, type Point } from '../../geometry/point.ts';
import type { Piece } from '../../pieces/piece.ts';

/** A front with so many buttons at even distances from the first place to the last. */
export const buttoned = (piece: Piece, first: Point, last: Point, count: number): Piece => ({
  ...piece,
  buttons: Array.from({ length: count }, (_, index) =>
    between(first, last, count > 1 ? index / (count - 1) : 0.5),
  ),
});

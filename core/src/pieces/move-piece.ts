import { mapCurve } from '../geometry/curve.ts';
import { add, type Point } from '../geometry/point.ts';
import type { Piece } from './piece.ts';

/** The piece moved as a whole, mm. */
export const movePiece = (piece: Piece, by: Point): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) => ({ ...edge, path: mapCurve(edge.path, (p) => add(p, by)) })),
  levels: piece.levels.map((level) => ({ ...level, path: level.path.map((p) => add(p, by)) })),
  ...(piece.contours && {
    contours: piece.contours.map(({ id, top, outer, inner, bottom }) => ({
      id,
      top: add(top, by),
      outer: add(outer, by),
      inner: add(inner, by),
      bottom: add(bottom, by),
    })),
  }),
  ...(piece.buttons && { buttons: piece.buttons.map((p) => add(p, by)) }),
});

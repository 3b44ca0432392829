import { mapCurve } from '../geometry/curve.ts';
import { add, subtract, type Point } from '../geometry/point.ts';
import type { Piece } from './piece.ts';

/** The piece moved or turned as a body, its grain with it; mm. */
export function mapPiece(piece: Piece, move: (p: Point) => Point): Piece {
  const from = move({ x: 0, y: 0 });
  return {
    ...piece,
    grain: subtract(move(piece.grain), from),
    edges: piece.edges.map((edge) => ({ ...edge, path: mapCurve(edge.path, move) })),
    levels: piece.levels.map((level) => ({ ...level, path: level.path.map(move) })),
    ...(piece.contours && {
      contours: piece.contours.map(({ id, top, outer, inner, bottom }) => ({
        id,
        top: move(top),
        outer: move(outer),
        inner: move(inner),
        bottom: move(bottom),
      })),
    }),
    ...(piece.lines && {
      lines: piece.lines.map((each) => ({ ...each, path: mapCurve(each.path, move) })),
    }),
    ...(piece.buttons && { buttons: piece.buttons.map(move) }),
  };
}

/** The piece moved as a whole, mm. */
export const movePiece = (piece: Piece, by: Point): Piece => ({
  ...mapPiece(piece, (p) => add(p, by)),
  grain: piece.grain,
});

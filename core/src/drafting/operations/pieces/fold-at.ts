import { angleBetween, point, rotate, subtract } from '../../../geometry/point.ts';
import { endOf, startOf } from '../../../geometry/curve.ts';
import { line } from '../../../geometry/segment.ts';
import { mapPiece } from '../../../pieces/move-piece.ts';
import { edgeOf, type Piece } from '../../../pieces/piece.ts';
import { pointOn, type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';
import { cutAcross } from '../panels/cut-across.ts';

/** A fold, straight from a place on one edge to a place on another; the cloth between them in the order of the loop is kept. */
export interface FoldPlan {
  readonly from: PlaceOnLoop;
  readonly to: PlaceOnLoop;
  readonly id: string;
}

const DOWN = point(0, 1);

/**
 * A piece laid on the fold at any line: what lies beyond it is left to its mirror image. It is turned so that the fold lies on
 * x = 0 with the cloth to its right, as every half does; its dimensions do not hold any more.
 */
export function foldAt(piece: Piece, { from, to, id }: FoldPlan): Piece {
  const cut = [line(pointOn(piece, from), pointOn(piece, to))];
  const { between: half } = cutAcross(piece, from, to, cut, { id, role: 'fold', allowance: 0 });
  const { path } = edgeOf(half, id);
  // Loops run clockwise: with the cloth to its right the fold runs up.
  const [foot, top] = [startOf(path), endOf(path)];
  const angle = angleBetween(subtract(foot, top), DOWN);
  const turned = mapPiece(half, (p) => subtract(rotate(p, top, angle), top));
  const { dimensions, ...rest } = turned;
  return {
    ...rest,
    ...(dimensions && { dimensions: [] }),
    cut: { copies: Math.max(1, piece.cut.copies), layers: 'fold' },
  };
}

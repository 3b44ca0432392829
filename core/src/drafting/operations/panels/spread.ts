import { curveLength, endOf, lengthWhere, placeAtLength, startOf } from '../../../geometry/curve.ts';
import { after, before } from '../../../geometry/loop.ts';
import type { Edge, Piece } from '../../../pieces/piece.ts';
import { squareHem } from '../edges/square-hem.ts';
import { slash } from './slash.ts';
import { type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';

export interface SpreadPlan {
  /** The upright line that the piece is slashed on, x in mm. */
  readonly at: number;
  /** Opening of the slash at the upper and at the lower of the two edges that it passes, mm: alike, or at one alone. */
  readonly upper: number;
  readonly lower: number;
}

/** The place at which an edge passes the slash; undefined for one that lies on one side of it. */
const passes = ({ path }: Edge, at: number): number | undefined => {
  const along = lengthWhere(path, 'x', at);
  return along === undefined || along < 1e-6 || along > curveLength(path) - 1e-6 ? undefined : along;
};

/** A hem that was opened, drawn fair again from end to end. */
export const withFairHem = (piece: Piece): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) =>
    edge.role === 'hem'
      ? { ...edge, path: squareHem(before(piece.edges, edge).path, after(piece.edges, edge).path) }
      : edge,
  ),
});

/**
 * Slashes a piece on an upright line and spreads it outwards: what lies beyond is moved out and swung, and the hem is drawn fair
 * again. The line must be passed by two edges and by no dart.
 */
export function spread(piece: Piece, { at, upper, lower }: SpreadPlan): Piece {
  const passed = piece.edges.flatMap((edge) => {
    const along = passes(edge, at);
    return along === undefined ? [] : [{ edge, at: along, y: placeAtLength(edge.path, along).point.y }];
  });
  const [above, below] = passed.sort((p, q) => p.y - q.y);
  if (passed.length !== 2 || !above || !below || piece.darts.length > 0)
    throw new Error(`${piece.id} cannot be slashed at ${at}: ${passed.length} edges pass there`);
  const place = ({ edge, at: mm }: typeof above): PlaceOnLoop => ({ edge: edge.id, at: mm });
  const gives = { level: 'hem', mm: lower } as const;
  // Loops run clockwise: they enter what lies beyond by the upper edge, unless that is drawn inwards.
  const outwards = startOf(above.edge.path).x < endOf(above.edge.path).x;
  return withFairHem(
    outwards
      ? slash(piece, { from: place(above), to: place(below), open: { from: upper, to: lower }, gives })
      : slash(piece, { from: place(below), to: place(above), open: { from: lower, to: upper }, gives }),
  );
}

/** Several slashes, each hinged above and opened below by its part of `by`, mm: the lower edge swings out like a fan. */
export const spreadLikeAFan = (piece: Piece, places: readonly number[], by: number): Piece =>
  [...places]
    .sort((a, b) => b - a)
    .reduce((whole, at) => spread(whole, { at, upper: 0, lower: by / places.length }), piece);

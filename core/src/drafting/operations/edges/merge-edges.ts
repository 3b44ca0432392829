import { after } from '../../../geometry/loop.ts';
import { edgeLength, edgeOf, type Notch, type Piece } from '../../../pieces/piece.ts';

/**
 * Makes one edge of two that follow each other in the loop, as where a dart between them was closed. Its notches stay where
 * they are. Throws where they do not follow each other, or are not sewn alike.
 */
export function mergeEdges(piece: Piece, first: string, second: string, id: string): Piece {
  const [a, b] = [edgeOf(piece, first), edgeOf(piece, second)];
  if (after(piece.edges, a) !== b || a.role !== b.role || a.allowance !== b.allowance)
    throw new Error(`${piece.id}: ${first} and ${second} are not one edge`);
  const along = (notch: Notch): Notch => {
    if (notch.edge === first) return { ...notch, edge: id };
    return notch.edge === second ? { ...notch, edge: id, at: edgeLength(a) + notch.at } : notch;
  };
  return {
    ...piece,
    edges: piece.edges.flatMap((edge) => {
      if (edge === b) return [];
      return edge === a ? [{ ...a, id, path: [...a.path, ...b.path] }] : [edge];
    }),
    notches: piece.notches.map(along),
  };
}

import type { Edge, Piece } from './piece.ts';

/** An edge with the piece that it is on. */
export interface NamedEdge {
  readonly piece: Piece;
  readonly edge: Edge;
}

/** The name by which seams call an edge: piece/edge. */
export const nameOfEdge = (piece: Pick<Piece, 'id'>, edge: Pick<Edge, 'id'>): string =>
  `${piece.id}/${edge.id}`;

/** The ids of the piece and of the edge in such a name. */
export function idsIn(name: string): { readonly piece: string; readonly edge: string } {
  const [piece = '', edge = ''] = name.split('/');
  return { piece, edge };
}

/** Finds the edges of pieces by their names; undefined for one that is on none of them. */
export function edgesByName(pieces: readonly Piece[]): (name: string) => NamedEdge | undefined {
  const byName = new Map(
    pieces.flatMap((piece) =>
      piece.edges.map((edge): [string, NamedEdge] => [nameOfEdge(piece, edge), { piece, edge }]),
    ),
  );
  return (name) => byName.get(name);
}

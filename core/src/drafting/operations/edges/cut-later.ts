import type { EdgeRole, Later, Piece } from '../../../pieces/piece.ts';

/** Edges of these roles get a reserve of cloth outside their allowance, mm, and are cut only after what is said. */
export const cutLater = (piece: Piece, roles: readonly EdgeRole[], later: Later): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) =>
    roles.includes(edge.role) ? { ...edge, allowance: edge.allowance + later.reserve, later } : edge,
  ),
});

import { copyInto } from './copy-into.ts';
import type { ClothRole, Piece } from '../../pieces/piece.ts';

/** A piece traced into another cloth with one allowance all round, as a layer that is laid over: only a fold carries none. */
export const traceWithAllowance = (piece: Piece, role: ClothRole, allowance: number): Piece => ({
  ...copyInto(piece, role),
  edges: piece.edges.map((edge) => (edge.role === 'fold' ? edge : { ...edge, allowance })),
});

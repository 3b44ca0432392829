import { copyInto } from '../../drafting/operations/copy-into.ts';
import type { ClothRole, Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';

/** Pieces cut again from another cloth, each traced around the one it is taken from. */
export const traced = (pieces: readonly Piece[], role: ClothRole): Piece[] =>
  pieces.map((piece) => ({ ...copyInto(piece, role), template: piece.id }));

/** The same seams between the pieces of another cloth. */
export const seamsIn = (seams: readonly Seam[], role: ClothRole): Seam[] => {
  const there = (reference: string) => `${role}-${reference}`;
  return seams.map((seam) => ({
    ...seam,
    id: `${role} ${seam.id}`,
    a: seam.a.map(there),
    b: seam.b.map(there),
  }));
};

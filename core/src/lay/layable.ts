import { boxOf, openHalf, signedArea, type Ring } from '../geometry/ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Cut } from '../pieces/piece.ts';

/** What is to be laid: the pieces of one role, each with its cut. */
export interface LayPiece {
  readonly id: string;
  readonly cut: Cut;
  readonly outline: Ring;
  /** It points one way, even where the cloth has no nap. */
  readonly oneWay?: boolean;
}

export const layPieceOf = ({ piece, outline }: DraftedPiece): LayPiece => ({
  id: piece.id,
  cut: piece.cut,
  outline,
});

/** The whole piece as it lies on the opened cloth: a half-piece is opened at its fold. */
export const wholeOutline = ({ cut, outline }: LayPiece): Ring =>
  cut.layers === 'fold' ? openHalf(outline) : outline;

/** Area of all copies, in mm². */
export const totalArea = (pieces: readonly LayPiece[]): number =>
  pieces.reduce((sum, piece) => sum + piece.cut.copies * Math.abs(signedArea(wholeOutline(piece))), 0);

/** No lay is shorter than its longest piece, nor than its area spread over the usable width. mm. */
export function lengthBound(pieces: readonly LayPiece[], usable: number): number {
  const longest = Math.max(...pieces.map(({ outline }) => boxOf(outline).maxY - boxOf(outline).minY));
  return Math.max(longest, totalArea(pieces) / usable);
}

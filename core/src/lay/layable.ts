import { openHalf, signedArea, type Ring } from '../geometry/ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Cut, LevelName } from '../pieces/piece.ts';

/** What is to be laid: the pieces of one role, each with its cut. */
export interface LayPiece {
  readonly id: string;
  readonly cut: Cut;
  readonly outline: Ring;
  /** It points one way, even where the cloth has no nap. */
  readonly oneWay?: boolean;
  /** How far down its levels lie, in the outline's own places, mm: where prints are matched. */
  readonly levels?: { readonly [name in LevelName]?: number };
}

export const layPieceOf = ({ piece, outline }: DraftedPiece): LayPiece => ({
  id: piece.id,
  cut: piece.cut,
  outline,
  levels: Object.fromEntries(
    piece.levels.flatMap(({ name, path: [start] }) => (start ? [[name, start.y]] : [])),
  ),
});

/** The whole piece as it lies on the opened cloth: a half-piece is opened at its fold. */
export const wholeOutline = ({ cut, outline }: LayPiece): Ring =>
  cut.layers === 'fold' ? openHalf(outline) : outline;

/** Area of all copies, in mm². */
export const totalArea = (pieces: readonly LayPiece[]): number =>
  pieces.reduce((sum, piece) => sum + piece.cut.copies * Math.abs(signedArea(wholeOutline(piece))), 0);

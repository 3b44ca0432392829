import { areWithin } from '../geometry/distance-to-ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';

/** Outlines that lie within this of each other are the same piece, mm: far below the chalk. */
const SAME = 0.05;

/** Ids of pieces whose cut or stitch line another draft draws differently, or not at all. */
export const changedPieces = (before: readonly DraftedPiece[], after: readonly DraftedPiece[]): string[] =>
  before
    .filter(({ piece, stitch, outline }) => {
      const now = after.find((candidate) => candidate.piece.id === piece.id);
      return !now || !areWithin(outline, now.outline, SAME) || !areWithin(stitch, now.stitch, SAME);
    })
    .map(({ piece }) => piece.id);

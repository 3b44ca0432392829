import type { Ring } from '../geometry/ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';

/** Outlines that agree within this are the same piece, mm: far below the chalk. */
const SAME = 0.05;

const sameRing = (a: Ring, b: Ring): boolean =>
  a.length === b.length &&
  a.every((p, index) => {
    const q = b[index];
    return q !== undefined && Math.abs(p.x - q.x) <= SAME && Math.abs(p.y - q.y) <= SAME;
  });

/** Ids of pieces whose cut or stitch line another draft draws differently, or not at all. */
export const changedPieces = (before: readonly DraftedPiece[], after: readonly DraftedPiece[]): string[] =>
  before
    .filter(({ piece, stitch, outline }) => {
      const now = after.find((candidate) => candidate.piece.id === piece.id);
      return !now || !sameRing(outline, now.outline) || !sameRing(stitch, now.stitch);
    })
    .map(({ piece }) => piece.id);

import { countSelfCrossings } from '../geometry/ring.ts';
import type { CheckedSeam } from '../pieces/check-seams.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { finding, type Finding } from './finding.ts';

export const seamFindings = (seams: readonly CheckedSeam[]): Finding[] =>
  seams
    .filter(({ ok }) => !ok)
    .map(({ id, a, lengthA, difference }) => {
      const [piece, edge] = (a[0] ?? '').split('/');
      return finding(
        'seam-differs',
        { subject: id, piece: piece ?? '', edge: edge ?? '' },
        { found: lengthA, expected: lengthA - difference },
      );
    });

/** An outline that crosses itself cannot be cut: measures or choices contradict each other. */
export const outlineFindings = (pieces: readonly DraftedPiece[]): Finding[] =>
  pieces
    .filter(({ stitch, outline }) => countSelfCrossings(stitch) > 0 || countSelfCrossings(outline) > 0)
    .map(({ piece }) => finding('outline-crosses-itself', { piece: piece.id }));

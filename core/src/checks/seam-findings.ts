import { countSelfCrossings } from '../geometry/ring.ts';
import type { CheckedSeam } from '../pieces/check-seams.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { HandFigures } from '../drafting/hand-figures.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import type { Piece } from '../pieces/piece.ts';
import { finding, type Finding } from './finding.ts';
import { remedyFor } from './remedy-for.ts';

const pieceOf = (reference: string): string => reference.split('/')[0] ?? '';

export const seamFindings = (seams: readonly CheckedSeam[], hand: HandFigures): Finding[] =>
  seams
    .filter(({ ok }) => !ok)
    .map(({ id, a, b, lengthA, difference, turnsOn }) => {
      const [piece, edge] = (a[0] ?? '').split('/');
      return finding(
        'seam-differs',
        { subject: id, piece: piece ?? '', edge: edge ?? '', measure: turnsOn },
        {
          found: lengthA,
          expected: lengthA - difference,
          remedy: remedyFor([...a, ...b].map(pieceOf), hand, turnsOn),
        },
      );
    });

/** An outline that crosses itself cannot be cut: measures or choices contradict each other. */
export const outlineFindings = (
  pieces: readonly DraftedPiece[],
  hand: HandFigures,
  lengthOf: (piece: Piece) => MeasureId,
): Finding[] =>
  pieces
    .filter(({ stitch, outline }) => countSelfCrossings(stitch) > 0 || countSelfCrossings(outline) > 0)
    .map(({ piece }) => {
      const measure = lengthOf(piece);
      return finding(
        'outline-crosses-itself',
        { piece: piece.id, measure },
        { remedy: remedyFor([piece.id], hand, measure) },
      );
    });

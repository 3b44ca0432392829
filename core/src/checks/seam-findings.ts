import { countSelfCrossings } from '../geometry/ring.ts';
import { worstInterval, type CheckedSeam } from '../pieces/check-seams.ts';
import { seamEdges } from '../pieces/seam.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import { idsIn } from '../pieces/named-edge.ts';
import type { Piece } from '../pieces/piece.ts';
import { finding, type Finding } from '../findings/finding.ts';
import { remedyFor } from './remedy-for.ts';

/** A figure that, set to this on the line that the shop works by, makes a seam true; mm. */
export interface Truing {
  readonly figure: string;
  readonly mm: number;
}

/** Seams whose sides are not what they owe each other; `truing` finds the figure that would true one. */
export const seamFindings = (
  seams: readonly CheckedSeam[],
  hand: HandFigures,
  truing: (seam: CheckedSeam) => Truing | undefined,
): Finding[] =>
  seams
    .filter(({ ok }) => !ok)
    .map((seam) => {
      const { id, intervals, governing } = seam;
      const worst = worstInterval(intervals);
      const { lengthA, difference } = intervals[worst] ?? seam;
      const correction = truing(seam);
      const { piece, edge } = idsIn(seam.a[0]?.edge ?? '');
      return finding(
        'seam-differs',
        { subject: id, piece, edge, measure: governing },
        {
          found: lengthA,
          stretch: worst + 1,
          stretches: intervals.length,
          expected: lengthA - difference,
          remedy: remedyFor(
            seamEdges(seam).map((name) => idsIn(name).piece),
            hand,
            governing,
          ),
          ...(correction && { orElse: { kind: 'set-figure', ...correction } }),
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

import { endOf, sampleCurve } from '../geometry/curve.ts';
import { boxOf, crossingsAt, type Ring } from '../geometry/ring.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { edgeOf, OUTLINE_TOLERANCE, type Piece } from '../pieces/piece.ts';
import { finding, type Finding } from '../findings/finding.ts';

/** The stitch line with every dart's mouth bridged: all that a dart may lie in. */
const closedRing = ({ edges }: Piece): Ring =>
  edges.filter(({ role }) => role !== 'dart').flatMap(({ path }) => sampleCurve(path, OUTLINE_TOLERANCE));

/** Darts whose tip lies outside their piece: past the side, or past whatever edge is across. The span of the bust decides. */
export const dartFindings = (pieces: readonly DraftedPiece[]): Finding[] =>
  pieces.flatMap(({ piece }) =>
    piece.darts.flatMap((dart) => {
      const tip = endOf(edgeOf(piece, dart.legs[0]).path);
      const ring = closedRing(piece);
      const crossings = crossingsAt(ring, tip.y);
      const isInside = crossings.filter((x) => x > tip.x).length % 2 === 1;
      return isInside
        ? []
        : [
            finding(
              'dart-past-side',
              { piece: piece.id, subject: dart.id, measure: 'bustSpan' },
              {
                found: tip.x,
                expected: crossings.at(-1) ?? boxOf(ring).maxX,
                remedy: { kind: 'measure-again', measure: 'bustSpan' },
              },
            ),
          ];
    }),
  );

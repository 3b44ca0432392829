import { point } from '../geometry/point.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { roleLength, type Piece } from '../pieces/piece.ts';
import { finding, type Finding } from '../findings/finding.ts';
import type { Named } from './rounds.ts';
import { levelWidth } from '../pieces/level-width.ts';

/** Further out than any piece reaches, mm. */
const FAR = 5000;

/** The finished round of half-pieces at a level of theirs, mm. */
const roundAt = (pieces: readonly DraftedPiece[], y: number): number =>
  2 * pieces.reduce((sum, { stitch }) => sum + levelWidth(stitch, [point(0, y), point(FAR, y)]), 0);

/**
 * The garment is put on through the zip: what stays closed below its end must pass the bust, over the head, or the
 * hip, stepped into, whichever is smaller.
 */
export function zipFindings(
  skirt: readonly DraftedPiece[],
  zipEnd: number,
  bust: number | undefined,
  hip: number,
): Finding[] {
  const found = roundAt(skirt, zipEnd);
  const expected = Math.min(bust ?? hip, hip);
  if (found >= expected) return [];
  return [
    finding(
      'zip-too-short',
      { subject: 'zip' },
      { found, expected, remedy: { kind: 'set-rule', rule: 'zip.aboveHip', value: 0 } },
    ),
  ];
}

/** The check of closed armholes, on the finished pieces: a hand, and the arm that stays in them, passes where they were measured. */
export const armholeChecks =
  (pieces: readonly Pick<Piece, 'id'>[], body: { taken(id: MeasureId): number | undefined }) =>
  (named: Named): Finding[] => {
    const found = pieces.reduce((sum, { id }) => sum + roleLength(named(id).piece, 'armhole'), 0);
    return (['hand', 'upperArm'] as const).flatMap((measure) => {
      const expected = body.taken(measure);
      if (expected === undefined || found >= expected) return [];
      return [
        finding(
          'opening-too-small',
          { subject: 'armhole', measure },
          { found, expected, remedy: { kind: 'measure-again', measure } },
        ),
      ];
    });
  };

import type { MeasureId } from '../measures/catalogue.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Girth } from '../pieces/girth.ts';
import { levelKind } from '../pieces/level.ts';
import { inches } from '../units/length.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';
import { finding, type Finding } from '../findings/finding.ts';
import { halfWidth } from './half-width.ts';
import { remedyFor } from './remedy-for.ts';

/** A round may miss what is wanted by ¼ in: common practice. */
export const ROUND_TOLERANCE = inches(1 / 4);

/** A girth as it is once sewn. */
export interface Round extends Girth {
  /** Girth of the finished pieces, measured on their stitch rings, mm. */
  readonly finished: number;
  readonly ease: number;
  /** It is the lining's, which is sewn to the same round. */
  readonly lining?: boolean;
}

/** Finds a finished piece by its id; throws for one that the garment does not have. */
export type Named = (id: string) => DraftedPiece;

/** A girth measured on the finished pieces that it runs over. */
export function measureRound(girth: Girth, named: Named): Round {
  const finished = girth.runs.reduce((total, { piece: id, times }) => {
    const { piece, stitch } = named(id);
    return total + times * halfWidth(piece, stitch, girth.level);
  }, 0);
  return { ...girth, finished, ease: finished - girth.body };
}

/** Test of a round against the ease that is wanted there. */
export function isMet({ held, ease, wantedEase }: Round): boolean {
  switch (held) {
    case 'closely':
      return Math.abs(ease - wantedEase) <= ROUND_TOLERANCE;
    case 'at-least':
      return ease >= wantedEase - ROUND_TOLERANCE;
    case 'not':
      return true;
  }
}

/** The making of the pieces, where that decides what would clear a finding. */
export interface RoundsMade {
  readonly school: RuleSet['school.block'];
  readonly hand: HandFigures;
}

/** By the table habit a round is what the straight lines leave of it; the solved block gives it back. */
export function roundFindings(rounds: readonly Round[], { school, hand }: RoundsMade): Finding[] {
  const measureOf = ({ level }: Round): MeasureId => levelKind(level).governing;
  return rounds
    .filter((round) => !isMet(round))
    .map((round) =>
      finding(
        'round-differs',
        {
          subject: round.level,
          measure: measureOf(round),
          ...(round.lining && { piece: round.runs[0]?.piece ?? '' }),
        },
        {
          found: round.finished,
          ...(round.face && { face: round.face }),
          expected: round.body + round.wantedEase,
          remedy:
            school === 'table'
              ? { kind: 'set-rule', rule: 'school.block', value: 'solved' }
              : remedyFor(
                  round.runs.map(({ piece }) => piece),
                  hand,
                  measureOf(round),
                ),
        },
      ),
    );
}

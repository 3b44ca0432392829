import type { MeasureId } from '../measures/catalogue.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { LevelName } from '../pieces/piece.ts';
import { inches } from '../units/length.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import type { HandFigures } from '../drafting/hand-figures.ts';
import { finding, type Finding } from './finding.ts';
import { halfWidth } from './half-width.ts';
import { remedyFor } from './remedy-for.ts';

/** A round may miss what is wanted by ¼ in: common practice. */
export const ROUND_TOLERANCE = inches(1 / 4);

export interface Round {
  readonly level: LevelName;
  /** The body's own round there, mm. */
  readonly body: number;
  /** What the pieces give once sewn, measured on their stitch rings, mm. */
  readonly finished: number;
  readonly ease: number;
  readonly wantedEase: number;
  /** The pieces that it is measured on. */
  readonly pieces: readonly string[];
}

/** Each half-piece lies on the body twice, once on each side of the centre; a piece that was opened flat goes over both. */
export function measureRound(
  level: LevelName,
  pieces: readonly DraftedPiece[],
  body: number,
  wantedEase: number,
): Round {
  const finished = pieces.reduce(
    (total, { piece, stitch }) =>
      total + (piece.cut.layers === 'single' ? 1 : 2) * halfWidth(piece, stitch, level),
    0,
  );
  return {
    level,
    body,
    finished,
    ease: finished - body,
    wantedEase,
    pieces: pieces.map(({ piece }) => piece.id),
  };
}

/** What a round turns on when the solved block misses it: a bust line above the underarm comes of the armhole. */
const measureBehind: { readonly [level in LevelName]: MeasureId } = {
  chest: 'armhole',
  bust: 'armhole',
  underBust: 'underBust',
  waist: 'waist',
  hip: 'hip',
  hem: 'hip',
};

/** How the pieces were made, where that decides what would clear a finding. */
export interface RoundsMade {
  readonly school: RuleSet['school.block'];
  readonly hand: HandFigures;
}

/** Under the bust a shell is only shaped: where one seam cannot reach what is wanted, the drafting says so as a care. */
const closes = ({ level }: Round): boolean => level !== 'underBust';

/** By the table habit a round is what the straight lines leave of it; the solved block gives it back. */
export function roundFindings(rounds: readonly Round[], { school, hand }: RoundsMade): Finding[] {
  return rounds
    .filter(closes)
    .filter(({ ease, wantedEase }) => Math.abs(ease - wantedEase) > ROUND_TOLERANCE)
    .map(({ level, finished, body, wantedEase, pieces }) =>
      finding(
        'round-differs',
        { subject: level, measure: measureBehind[level] },
        {
          found: finished,
          expected: body + wantedEase,
          remedy:
            school === 'table'
              ? { kind: 'set-rule', rule: 'school.block', value: 'solved' }
              : remedyFor(pieces, hand, measureBehind[level]),
        },
      ),
    );
}

import type { MeasureId } from '../measures/catalogue.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import type { Point } from '../geometry/point.ts';
import { segmentLength } from '../geometry/segment.ts';
import { edgesWithRole, type EdgeRole, type LevelName, type Piece } from '../pieces/piece.ts';
import { inches } from '../units/length.ts';
import type { RuleSet } from '../rules/catalogue.ts';
import type { HandFigures } from '../drafting/hand-figures.ts';
import { finding, type Finding } from './finding.ts';
import { levelWidth } from './level-width.ts';
import { remedyFor } from './remedy-for.ts';

/** A round may miss what is wanted by ¼ in: common practice. */
export const ROUND_TOLERANCE = inches(1 / 4);

/** An edge that ends this near to the centre line, mm, is not past it. */
const PAST_CENTRE = 0.01;

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

/**
 * Length of all edges of one role from the centre outwards: a stand or an overlap past the centre does not count, and what a
 * front was trimmed by for a strip does, since the strip brings it out to the centre again.
 */
function lengthFromCentre(piece: Piece, role: EdgeRole, centre: Point | undefined): number {
  const segments = edgesWithRole(piece, role)
    .flatMap(({ path }) => path)
    .filter(({ a, b }) => a.x > -PAST_CENTRE && b.x > -PAST_CENTRE);
  const innermost = Math.min(...segments.flatMap(({ a, b }) => [a.x, b.x]));
  const sewn = segments.reduce((total, segment) => total + segmentLength(segment), 0);
  return segments.length > 0 && centre ? sewn + Math.max(0, innermost - centre.x) : sewn;
}

/** Finished width of one half-piece: a waist that is a seam is measured along it, other levels straight across. */
function halfWidth({ piece, stitch }: DraftedPiece, level: LevelName): number {
  const found = piece.levels.find(({ name }) => name === level);
  const seam = level === 'waist' ? 'waist' : found?.along;
  const along = seam ? lengthFromCentre(piece, seam, found?.path[0]) : 0;
  if (along > 0) return along;
  if (!found) throw new Error(`${piece.id} has no ${level} level`);
  return levelWidth(stitch, found.path);
}

/** Each half-piece lies on the body twice: once on each side of the centre. */
export function measureRound(
  level: LevelName,
  pieces: readonly DraftedPiece[],
  body: number,
  wantedEase: number,
): Round {
  const finished = 2 * pieces.reduce((total, piece) => total + halfWidth(piece, level), 0);
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

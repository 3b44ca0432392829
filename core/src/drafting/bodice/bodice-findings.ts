import { finding, type Finding } from '../../findings/finding.ts';
import type { Remedy } from '../../findings/remedy.ts';
import type { MeasureId } from '../../measures/catalogue.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import type { Body } from '../body.ts';
import type { BackDraft } from './back.ts';
import type { Attempt } from './bodice.ts';
import type { BodiceFrame } from './frame.ts';
import type { FrontDraft } from './front.ts';
import { upperSide } from './side-seam.ts';

/** Beyond these a dart stands up in a cone; the team's drafting study. mm. */
const LARGE_WAIST_DART = inches(2.1);
const LARGE_BUST_DART = inches(2.6);
/** Shaping that is too little for a dart of its own, and what takes it instead; less than this is nothing to tell, mm. */
const LEAST_TOLD = 3;

function leftOut(frame: BodiceFrame, { shape, front, back }: Attempt): Finding[] {
  if (!frame.darted) return [];
  const told = (piece: string, subject: 'bust dart' | 'waist dart', mm: number): Finding[] =>
    mm < LEAST_TOLD ? [] : [finding('dart-left-out', { piece, subject }, { found: mm })];
  const taken = (which: 'front' | 'back') => (shape.darts[which] ? 0 : Math.abs(shape.waistShift[which]));
  return [
    ...(shape.darts.bust ? [] : told(front.piece.id, 'bust dart', front.balance.excess)),
    ...told(front.piece.id, 'waist dart', taken('front')),
    ...told(back.piece.id, 'waist dart', taken('back')),
  ];
}

const measureAgain = (measure: MeasureId): Remedy => ({ kind: 'measure-again', measure });

/** The armhole is settled against what was measured: it may miss by half an inch. */
const armholeFindings = ({ armhole: { found, wanted } }: Attempt): Finding[] =>
  Math.abs(found - wanted) <= inches(0.5)
    ? []
    : [
        finding(
          'armhole-off-measure',
          { measure: 'armhole' },
          { found, expected: wanted, remedy: measureAgain('armhole') },
        ),
      ];

/** The bust dart takes up what the front is longer by; a large one stands up in a point. */
function bustDartFindings({ front: { balance, piece } }: Attempt): Finding[] {
  const taken = piece.intakes.find(({ operation }) => operation === 'balance');
  return [
    ...(balance.solved
      ? []
      : [
          finding(
            'bust-dart-unsolved',
            { piece: piece.id, edge: 'side', measure: 'backWaistLength' },
            { found: balance.residual, expected: 0, remedy: measureAgain('backWaistLength') },
          ),
        ]),
    ...(taken === undefined || taken.mm <= LARGE_BUST_DART
      ? []
      : [
          finding(
            'bust-dart-large',
            { piece: piece.id, measure: 'frontWaistLength' },
            { found: taken.mm, expected: LARGE_BUST_DART, remedy: measureAgain('frontWaistLength') },
          ),
        ]),
  ];
}

/** A waist seam that misses its width, and darts in it that stand up in a point. */
const waistFindings = ({ piece: { id }, waist }: FrontDraft | BackDraft): Finding[] => [
  ...(waist.solved || Math.abs(waist.residual) <= 1
    ? []
    : [
        finding(
          'waist-unsolved',
          { piece: id, edge: 'waist', measure: 'waist' },
          { found: waist.residual, expected: 0, remedy: measureAgain('waist') },
        ),
      ]),
  ...waist.mouths
    .filter(({ mm }) => mm > LARGE_WAIST_DART)
    .map(({ mm }) =>
      finding(
        'waist-dart-large',
        { piece: id, measure: 'waist' },
        { found: mm, expected: LARGE_WAIST_DART, remedy: measureAgain('waist') },
      ),
    ),
];

/** The side is settled against the tape where it was taken, as far as the armhole and the bust line leave room. */
function sideFindings(body: Body, { back }: Attempt, rules: RuleSet): Finding[] {
  const taken = body.taken('sideLength');
  const found = back.sideLength;
  return taken === undefined || Math.abs(found - taken) <= rules['check.sideLength']
    ? []
    : [
        finding(
          'side-off-measure',
          { measure: 'sideLength' },
          { found, expected: taken, remedy: measureAgain('sideLength') },
        ),
      ];
}

/** More than this around the body at the underarm stands away from it; less is lost in the ease. mm. */
const STANDS_AWAY = inches(1.5);

/** The round at the underarm, where the one above the bust was taken: a side that would have to come in steeply leaves it wider. */
function underarmFindings(body: Body, frame: BodiceFrame, { shape }: Attempt): Finding[] {
  if (body.taken('highBust') === undefined) return [];
  const round = (of: (which: 'front' | 'back') => number) => 2 * (of('front') + of('back'));
  // What a seam takes at the bust it takes here too.
  const found = round((which) => upperSide(frame, shape, which).underarm.x) - frame.givenBust;
  const expected = round((which) => frame.chestWidth[which]);
  return found - expected <= STANDS_AWAY
    ? []
    : [
        finding(
          'underarm-wider-than-body',
          { measure: 'highBust' },
          { found, expected, remedy: measureAgain('highBust') },
        ),
      ];
}

/** Findings of a settled bodice: what its shape took instead of a dart, and where it misses what was measured. */
export const bodiceFindings = (
  body: Body,
  frame: BodiceFrame,
  attempt: Attempt,
  rules: RuleSet,
): Finding[] => [
  ...leftOut(frame, attempt),
  ...sideFindings(body, attempt, rules),
  ...underarmFindings(body, frame, attempt),
  ...armholeFindings(attempt),
  ...[attempt.front, attempt.back].flatMap(waistFindings),
  ...bustDartFindings(attempt),
];

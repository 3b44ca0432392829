import { finding, type Finding } from '../../findings/finding.ts';
import type { Remedy } from '../../findings/remedy.ts';
import type { MeasureId } from '../../measures/catalogue.ts';
import { distance, point } from '../../geometry/point.ts';
import { broyden } from '../../geometry/broyden.ts';
import { roleLength, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../body.ts';
import { shortenDarts } from '../operations/darts/shorten-dart.ts';
import { draftBack, type BackDraft } from './back.ts';
import { bodiceFrame, type BodiceChoices, type BodiceFrame } from './frame.ts';
import { draftFront, type FrontDraft } from './front.ts';
import type { BodiceShape, DartsDrawn } from './shape.ts';
import { solveArmhole } from './solve-armhole.ts';

export interface Bodice {
  readonly front: Piece;
  /** The front with its darts drawn to the bust point, as operations on it need them. */
  readonly frontBlock: Piece;
  readonly back: Piece;
  readonly frame: BodiceFrame;
  readonly shape: BodiceShape;
  readonly findings: readonly Finding[];
}

/** Below this much to take in at the waist, mm, the side takes it and no dart is drawn. */
const LEAST_WAIST_DART = 7;
/** Below this excess of the front side, mm, the waist end takes it and no bust dart is drawn. */
const LEAST_BUST_DART = 8;
/** A wedge that would close less than this, mm, is left to the armhole's depth: the dart that it opens could not be sewn. */
const LEAST_WEDGE = 3;
/** Beyond these a dart stands up in a cone; the team's drafting study. mm. */
const LARGE_WAIST_DART = inches(2.1);
const LARGE_BUST_DART = inches(2.6);
/** Redrafts stop when each width is this close to what is wanted, mm. */
const SETTLED = 1e-8;
const LONGEST_STRIDE = 40;
const MOST_REDRAFTS = 40;

interface Attempt {
  readonly shape: BodiceShape;
  readonly front: FrontDraft;
  readonly back: BackDraft;
  readonly armhole: { readonly found: number; readonly wanted: number };
}

function attempt(
  body: Body,
  frame: BodiceFrame,
  start: BodiceShape,
  rules: RuleSet,
  allowances: Allowances,
): Attempt {
  const { shape, found, wanted } = solveArmhole(body, frame, start, rules);
  const back = draftBack(body, frame, shape, rules, allowances);
  const front = draftFront(body, frame, shape, rules, allowances, back);
  return { shape, front, back, armhole: { found, wanted } };
}

/** Residual of each half-width, mm. */
function shortfalls(frame: BodiceFrame, { front, back }: Attempt) {
  return {
    bust: { front: frame.bustWidth.front - front.bustWidth, back: frame.bustWidth.back - back.bustWidth },
    waist: {
      front: frame.waistWidth.front - roleLength(front.piece, 'waist'),
      back: frame.waistWidth.back - roleLength(back.piece, 'waist'),
    },
  };
}

/** Start of the solver: nothing, or a bodice that was settled for nearly the same choices. */
interface Start {
  readonly darts: BodiceShape['darts'];
  readonly unknowns: readonly number[];
}

const startFrom = ({ shape, frame }: Pick<Bodice, 'shape' | 'frame'>): Start => ({
  darts: shape.darts,
  unknowns: [
    shape.underarm.front - frame.bustWidth.front,
    shape.underarm.back - frame.bustWidth.back,
    shape.waistShift.front,
    shape.waistShift.back,
  ],
});

/** The darts that a first draft asks for; what is too little to sew is left to side, waist end and armhole. */
function dartsFor(frame: BodiceFrame, first: Attempt): DartsDrawn {
  if (!frame.darted) return { front: false, back: false, bust: false, wedge: false };
  const { waist } = shortfalls(frame, first);
  const { shape, front } = first;
  const closed = shape.wedge * distance(frame.bustPoint, point(shape.underarm.front, shape.chest));
  const wedge = closed >= LEAST_WEDGE;
  return {
    front: -waist.front > LEAST_WAIST_DART,
    back: -waist.back > LEAST_WAIST_DART,
    bust: wedge || front.balance.excess > LEAST_BUST_DART,
    wedge,
  };
}

/** Gives back by measuring: draft, measure the finished widths, correct the drawn ones, draft again. */
function settleBodice(
  body: Body,
  frame: BodiceFrame,
  rules: RuleSet,
  allowances: Allowances,
  near: Bodice | undefined,
): Attempt {
  const bare: BodiceShape = {
    chest: 0,
    wedge: 0,
    underarm: frame.bustWidth,
    waistShift: { front: 0, back: 0 },
    darts: { front: false, back: false, bust: frame.darted, wedge: frame.darted },
  };
  const fromNothing = (): Start => ({
    darts: dartsFor(frame, attempt(body, frame, bare, rules, allowances)),
    unknowns: [0, 0, 0, 0],
  });
  const { darts, unknowns: start } = near ? startFrom(near) : fromNothing();
  const shapeOf = ([front = 0, back = 0, frontWaist = 0, backWaist = 0]: readonly number[]): BodiceShape => ({
    ...bare,
    darts,
    underarm: { front: frame.bustWidth.front + front, back: frame.bustWidth.back + back },
    waistShift: { front: frontWaist, back: backWaist },
  });
  return broyden({
    start,
    gains: [1, 1, 1, 1],
    draw: (unknowns) => attempt(body, frame, shapeOf(unknowns), rules, allowances),
    residuals: (drawn) => {
      const { bust, waist } = shortfalls(frame, drawn);
      return [bust.front, bust.back, darts.front ? 0 : waist.front, darts.back ? 0 : waist.back];
    },
    tolerance: SETTLED,
    longestStride: LONGEST_STRIDE,
    mostRounds: MOST_REDRAFTS,
  });
}

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
        { piece: id, choice: 'easeWaist' },
        { found: mm, expected: LARGE_WAIST_DART, remedy: { kind: 'set-choice', choice: 'easeWaist' } },
      ),
    ),
];

const bodiceFindings = (frame: BodiceFrame, attempt: Attempt): Finding[] => [
  ...leftOut(frame, attempt),
  ...armholeFindings(attempt),
  ...[attempt.front, attempt.back].flatMap(waistFindings),
  ...bustDartFindings(attempt),
];

/**
 * A sleeveless bodice by the solved block: finished bust and waist are what was asked, whatever the curves take. A bodice that
 * was settled for nearly the same choices saves it some drawings.
 */
export function draftBodice(
  body: Body,
  choices: BodiceChoices,
  rules: RuleSet,
  allowances: Allowances,
  near?: Bodice,
): Bodice {
  const { frame, findings } = bodiceFrame(body, choices, rules);
  const draft = settleBodice(body, frame, rules, allowances, near);
  const dimensioned = ({ piece, dimensions }: FrontDraft | BackDraft): Piece => ({
    ...piece,
    dimensions: dimensions(),
  });
  const frontBlock = dimensioned(draft.front);
  return {
    front: shortenDarts(frontBlock, rules),
    frontBlock,
    back: dimensioned(draft.back),
    frame,
    shape: draft.shape,
    findings: [...findings, ...bodiceFindings(frame, draft)],
  };
}

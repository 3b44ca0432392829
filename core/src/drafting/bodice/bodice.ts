import type { Finding } from '../../findings/finding.ts';
import { distance } from '../../geometry/point.ts';
import { broyden } from '../../geometry/broyden.ts';
import { roleLength, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../body.ts';
import { shortenDarts } from '../operations/darts/shorten-dart.ts';
import { draftBack, type BackDraft } from './back.ts';
import { bodiceFindings } from './bodice-findings.ts';
import { bodiceFrame, type BodiceChoices, type BodiceFrame } from './frame.ts';
import { draftFront, type FrontDraft } from './front.ts';
import type { BodiceShape, DartsDrawn } from './shape.ts';
import { upperSide } from './side-seam.ts';
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
/** Redrafts stop when each width is this close to what is wanted, mm. */
const SETTLED = 1e-8;
const LONGEST_STRIDE = 40;
const MOST_REDRAFTS = 40;

/** A bodice as it is drafted with one shape. */
export interface Attempt {
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
    shape.bustOut.front - frame.bustWidth.front,
    shape.bustOut.back - frame.bustWidth.back,
    shape.waistShift.front,
    shape.waistShift.back,
  ],
});

/** The darts that a first draft asks for; what is too little to sew is left to side, waist end and armhole. */
function dartsFor(frame: BodiceFrame, first: Attempt): DartsDrawn {
  if (!frame.darted) return { front: false, back: false, bust: false, wedge: false };
  const { waist } = shortfalls(frame, first);
  const { shape, front } = first;
  const closed = shape.wedge * distance(frame.bustPoint, upperSide(frame, shape, 'front').underarm);
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
    bustOut: frame.bustWidth,
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
    bustOut: { front: frame.bustWidth.front + front, back: frame.bustWidth.back + back },
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
    findings: [...findings, ...bodiceFindings(body, frame, draft, rules)],
  };
}

import { drawnHalfWidth } from '../../checks/half-width.ts';
import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { BodiceFrame } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import { extendCentre } from '../../drafting/operations/panels/extend-centre.ts';
import { notched } from '../../drafting/operations/edges/notched.ts';
import { onFold } from '../../drafting/operations/pieces/on-fold.ts';
import { shortenBy } from '../../drafting/operations/panels/shorten-by.ts';
import { lengthTo, type Curve } from '../../geometry/curve.ts';
import {
  distance,
  point,
  quarterTurn,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../geometry/point.ts';
import { handleCurve } from '../../geometry/segment.ts';
import { broyden } from '../../geometry/broyden.ts';
import { edgeLength, edgeOf, type Piece } from '../../pieces/piece.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { inches } from '../../units/length.ts';
import { declared, withDimensions } from '../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import { intakeOf } from '../../pieces/dart-dimensions.ts';
import {
  changed,
  chosen,
  divided,
  drawn,
  drawnTerm,
  minus,
  named,
  plus,
  sum,
  type Working,
} from '../../workings/working.ts';

export interface CrossedPlan {
  /** Each front past the centre, mm. */
  readonly overlap: Working;
  /** Depth at which the fronts cross at the centre, mm. */
  readonly crossing: Working;
  /** Height of its end above the waist, mm; no more than the darts allow. */
  readonly shorter: Working;
  /** The finished rounds at bust and hem, mm. */
  readonly bust: number;
  readonly hem: Working;
  /** By the solved block they are drawn to; by the table habit they are what the lines leave. */
  readonly solved: boolean;
}

export interface CrossedShell {
  readonly bodice: Bodice;
  readonly front: Piece;
  readonly back: Piece;
}

/** The front edge stands so far up from the hem before it turns into the neck, mm. */
export const FRONT_EDGE = inches(1);
/** So much is left of a side and of every dart's legs, mm. */
const BELOW_TIP = 20;

/** Greatest length that may be cut off above the waist before the hem meets a dart's tip or the bust dart, mm. */
export const mostShorter = ({ front, back }: Bodice): number =>
  Math.min(
    ...[front, back].flatMap((piece) => {
      const legs = piece.darts.filter((dart) => dart.in === 'waist').map(({ legs: [leg] }) => leg);
      const side = piece.edges.findLast(({ role }) => role === 'side');
      return [...legs, side?.id ?? 'side'].map((id) => edgeLength(edgeOf(piece, id)) - BELOW_TIP);
    }),
  );

/** The round of the body at a level between under bust and waist, by proportion; mm. Common practice. */
export function roundAboveWaist(body: Body, { frame }: Bodice, shorter: number): number {
  const [underBust, waist] = [body.mm('underBust'), body.mm('waist')];
  const taken = body.taken('shoulderToUnderBust');
  const fromBust = taken === undefined ? inches(3) : taken - body.mm('shoulderToBust');
  const between = Math.max(inches(1), frame.waist.front - frame.bustPoint.y - fromBust);
  return waist + (underBust - waist) * Math.min(1, shorter / between);
}

/** From the foot of the neck edge, through the place where the fronts cross, to the neck point, square to the shoulder there as the back's is. */
function crossedNeck(foot: Point, crossing: number, { neckPoint, shoulder }: BodiceFrame): Curve {
  const middle = point(0, crossing);
  const along = unitVector(subtract(neckPoint, foot));
  const [lower, upper] = [distance(foot, middle), distance(middle, neckPoint)];
  return [
    handleCurve(foot, unitVector(subtract(middle, foot)), 0.3 * lower, middle, along, 0.35 * lower),
    handleCurve(middle, along, 0.35 * upper, neckPoint, scale(quarterTurn(shoulder), -1), 0.3 * upper),
  ];
}

/** Draws the block with so much given to bust and waist, mm; one that was drawn for nearly the same saves some drawings. */
type DrawBlock = (bust: number, waist: number, near: Bodice | undefined) => Bodice;

/** The finished round of front and back at a level, mm. */
const roundAt = (halves: readonly Piece[], level: 'bust' | 'hem'): number =>
  2 * halves.reduce((sum, piece) => sum + drawnHalfWidth(piece, level), 0);

/** Both halves cut off above the waist, on a block that is drawn again until the finished rounds at bust and hem are what was asked. */
const settledHalves = (drawBlock: DrawBlock, plan: CrossedPlan, allowances: Allowances): CrossedShell =>
  broyden<CrossedShell>({
    start: [0, 0],
    gains: [1, 1],
    draw: ([bust = 0, waist = 0], before) => {
      const block = drawBlock(bust, waist, before?.bodice);
      // A redrawn block may leave its darts or sides less than the first did.
      const less = Math.min(0, mostShorter(block) - plan.shorter.mm);
      const by = changed(plan.shorter, 'kept', less);
      const cut = (panel: Piece) => shortenBy(panel, by, allowances.topHem);
      return { bodice: block, front: cut(block.front), back: cut(block.back) };
    },
    residuals: ({ front, back }) =>
      plan.solved
        ? [plan.bust - roundAt([front, back], 'bust'), plan.hem.mm - roundAt([front, back], 'hem')]
        : [0, 0],
    tolerance: 1e-7,
    longestStride: 60,
    mostRounds: 40,
  });

/**
 * Two fronts that cross and a back on the fold, cut off above the waist. Notches mark the centre on neck and hem: they meet when worn.
 */
export function crossedShell(drawBlock: DrawBlock, plan: CrossedPlan, allowances: Allowances): CrossedShell {
  const { bodice, ...halves } = settledHalves(drawBlock, plan, allowances);
  const { sums } = bodice.frame;
  const footDown = sum(
    plus(named('waist line', sums.waist.front)),
    minus(plan.shorter),
    minus(chosen('front edge up from the hem', FRONT_EDGE)),
  );
  const foot = point(-plan.overlap.mm, footDown.mm);
  const crossingAt = Math.min(plan.crossing.mm, foot.y - FRONT_EDGE);
  const front = extendCentre(halves.front, {
    by: plan.overlap,
    allowance: allowances.front,
    redraw: () => crossedNeck(foot, crossingAt, bodice.frame),
  });
  const crossing = lengthTo(edgeOf(front, 'neck').path, 'x', 0);
  const [frontHem, backHem] = [front, halves.back].map((piece) => drawnHalfWidth(piece, 'hem')) as [
    number,
    number,
  ];
  const differ = (frontHem - backHem) / 2;
  const half = divided(plan.hem, 4);
  const back = onFold(halves.back);
  return {
    bodice,
    front: withDimensions(
      notched(front, 'neck', [crossing]),
      {
        name: 'neck-depth',
        label: 'Fronts cross, down at the centre',
        kind: 'down',
        at: { kind: 'inside', x: 0, y: crossingAt },
        working: changed(plan.crossing, 'kept', crossingAt - plan.crossing.mm),
      },
      {
        name: 'neck-foot',
        label: 'Neck, down at the front edge',
        kind: 'down',
        at: { kind: 'corner', of: 'neck', end: 'start' },
        working: footDown,
        adds: 'neck',
      },
      hemWidth(front, sum(plus(half), drawnTerm('front and back differ by', differ))),
    ),
    back: withDimensions(
      back,
      hemWidth(back, sum(plus(half), drawnTerm('front and back differ by', -differ))),
    ),
  };
}

/** A hem's width with the darts that open into it. */
function hemWidth(piece: Piece, half: Working): Dimension {
  const intakes = piece.darts
    .filter((dart) => dart.in === 'waist')
    .map((dart) => plus(drawn('dart at the hem', intakeOf(piece, dart))));
  return declared(
    piece,
    {
      name: 'hem',
      label: 'Hem, across',
      kind: 'out',
      at: { kind: 'width', level: 'hem' },
      working: sum(plus(half), ...intakes),
      adds: 'side',
    },
    'curve',
  );
}

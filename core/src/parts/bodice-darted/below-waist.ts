import { finding, type Finding } from '../../findings/finding.ts';
import { drawnHalfWidth } from '../../checks/half-width.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import { contourDarts } from '../../drafting/operations/darts/contour-darts.ts';
import { CLEAR, footAtLength, lengthen } from '../../drafting/operations/panels/lengthen.ts';
import { roundBelowWaist } from '../../drafting/round-below-waist.ts';
import { curveLength, endOf, type Curve } from '../../geometry/curve.ts';
import { point, type Point } from '../../geometry/point.ts';
import { broyden } from '../../geometry/broyden.ts';
import { edgesWithRole, pathDown, roleLength, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { declared, withDimensions, sumOf } from '../../pieces/carry-dimensions.ts';
import {
  byRule,
  changed,
  chosen,
  divided,
  drawn,
  minus,
  named,
  plus,
  sum,
  type Working,
} from '../../workings/working.ts';
import type { BelowWaistChosen } from './choices.ts';
import type { FacedBodice } from '../faced-bodice/faced-bodice.ts';

/** A hem below the waist, mm: how far down the side, the body's round there, the ease over it, and how it came about. */
export interface HemBelow {
  readonly depth: Working;
  readonly body: number;
  readonly ease: number;
  /** A quarter of the round with its ease. */
  readonly quarter: Working;
  /** Fall of the hem at the centre below that at the side. */
  readonly tail?: Working;
}

/** The hem that was chosen; undefined for a bodice to the waist, and where the hip was not measured. */
export function hemBelowWaist(
  body: Body,
  { below, lengthBelow: length, easeHem }: BelowWaistChosen,
  rules: RuleSet,
): { readonly hem: HemBelow | undefined; readonly findings: readonly Finding[] } {
  if (below === 'waist') return { hem: undefined, findings: [] };
  if (body.taken('hip') === undefined) {
    const remedy = { kind: 'measure-again', measure: 'hip' } as const;
    return {
      hem: undefined,
      findings: [finding('hem-needs-hip', { measure: 'hip', choice: 'below' }, { remedy })],
    };
  }
  const round = roundBelowWaist(body, length, body.taken('waistToHip') ?? rules['skirt.hipDepth']);
  const quarter = divided(
    sum(plus(drawn('round there', round)), plus(chosen('ease', easeHem, 'easeHem'))),
    4,
  );
  const depth = chosen('length at the side', length, 'lengthBelow');
  return { hem: { depth, body: round, ease: easeHem, quarter }, findings: [] };
}

/** The corner at the waist is rounded this far each way, mm. */
const SOFTEN = inches(0.6);
/** A contour dart ends at least this far above the hem, mm. */
const ABOVE_HEM = inches(0.5);
/** Redrafts stop when the finished waist is this near to what is wanted, mm. */
const SETTLED = 1e-7;
const LONGEST_STRIDE = 40;
const MOST_REDRAFTS = 40;

/** The foot of the centre, on the fold or at the zip. */
function centreFoot({ id, edges }: Piece): Point {
  const centre = edges.find(({ role }) => role === 'fold' || role === 'centre');
  if (!centre) throw new Error(`${id} has no centre`);
  return endOf(pathDown(centre));
}

const lowerSide = (piece: Piece): Curve => {
  const side = edgesWithRole(piece, 'side').at(-1);
  if (!side) throw new Error(`${piece.id} has no side`);
  return pathDown(side);
};

/** A piece carried on below its waist; `sideLength` mm of side in all, or down to the depth. */
export function carriedBelow(
  whole: Piece,
  { depth: down, tail = sum() }: HemBelow,
  half: Working,
  sideLength: number | undefined,
  rules: RuleSet,
  hemRole: 'topHem' | 'liningHem',
  allowance: number,
): Piece {
  const [depth, width] = [down.mm, half.mm];
  const below = byRule('habit.dartLength', rules['habit.dartLength']);
  const piece = contourDarts(whole, changed(below, 'kept', Math.min(0, depth - ABOVE_HEM - below.mm)));
  const side = lowerSide(piece);
  const above = roleLength(piece, 'side') - curveLength(side);
  const foot = centreFoot(piece);
  const outer =
    sideLength === undefined
      ? point(width, endOf(side).y + depth)
      : footAtLength(side, width, SOFTEN, sideLength - above);
  const longer = lengthen(piece, {
    outer,
    further: { side: down },
    inner: point(foot.x, foot.y + depth + tail.mm),
    soften: SOFTEN,
    allowance,
    level: Math.min(outer.y, foot.y + depth) - CLEAR,
  });
  const waist = sumOf(longer, 'waist-line');
  return withDimensions(
    longer,
    declared(
      longer,
      {
        name: 'hem',
        label: 'Hem, across',
        kind: 'out',
        at: { kind: 'width', level: 'hem' },
        working: half,
        adds: 'side',
      },
      'curve',
    ),
    declared(
      longer,
      {
        name: 'hem-centre',
        label: 'Hem, down at the centre',
        kind: 'down',
        at: { kind: 'corner', of: 'hem', end: 'end' },
        working: sum(plus(named('waist line', waist)), plus(down), plus(tail)),
        adds: hemRole,
      },
      'curve',
    ),
  );
}

/** A faced bodice with outer and lining carried on to the hem; its waist is then a level, and its waist darts have two tips. */
function carriedOnBelow(
  faced: FacedBodice,
  hem: HemBelow,
  rules: RuleSet,
  allowances: Allowances,
): FacedBodice {
  const share = divided(named('front share', faced.bodice.frame.sums.share), 2);
  const half = {
    front: sum(plus(hem.quarter), plus(share)),
    back: sum(plus(hem.quarter), minus(share)),
  };
  const pair = (front: Piece, back: Piece, hemRole: 'topHem' | 'liningHem'): readonly [Piece, Piece] => {
    const allowance = allowances[hemRole];
    const longFront = carriedBelow(front, hem, half.front, undefined, rules, hemRole, allowance);
    const length = roleLength(longFront, 'side');
    return [longFront, carriedBelow(back, hem, half.back, length, rules, hemRole, allowance)];
  };
  const { pieces } = faced;
  const [bodiceFront, bodiceBack] = pair(pieces.bodiceFront, pieces.bodiceBack, 'topHem');
  const [liningBodiceFront, liningBodiceBack] = pair(
    pieces.liningBodiceFront,
    pieces.liningBodiceBack,
    'liningHem',
  );
  return { ...faced, pieces: { ...pieces, bodiceFront, bodiceBack, liningBodiceFront, liningBodiceBack } };
}

/**
 * Drafts a bodice that goes on below the waist, and drafts it again until its finished waist is what was asked: rounding the
 * sides there takes a little that must be given back. `draw` drafts it to the waist with so much more ease there, mm.
 */
export const draftBelowWaist = (
  draw: (more: number) => FacedBodice,
  hem: HemBelow,
  waist: number,
  rules: RuleSet,
  allowances: Allowances,
): FacedBodice =>
  broyden({
    start: [0],
    gains: [1],
    draw: ([more = 0]) => carriedOnBelow(draw(more), hem, rules, allowances),
    residuals: ({ pieces: { bodiceFront, bodiceBack } }) => [
      waist -
        2 * [bodiceFront, bodiceBack].reduce((total, piece) => total + drawnHalfWidth(piece, 'waist'), 0),
    ],
    tolerance: SETTLED,
    longestStride: LONGEST_STRIDE,
    mostRounds: rules['school.block'] === 'table' ? 0 : MOST_REDRAFTS,
  });

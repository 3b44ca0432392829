import { finding, type Finding } from '../../checks/finding.ts';
import { drawnHalfWidth } from '../../checks/half-width.ts';
import type { Allowances } from '../../drafting/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import { contourDarts } from '../../drafting/operations/contour-darts.ts';
import { CLEAR, footAtLength, lengthen } from '../../drafting/operations/lengthen.ts';
import { roundBelowWaist } from '../../drafting/round-below-waist.ts';
import { curveLength, endOf, type Curve } from '../../geometry/curve.ts';
import { point, type Point } from '../../geometry/point.ts';
import { settle } from '../../geometry/settle.ts';
import { edgesWithRole, pathDown, roleLength, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { chosen, divided, plus, sum, type Working } from '../../workings/working.ts';
import type { BelowWaistChosen } from './choices.ts';
import type { FacedBodice } from './faced-bodice.ts';

/** A hem below the waist, mm: how far down the side, the body's round there, the ease over it, and how it came about. */
export interface HemBelow {
  readonly depth: number;
  readonly body: number;
  readonly ease: number;
  readonly working: Working;
}

/** The hem that was chosen; undefined for a bodice to the waist, and where the hip was not measured. */
export function hemBelowWaist(
  body: Body,
  { below, length, easeHem }: BelowWaistChosen,
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
  const working = divided(sum(plus(chosen('round there', round)), plus(chosen('ease', easeHem))), 4);
  return { hem: { depth: length, body: round, ease: easeHem, working }, findings: [] };
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
export function centreFoot({ id, edges }: Piece): Point {
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
function carriedBelow(
  whole: Piece,
  { depth }: HemBelow,
  width: number,
  sideLength: number | undefined,
  rules: RuleSet,
  allowance: number,
): Piece {
  const piece = contourDarts(whole, Math.min(rules['habit.dartLength'], depth - ABOVE_HEM));
  const side = lowerSide(piece);
  const above = roleLength(piece, 'side') - curveLength(side);
  const foot = centreFoot(piece);
  const outer =
    sideLength === undefined
      ? point(width, endOf(side).y + depth)
      : footAtLength(side, width, SOFTEN, sideLength - above);
  return lengthen(piece, {
    outer,
    inner: point(foot.x, foot.y + depth),
    soften: SOFTEN,
    allowance,
    level: Math.min(outer.y, foot.y + depth) - CLEAR,
  });
}

/** A faced bodice with outer and lining carried on to the hem; its waist is then a level, and its waist darts have two tips. */
function carriedOnBelow(
  faced: FacedBodice,
  hem: HemBelow,
  rules: RuleSet,
  allowances: Allowances,
): FacedBodice {
  const quarter = (hem.body + hem.ease) / 4;
  const share = faced.bodice.frame.share / 2;
  const pair = (front: Piece, back: Piece, allowance: number): readonly [Piece, Piece] => {
    const longFront = carriedBelow(front, hem, quarter + share, undefined, rules, allowance);
    const length = roleLength(longFront, 'side');
    return [longFront, carriedBelow(back, hem, quarter - share, length, rules, allowance)];
  };
  const { pieces } = faced;
  const [bodiceFront, bodiceBack] = pair(pieces.bodiceFront, pieces.bodiceBack, allowances.topHem);
  const [liningBodiceFront, liningBodiceBack] = pair(
    pieces.liningBodiceFront,
    pieces.liningBodiceBack,
    allowances.liningHem,
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
  settle({
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

import type { Allowances } from '../../drafting/allowances.ts';
import type { Body } from '../../drafting/body.ts';
import { carriedOn, CLEAR, footAtLength, lengthen } from '../../drafting/operations/lengthen.ts';
import type { PrincessPanels } from '../../drafting/operations/split-on-princess.ts';
import { curveLength, endOf, type Curve } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { centreOf, edgeOf, pathDown, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import type { PrincessShell } from './princess-shell.ts';
import type { BelowPlan } from './shell-plan.ts';

/** The corner at the waist is rounded this far each way, mm; the same on both edges of a seam. */
const SOFTEN = inches(1.1);
/** A hem's point keeps this far from the seam, mm; from it the hem rises again to this part of its fall at the centre. */
const INSIDE_SEAM = inches(0.6);
const CENTRE_OF_POINT = 0.45;
/** A seam keeps at least this part of its panel's width to either side, so that no panel closes before the hem. */
const LEAST_PANEL = inches(0.75);

interface Below {
  readonly plan: BelowPlan;
  /** Where the intake of the seam has closed below the waist, mm. */
  readonly closed: number;
  /** The finished half-width wanted at the hem, mm. */
  readonly width: number;
  readonly hipDepth: number;
  readonly allowance: number;
}

const seamDown = (piece: Piece): Curve => pathDown(edgeOf(piece, 'princess'));
const sideDown = (piece: Piece): Curve => pathDown(edgeOf(piece, 'side'));

/** A point lies on the centre panel: on a narrow one nearer to the centre than was asked. */
const pointOut = (wanted: number, seamOut: number): number => Math.min(wanted, seamOut - INSIDE_SEAM);

/** How much lower the hem is at the centre than at the side, mm. */
const lowerAtCentre = ({ point: pointed, tail }: BelowPlan): number =>
  pointed ? pointed.lower * CENTRE_OF_POINT : (tail ?? 0);

/** A pointed hem falls straight from the side's hem to its point: how much lower it is at the seam, mm. */
function lowerAtSeam({ plan, width }: Below, seamOut: number): number {
  if (!plan.point) return plan.tail ?? 0;
  const out = pointOut(plan.point.out, seamOut);
  return (plan.point.lower * (width - seamOut)) / Math.max(1, width - out);
}

/**
 * Carries two panels on to the hem. The intake of their seam runs on below the waist and closes; what it takes at the hem
 * is given back at the side. Both edges of the seam are of one length; the side is `sideLength` long, or falls to the depth.
 */
function lengthenPanels(
  panels: PrincessPanels,
  below: Below,
  sideLength: number | undefined,
): PrincessPanels {
  const { plan, closed, width, hipDepth, allowance } = below;
  const { centre, side, moved } = panels;
  const [centreSeam, sideSeam] = [seamDown(centre), seamDown(side)];
  const [centreFoot, sideFoot] = [endOf(centreSeam), endOf(sideSeam)];
  const mouth = Math.max(0, sideFoot.x + moved - centreFoot.x);
  const left = mouth * Math.max(0, 1 - plan.depth / closed);
  const back = (mouth - left) / 2;
  const centreWaist = endOf(pathDown(centreOf(centre)));
  const inner = centreWaist.x * Math.max(0, 1 - plan.depth / hipDepth);
  const seamX = centreFoot.x + back;
  const lower = lowerAtSeam(below, seamX - inner);
  const outer = point(seamX, centreFoot.y + plan.depth + lower);
  const centreEnd = point(inner, centreWaist.y + plan.depth + lowerAtCentre(plan));
  const longCentre = lengthen(centre, {
    outer,
    inner: centreEnd,
    soften: SOFTEN,
    allowance,
    level: Math.min(centreFoot.y, centreWaist.y) + plan.depth - CLEAR,
    ...(plan.point && {
      point: point(
        inner + pointOut(plan.point.out, seamX - inner),
        centreFoot.y + plan.depth + plan.point.lower,
      ),
    }),
  });
  const wantedSeam = curveLength(carriedOn(centreSeam, outer, SOFTEN));
  const sideInner = footAtLength(sideSeam, sideFoot.x - back, SOFTEN, wantedSeam);
  const sideX = sideInner.x + Math.max(LEAST_PANEL, width - (seamX - inner));
  const sideEdge = sideDown(side);
  const sideOuter =
    sideLength === undefined
      ? point(sideX, endOf(sideEdge).y + plan.depth)
      : footAtLength(sideEdge, sideX, SOFTEN, sideLength);
  const longSide = lengthen(side, {
    outer: sideOuter,
    inner: sideInner,
    soften: SOFTEN,
    allowance,
    level: Math.min(sideOuter.y, sideInner.y) - CLEAR,
    straight: plan.point !== undefined,
  });
  return { ...panels, centre: longCentre, side: longSide };
}

/**
 * Lengthens all panels of a shell below the waist. On a flat tummy the seams' intake runs on and closes at the hip; on a
 * rounded one the front's closes sooner, so that the cloth is not tight there. Common practice.
 */
export function lengthenShell(
  body: Body,
  shell: PrincessShell,
  plan: BelowPlan,
  more: number,
  rules: RuleSet,
  allowances: Allowances,
): PrincessShell {
  const hipDepth = body.mm('waistToHip');
  const quarter = (plan.round + more) / 4;
  const share = shell.bodice.frame.share / 2;
  const rounded = body.observations.tummy === 'rounded';
  const common = { plan, hipDepth, allowance: plan.lined ? allowances.front : allowances.topHem };
  const front = lengthenPanels(
    shell.front,
    {
      ...common,
      closed: rounded ? Math.min(rules['tummy.closes'], hipDepth) : hipDepth,
      width: quarter + share,
    },
    undefined,
  );
  const sideLength = curveLength(sideDown(front.side));
  // Only the front's hem runs down to a point.
  const straight: BelowPlan = { ...plan, point: undefined };
  const back = lengthenPanels(
    shell.back,
    { ...common, plan: straight, closed: hipDepth, width: quarter - share },
    sideLength,
  );
  return { ...shell, front, back };
}

import type { Body } from '../../drafting/body.ts';
import { carriedOn, CLEAR, footAtLength, lengthen } from '../../drafting/operations/panels/lengthen.ts';
import type { PrincessPanels } from '../../drafting/operations/panels/split-on-princess.ts';
import { curveLength, endOf, type Curve } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { centreOf, edgeOf, levelEnds, pathDown, roleLength, type Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import type { PrincessShell } from './princess-shell.ts';
import type { BelowPlan } from './shell-plan.ts';
import type { Allowances, SeamRole } from '../../pieces/allowances.ts';
import { declared, withDimensions, sumOf } from '../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../pieces/dimension.ts';
import {
  changed,
  chosen,
  divided,
  drawn,
  drawnTerm,
  edgeOfPiece,
  minus,
  named,
  plus,
  sum,
  times,
  type Working,
} from '../../workings/working.ts';

/** The corner at the waist is rounded this far each way, mm; the same on both edges of a seam. */
const SOFTEN = inches(1.1);
/** A hem's point keeps this far from the seam, mm; from it the hem rises again to this part of its fall at the centre. */
const INSIDE_SEAM = inches(0.6);
const CENTRE_OF_POINT = 0.45;
/** A seam keeps at least this part of its panel's width to either side, so that no panel closes before the hem. */
const LEAST_PANEL = inches(0.75);

interface Below {
  readonly plan: BelowPlan;
  /** Depth below the waist at which the intake of the seam has closed, mm. */
  readonly closed: number;
  /** The finished half-width wanted at the hem, mm. */
  readonly width: number;
  /** The same as it was asked, and how far down the waist line lies at the centre. */
  readonly half: Working;
  readonly waistLine: Working;
  readonly hemRole: SeamRole;
  readonly hipDepth: number;
  readonly allowance: number;
}

const seamDown = (piece: Piece): Curve => pathDown(edgeOf(piece, 'princess'));
const sideDown = (piece: Piece): Curve => pathDown(edgeOf(piece, 'side'));

/** A point lies on the centre panel: on a narrow one nearer to the centre than was asked. */
const pointOut = (wanted: number, seamOut: number): number => Math.min(wanted, seamOut - INSIDE_SEAM);

/** Fall of the hem from the side to the centre, mm. */
const lowerAtCentre = ({ point: pointed, tail }: BelowPlan): number =>
  pointed ? pointed.lower * CENTRE_OF_POINT : tail ? tail.mm : 0;

/** A pointed hem falls straight from the side's hem to its point: how much lower it is at the seam, mm. */
function lowerAtSeam({ plan, width }: Below, seamOut: number): number {
  if (!plan.point) return plan.tail ? plan.tail.mm : 0;
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
  const depth = plan.depth.mm;
  const { centre, side, moved } = panels;
  const [centreSeam, sideSeam] = [seamDown(centre), seamDown(side)];
  const [centreFoot, sideFoot] = [endOf(centreSeam), endOf(sideSeam)];
  const mouth = Math.max(0, sideFoot.x + moved - centreFoot.x);
  const left = mouth * Math.max(0, 1 - depth / closed);
  const back = (mouth - left) / 2;
  const centreWaist = endOf(pathDown(centreOf(centre)));
  const inner = centreWaist.x * Math.max(0, 1 - depth / hipDepth);
  const seamX = centreFoot.x + back;
  const lower = lowerAtSeam(below, seamX - inner);
  const outer = point(seamX, centreFoot.y + depth + lower);
  const centreEnd = point(inner, centreWaist.y + depth + lowerAtCentre(plan));
  const longCentre = lengthen(centre, {
    outer,
    inner: centreEnd,
    soften: SOFTEN,
    allowance,
    level: Math.min(centreFoot.y, centreWaist.y) + depth - CLEAR,
    further: { princess: sum(plus(plan.depth), drawnTerm('lower there', lower)) },
    ...(plan.point && {
      point: point(inner + pointOut(plan.point.out, seamX - inner), centreFoot.y + depth + plan.point.lower),
    }),
  });
  const wantedSeam = curveLength(carriedOn(centreSeam, outer, SOFTEN));
  const sideInner = footAtLength(sideSeam, sideFoot.x - back, SOFTEN, wantedSeam);
  const sideX = sideInner.x + Math.max(LEAST_PANEL, width - (seamX - inner));
  const sideEdge = sideDown(side);
  const sideOuter =
    sideLength === undefined
      ? point(sideX, endOf(sideEdge).y + depth)
      : footAtLength(sideEdge, sideX, SOFTEN, sideLength);
  const longSide = lengthen(side, {
    outer: sideOuter,
    inner: sideInner,
    soften: SOFTEN,
    allowance,
    level: Math.min(sideOuter.y, sideInner.y) - CLEAR,
    straight: plan.point !== undefined,
    further: { side: plan.depth },
  });
  const hems = { below, centre: longCentre, side: longSide, letOut: back };
  return {
    ...panels,
    centre: withDimensions(longCentre, ...centreHem(hems)),
    side: longSide.dimensions ? { ...longSide, dimensions: sideHem(hems) } : longSide,
  };
}

interface Hems {
  readonly below: Below;
  readonly centre: Piece;
  readonly side: Piece;
  /** Width that each edge of the seam has been let out again below the waist, mm. */
  readonly letOut: number;
}

const hemWidth = ({ below, centre, letOut }: Hems): Dimension => {
  const inwards = levelEnds(centre, 'waist').from.x - levelEnds(centre, 'hem').from.x;
  return declared(
    centre,
    {
      name: 'hem',
      label: 'Hem, across to the seam',
      kind: 'out',
      at: { kind: 'width', level: 'hem' },
      working: sum(
        plus(named('waist, to the seam', sumOf(centre, 'waist'))),
        drawnTerm('let out again below it', letOut),
        drawnTerm('out again at the centre', inwards),
      ),
      adds: 'princess',
    },
    below.plan.point ? 'slant' : 'curve',
  );
};

/** The level of the hem at the centre: lower there by a tail, or by a part of its point. */
function centreHem(hems: Hems): Dimension[] {
  const { below, centre } = hems;
  const { plan, waistLine, hemRole } = below;
  const lower = plan.point
    ? times(chosen('point lower by', plan.point.lower, 'pointLower'), CENTRE_OF_POINT)
    : plan.tail;
  return [
    hemWidth(hems),
    declared(
      centre,
      {
        name: 'hem-line',
        label: 'Hem, down at the centre',
        kind: 'down',
        at: { kind: 'corner', of: 'hem', end: 'end' },
        working: sum(plus(named('waist line', waistLine)), plus(plan.depth), ...(lower ? [plus(lower)] : [])),
        adds: hemRole,
      },
      'curve',
    ),
  ];
}

/** The side panel's hem, and its seam, which is as long as the centre panel's. */
function sideHem(hems: Hems): readonly Dimension[] {
  const { below, centre, side } = hems;
  const { plan, half, hemRole } = below;
  const waist = levelEnds(side, 'waist').to.y;
  const own = (side.dimensions ?? []).map((dimension) =>
    dimension.at.kind === 'run' && dimension.at.of === 'princess'
      ? {
          ...dimension,
          working: edgeOfPiece(centre.name, 'princess seam', roleLength(side, 'princess')),
        }
      : dimension,
  );
  return [
    ...own,
    declared(
      side,
      {
        name: 'hem',
        label: 'Hem, seam to side',
        kind: 'out',
        at: { kind: 'width', level: 'hem' },
        working: sum(plus(half), minus(named('centre panel', hemWidth(hems).working))),
        adds: 'side',
      },
      'curve',
    ),
    declared(
      side,
      {
        name: 'hem-side',
        label: 'Hem, down at the side',
        kind: 'down',
        at: { kind: 'corner', of: 'hem', end: 'start' },
        working: sum(plus(drawn('waist at the side', waist)), plus(plan.depth)),
        adds: hemRole,
      },
      'trued',
    ),
  ];
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
  const { sums } = shell.bodice.frame;
  const share = divided(named('front share', sums.share), 2);
  const quarter = divided(changed(plan.round, 'givenBack', more), 4);
  const half = { front: sum(plus(quarter), plus(share)), back: sum(plus(quarter), minus(share)) };
  const rounded = body.observations.tummy === 'rounded';
  const hemRole = plan.lined ? 'front' : 'topHem';
  const common = { plan, hipDepth, hemRole, allowance: allowances[hemRole] } as const;
  const front = lengthenPanels(
    shell.front,
    {
      ...common,
      closed: rounded ? Math.min(rules['tummy.closes'], hipDepth) : hipDepth,
      half: half.front,
      width: half.front.mm,
      waistLine: sums.waist.front,
    },
    undefined,
  );
  const sideLength = curveLength(sideDown(front.side));
  // Only the front's hem runs down to a point.
  const straight: BelowPlan = { ...plan, point: undefined };
  const back = lengthenPanels(
    shell.back,
    {
      ...common,
      plan: straight,
      closed: hipDepth,
      half: half.back,
      width: half.back.mm,
      waistLine: sums.waist.back,
    },
    sideLength,
  );
  return { ...shell, front, back };
}

import { clamp } from '../../geometry/clamp.ts';
import { curveLength, endDirection, startDirection, startOf, type Curve } from '../../geometry/curve.ts';
import { distance, point, quarterTurn, subtract, unitVector, type Point } from '../../geometry/point.ts';
import { handleCurve, line } from '../../geometry/segment.ts';
import { solve } from '../../geometry/solve.ts';
import { inches } from '../../units/length.ts';
import { SIDE_HANDLE } from '../skirt/panel.ts';
import { drawClosedSeam, type DartPlan, type OpenedSeam } from '../closed-seam.ts';
import type { LegPlan } from './leg-plan.ts';

/** The side of a leg at the waist, as it is solved: taken in there, and down from the waist line; mm. */
export interface SideTop {
  readonly sideIn: number;
  readonly down: number;
}

const DOWN = point(0, 1);
const IN = point(-1, 0);

/** Of the drop from hip to waist the side takes this part, and at most so much, mm. As on a skirt: the team’s drafting study. */
const AT_SIDE = { part: { front: 0.5, back: 0.42 }, most: inches(1.35) };
/** Less than this is taken in at the side as well instead of in a dart; more is shared by two, behind sooner than in front; mm. */
const DARTS = { none: inches(0.4), two: { front: inches(2.25), back: inches(1.4) } };
/** Length of the darts below the waist, mm, and the place of the first where nothing above says it, as parts of the waist. Common practice. */
const DART = {
  front: [inches(3.5), inches(3.25)],
  back: [inches(5), inches(4.5)],
  out: 0.55,
  second: 0.45,
} as const;

/** The crease: half-way across the crotch line, and the grain of the leg. */
const creaseOf = ({ hip, fork }: LegPlan): number => (hip.mm - fork.mm) / 2;

const kneeAt = (plan: LegPlan, hand: 1 | -1): Point =>
  point(creaseOf(plan) + (hand * plan.knee.mm) / 2, plan.kneeDown.mm);
const hemAt = (plan: LegPlan, hand: 1 | -1): Point =>
  point(creaseOf(plan) + (hand * plan.hem.mm) / 2, plan.length.mm);
/** The way down from the knee to the hem. */
const legWay = (plan: LegPlan, hand: 1 | -1): Point =>
  unitVector(subtract(hemAt(plan, hand), kneeAt(plan, hand)));

const centreTop = ({ slant, rise }: LegPlan): Point => point(slant.mm, -rise.mm);
const hipCentre = ({ hipDepth }: LegPlan): Point => point(0, hipDepth.mm);

/** The centre from the waist to the hip line: straight, leaning out behind. */
export const centreLine = (plan: LegPlan): Curve => [line(centreTop(plan), hipCentre(plan))];

/** Length down the centre from the waist to a depth, mm: the seat seam slants, and begins above the waist line. */
export function downCentre(plan: LegPlan, depth: number): number {
  const [top, hip] = [centreTop(plan), hipCentre(plan)];
  return (distance(top, hip) * (depth - top.y)) / (hip.y - top.y);
}

/** The fork from the hip line to its point at a depth: it leaves on the line of the centre, and arrives level, square to the inseam. */
export function forkCurve(plan: LegPlan, depth: number): Curve {
  const [from, to] = [hipCentre(plan), point(-plan.fork.mm, depth)];
  const chord = distance(from, to);
  const leaving = unitVector(subtract(hipCentre(plan), centreTop(plan)));
  return [handleCurve(from, leaving, 0.5 * chord, to, IN, 0.48 * chord)];
}

/** The inseam from the point of the fork: straight down there, through the knee to the hem. */
export function inseamOf(plan: LegPlan, depth: number): Curve {
  const [from, knee] = [point(-plan.fork.mm, depth), kneeAt(plan, -1)];
  const long = knee.y - from.y;
  return [
    handleCurve(from, DOWN, 0.25 * long, knee, legWay(plan, -1), 0.35 * long),
    line(knee, hemAt(plan, -1)),
  ];
}

/** The side from the waist over the hip, straight down there, through the knee to the hem. */
export function sideOf(plan: LegPlan, { sideIn, down }: SideTop): Curve {
  const [top, hip, knee] = [
    point(plan.hip.mm - sideIn, down),
    point(plan.hip.mm, plan.hipDepth.mm),
    kneeAt(plan, 1),
  ];
  const [above, below] = [hip.y - top.y, knee.y - hip.y];
  const leaving = unitVector(point(clamp(1.15 * sideIn, -200, 200), 0.62 * above));
  return [
    handleCurve(top, leaving, 0.34 * above, hip, DOWN, 0.42 * above),
    handleCurve(hip, DOWN, 0.35 * below, knee, legWay(plan, 1), 0.35 * below),
    line(knee, hemAt(plan, 1)),
  ];
}

/** The hem from the side to the inseam, square to both. */
export function hemOf(plan: LegPlan, side: Curve, inseam: Curve): Curve {
  const [from, to] = [hemAt(plan, 1), hemAt(plan, -1)];
  const handle = distance(from, to) / 3;
  return [
    handleCurve(from, quarterTurn(endDirection(side)), handle, to, quarterTurn(endDirection(inseam)), handle),
  ];
}

function dartsOf(plan: LegPlan, taken: number): DartPlan[] {
  const waist = plan.waist.mm;
  const [first, second] = DART[plan.face];
  const start = centreTop(plan);
  const dart = (out: number, length: number, weight: number): DartPlan => ({
    tip: point(start.x + out, (start.y * Math.max(0, waist - out)) / waist + plan.scale * length),
    axis: point(0, -1),
    weight,
  });
  if (taken < DARTS.none) return [];
  const out = plan.dartOut ?? DART.out * waist;
  if (taken < DARTS.two[plan.face]) return [dart(out, first, 1)];
  return [dart(out, first, 0.55), dart(out + DART.second * (waist + taken / 2 - out), second, 0.45)];
}

/** The waist from the side to the centre with its darts, square to both, as long as what it is sewn to. */
export const waistOf = (plan: LegPlan, side: Curve, darts: readonly DartPlan[]): OpenedSeam =>
  drawClosedSeam({
    from: startOf(side),
    leaving: quarterTurn(startDirection(side)),
    to: centreTop(plan),
    arriving: quarterTurn(startDirection(centreLine(plan))),
    outerHandle: SIDE_HANDLE,
    darts,
    target: plan.waist.mm,
  });

/** Intake of the side, and the darts for the rest; without any the side alone brings the waist to its length. */
export function shapingOf(
  plan: LegPlan,
  down: number,
): { readonly sideIn: number; readonly darts: readonly DartPlan[] } {
  const drop = plan.hip.mm - plan.slant.mm - plan.waist.mm;
  const planned = clamp(AT_SIDE.part[plan.face] * drop, 0, AT_SIDE.most * plan.scale);
  const darts = dartsOf(plan, drop - planned);
  if (darts.length > 0) return { sideIn: planned, darts };
  const over = (sideIn: number) => waistOf(plan, sideOf(plan, { sideIn, down }), []).residual;
  return { sideIn: solve(over, drop - inches(2), drop + inches(2)).x, darts };
}

/** The side rises above the waist line over a hip by this part of what it takes in, within bounds, mm. */
export const sideRise = (sideIn: number): number => clamp(0.12 * sideIn, -3, inches(0.4));

/** The point of the back fork moves at most so far from the crotch line, and stays so far above the knee line, mm. */
const FORK = { moves: inches(3), aboveKnee: inches(1) } as const;

/** The point of the back fork lies lower or higher than the front’s until both inseams are equally long. */
export function backForkDepth(front: LegPlan, back: LegPlan): number {
  const wanted = curveLength(inseamOf(front, front.crotch.mm));
  const { x } = solve(
    (depth) => curveLength(inseamOf(back, depth)) - wanted,
    back.crotch.mm - FORK.moves,
    Math.min(back.crotch.mm + FORK.moves, back.kneeDown.mm - FORK.aboveKnee),
  );
  return x;
}

/** Depth of the back’s side at the waist at which both sides are equally long. */
export function backSideDown(front: Curve, back: (down: number) => Curve): number {
  const wanted = curveLength(front);
  return solve((down) => curveLength(back(down)) - wanted, -inches(2), inches(2)).x;
}

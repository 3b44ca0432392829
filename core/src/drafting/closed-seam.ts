import { curveLength, endOf, mapCurve, splitCurve, startOf, type Curve } from '../geometry/curve.ts';
import { cross, distance, point, rotate, rotateDirection, subtract, type Point } from '../geometry/point.ts';
import { handleCurve, pointAt, segmentLength } from '../geometry/segment.ts';
import { solve, type Solution } from '../geometry/solve.ts';

/** A dart as planned: where its tip lies, which way it opens, and its share of the intake. */
export interface DartPlan {
  readonly tip: Point;
  /** Unit vector from the tip to the middle of the mouth. */
  readonly axis: Point;
  readonly weight: number;
}

export interface SeamToDraw {
  /** The outer end, at the side, and the unit direction in which the seam leaves it. */
  readonly from: Point;
  readonly leaving: Point;
  /** The inner end, at the centre, and the unit direction in which the seam arrives. */
  readonly to: Point;
  readonly arriving: Point;
  /** Its handle at the outer end, as a part of its chord: a longer one bends it less there. */
  readonly outerHandle?: number;
  /** From the centre outwards. */
  readonly darts: readonly DartPlan[];
  /** Target length of the seam once its darts are closed, mm. */
  readonly target: number;
}

export interface DartMouth {
  readonly outer: Point;
  readonly tip: Point;
  readonly inner: Point;
  /** Width of the mouth, mm. */
  readonly mm: number;
}

/** Opening of an upright dart at the level y, mm. */
export function openingAt({ outer, tip, inner, mm }: DartMouth, y: number): number {
  const mouth = (outer.y + inner.y) / 2;
  return Math.max(0, (mm * (y - tip.y)) / (mouth - tip.y));
}

export interface OpenedSeam {
  /** Stretches of seam from the side to the centre; between each two lies a dart. */
  readonly stretches: readonly Curve[];
  /** From the side to the centre. */
  readonly mouths: readonly DartMouth[];
  readonly solved: boolean;
  /** Residual of the closed seam against its target, mm. */
  readonly residual: number;
}

/** Handles of the closed seam, as parts of its chord: a gentle single bow. */
const HANDLE = 0.33;
/** No garment dart opens wider than this (radians); past it a draft has gone wrong. */
const WIDEST = 1.5;
/** The angle is looked for in steps: a seam closed too far grows longer again, so the first root is the dart. */
const ANGLE_STEP = 0.1;

function solveAngle(excess: (angle: number) => number): Solution {
  let low = 0;
  while (low < WIDEST - ANGLE_STEP && excess(low + ANGLE_STEP) > 0) low += ANGLE_STEP;
  return solve(excess, low, low + ANGLE_STEP);
}

/** The seam with all darts closed by the common angle: one cubic, square to both neighbours. */
function closedCurve(seam: SeamToDraw, turns: readonly number[]): Curve {
  let from = seam.from;
  for (let index = seam.darts.length - 1; index >= 0; index--) {
    const dart = seam.darts[index];
    if (dart) from = rotate(from, dart.tip, turns[index] ?? 0);
  }
  const leaving = rotateDirection(
    seam.leaving,
    turns.reduce((total, turn) => total + turn, 0),
  );
  const chord = distance(from, seam.to);
  const { outerHandle = HANDLE } = seam;
  return [handleCurve(from, leaving, outerHandle * chord, seam.to, seam.arriving, HANDLE * chord)];
}

/** Length along the closed seam to the inner leg of dart `index`, mm. */
function cutAt(seam: SeamToDraw, turns: readonly number[], index: number, closed: Curve): number | undefined {
  const dart = seam.darts[index];
  const [segment] = closed;
  if (!dart || !segment) return undefined;
  let tip = dart.tip;
  let leg = rotateDirection(dart.axis, (turns[index] ?? 0) / 2);
  for (let inner = index - 1; inner >= 0; inner--) {
    tip = rotate(tip, seam.darts[inner]?.tip ?? tip, turns[inner] ?? 0);
    leg = rotateDirection(leg, turns[inner] ?? 0);
  }
  const root = solve((t) => cross(leg, subtract(pointAt(segment, t), tip)), 0, 1);
  return root.ok ? segmentLength(segment, 0, root.x) : undefined;
}

/**
 * Draws a seam that crosses darts: closed, as one smooth curve whose length is the target, then cut on the dart
 * axes and turned back open. Legs are equal and joins smooth by construction. Angles share one unknown by weight.
 */
export function drawClosedSeam(seam: SeamToDraw): OpenedSeam {
  const towardsCentre = Math.sign(cross(seam.darts[0]?.axis ?? point(0, 1), point(-1, 0)));
  const turnsFor = (angle: number) => seam.darts.map((dart) => towardsCentre * angle * dart.weight);
  const excess = (angle: number) => curveLength(closedCurve(seam, turnsFor(angle))) - seam.target;
  const undarted = (): OpenedSeam => ({
    stretches: [closedCurve(seam, turnsFor(0))],
    mouths: [],
    solved: Math.abs(excess(0)) < 1,
    residual: excess(0),
  });
  if (seam.darts.length === 0 || excess(0) <= 0) return undarted();
  const solution = solveAngle(excess);
  const turns = turnsFor(solution.x);
  const closed = closedCurve(seam, turns);
  const cuts = seam.darts.map((_, index) => cutAt(seam, turns, index, closed)).reverse();
  const inOrder = cuts.every((cut, index) => cut !== undefined && cut > (cuts[index - 1] ?? 0));
  if (!solution.ok || !inOrder) return { ...undarted(), solved: false };
  return { ...openSeam(seam, turns, closed, cuts as number[]), solved: true, residual: solution.residual };
}

function openSeam(
  seam: SeamToDraw,
  turns: readonly number[],
  closed: Curve,
  cuts: readonly number[],
): Pick<OpenedSeam, 'stretches' | 'mouths'> {
  const turnBack = (p: Point, outermost: number) =>
    seam.darts
      .slice(0, outermost + 1)
      .reduce((moved, dart, index) => rotate(moved, dart.tip, -(turns[index] ?? 0)), p);
  const stretches: Curve[] = [];
  let rest = closed;
  let used = 0;
  cuts.forEach((cut, index) => {
    const [outer, inner] = splitCurve(rest, cut - used);
    stretches.push(mapCurve(outer, (p) => turnBack(p, seam.darts.length - 1 - index)));
    rest = inner;
    used = cut;
  });
  stretches.push(rest);
  const mouths = [...seam.darts].reverse().map((dart, index) => {
    const [outerStretch, innerStretch] = [stretches[index], stretches[index + 1]];
    if (!outerStretch || !innerStretch) throw new Error('a dart lies between two stretches of its seam');
    const [outer, inner] = [endOf(outerStretch), startOf(innerStretch)];
    return { outer, tip: dart.tip, inner, mm: distance(outer, inner) };
  });
  return { stretches, mouths };
}

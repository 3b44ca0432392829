import { lookup, valueAt, type Lookup } from '../geometry/lookup.ts';
import { point, type Point } from '../geometry/point.ts';
import { smoothThrough } from '../geometry/smooth-through.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { figureMeasures, type FigureMeasures } from './figure-measures.ts';

/** Heights of a figure, mm below the start line at the side of the neck; the crown lies above it. */
export interface Heights {
  readonly crown: number;
  readonly tip: number;
  readonly armpit: number;
  readonly bust: number;
  readonly underBust: number;
  readonly waist: number;
  readonly hip: number;
  readonly crotch: number;
  readonly knee: number;
  readonly ankle: number;
  readonly floor: number;
}

/** A person as she is seen from in front or behind: x out from the centre, y down from the start line, mm. */
export interface Figure {
  readonly measures: FigureMeasures;
  readonly heights: Heights;
  /** Whole width seen ÷ girth, by height. */
  readonly seen: Lookup;
  /** Half-width of the torso seen at a height from the armpit to the crotch. */
  readonly half: (height: number) => number;
  /** Girth of the arm by the distance down from the tip of the shoulder. */
  readonly arm: Lookup;
  /** Angle of the hanging arm from upright, radians: wider where the body is. */
  readonly armAngle: number;
  /** Tip of the shoulder. */
  readonly tip: Point;
  /** Half-width of the neck at its base. */
  readonly neck: number;
}

/**
 * Whole width seen ÷ girth: a circle would be 1 ÷ π = 0.318, a flat sheet 0.5. By eye; the mean breadths and girths of a
 * published survey agree within a tenth (see the test).
 */
export const SEEN = { bust: 0.33, underBust: 0.335, waist: 0.345, hip: 0.352, limb: 0.32 } as const;

/** Least room between under bust and waist, mm: the outline turns there. */
const LEAST_RIBS = 30;
/** Of half the shoulder measure, which lies over the back, out to its tip and down to it. By eye. */
const TIP = { out: 0.97, down: 0.13, bone: 12 } as const;

function heightsOf(m: FigureMeasures): Heights {
  const waist = m.backWaistLength;
  // The tape over the bust is longer than the way down: the front is read to the waist of the back.
  const overBust = waist / m.frontWaistLength;
  return {
    crown: -(m.height - m.waistToFloor - waist),
    tip: (TIP.down * m.shoulder) / 2,
    armpit: waist - m.sideLength,
    bust: m.shoulderToBust * overBust,
    underBust: Math.min(waist - LEAST_RIBS, m.shoulderToUnderBust * overBust),
    waist,
    hip: waist + m.waistToHip,
    crotch: waist + m.waistToFloor - m.inseam,
    knee: waist + m.waistToKnee,
    ankle: waist + m.waistToAnkle,
    floor: waist + m.waistToFloor,
  };
}

/** Rows by rising key: one that does not rise past the row before it is left out. */
const rising = (rows: readonly Point[]): Point[] =>
  rows.reduce<Point[]>(
    (kept, row) => (row.x > (kept.at(-1)?.x ?? -Infinity) + 1 ? [...kept, row] : kept),
    [],
  );

/** The torso's outline: half-widths by height. */
function outline(m: FigureMeasures, h: Heights): (height: number) => number {
  const hip = (m.hip * SEEN.hip) / 2;
  return smoothThrough(
    rising([
      point(h.armpit - 25, (m.highBust * SEEN.bust) / 2),
      point(h.bust, (m.bust * SEEN.bust) / 2),
      point(h.underBust, (m.underBust * SEEN.underBust) / 2),
      point(h.waist, (m.waist * SEEN.waist) / 2),
      point((h.waist + h.hip) / 2, (m.highHip * (SEEN.waist + SEEN.hip)) / 4),
      point(h.hip, hip),
      point(h.crotch + 30, 0.97 * hip),
    ]),
  );
}

/** Angle of an arm that hangs by itself, radians, and the most that a body holds it off. By eye. */
const ARM_HANGS = 0.13;
const ARM_HELD_OFF = 0.38;

/** The arm hangs by itself where it can; beside a wide body it lies against it at the elbow. */
function armAngle({ upperArm, shoulderToElbow }: FigureMeasures, half: number, tip: Point): number {
  const radius = (upperArm * SEEN.limb) / 2;
  const out = half + radius * 0.5 - (tip.x - 0.75 * radius);
  return Math.max(ARM_HANGS, Math.asin(Math.min(ARM_HELD_OFF, Math.max(0, out / shoulderToElbow))));
}

/** The figure of a person from her measures, likely ones where they were not taken. */
export function figureOf(taken: MeasureValues): Figure {
  const measures = figureMeasures(taken);
  const heights = heightsOf(measures);
  const half = outline(measures, heights);
  const tip = point((measures.shoulder / 2) * TIP.out - TIP.bone, heights.tip);
  return {
    measures,
    heights,
    seen: lookup([
      [heights.bust, SEEN.bust],
      [heights.underBust, SEEN.underBust],
      [heights.waist, SEEN.waist],
      [heights.hip, SEEN.hip],
    ]),
    half,
    arm: lookup([
      [0, measures.upperArm],
      [0.55 * measures.shoulderToElbow, measures.upperArm],
      [measures.shoulderToElbow, measures.elbow],
      [measures.armLength, measures.wrist],
    ]),
    armAngle: armAngle(measures, Math.max(half(heights.bust), half(heights.waist)), tip),
    tip,
    neck: 0.165 * measures.neck,
  };
}

/** Half-width of the arm seen at a distance down from the tip of the shoulder. */
export const halfArm = ({ arm }: Figure, down: number): number => (valueAt(arm, down) * SEEN.limb) / 2;

/** A point beside the arm's axis: `down` from the tip of the shoulder, `out` from the axis; mm. */
export function besideArm(figure: Figure, down: number, out = 0, angle = figure.armAngle): Point {
  const radius = halfArm(figure, 60);
  const [sine, cosine] = [Math.sin(angle), Math.cos(angle)];
  return point(
    figure.tip.x - 0.75 * radius + sine * down + cosine * out,
    figure.tip.y + 8 + cosine * down - sine * out,
  );
}

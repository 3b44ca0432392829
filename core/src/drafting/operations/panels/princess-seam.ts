import { clamp } from '../../../geometry/clamp.ts';
import { curveLength, endDirection, placeAtLength, type Curve } from '../../../geometry/curve.ts';
import {
  add,
  between,
  distance,
  point,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../../geometry/point.ts';
import { handleCurve, line } from '../../../geometry/segment.ts';
import { solve } from '../../../geometry/solve.ts';
import type { Edge } from '../../../pieces/piece.ts';
import { bendOf, roundCorner, type Cornered } from '../edges/round-corner.ts';

/** Handles of the slash, as parts of its chord. The team's drafting study. */
const SLASH = { leaving: 0.36, arriving: 0.42 };
/** At most this part of the shorter side of the corner is trimmed. */
const MOST_TRIMMED = 0.45;
/** Trim added by the bend of the corner, for each radian: 1.4 in for each 1.3 in of it. */
const BEND_ADDS = 1.4 / 1.3;
/** The most by which the curves that round the two corners are drawn fuller or flatter; a power of e. */
const MOST_FULLER = 0.5;
/** So far, mm, the side panel's foot may slide along its leg to true the seam. */
const MOST_SLID = 60;

/** From the upper edge towards the tip: square to the edge at first and straight down at the tip; straight from a top edge. */
export function slashTo(tip: Point, leaving: Edge, at: number): Curve {
  const { point: start, direction } = placeAtLength(leaving.path, at);
  if (leaving.role === 'top') return [line(start, tip)];
  const chord = distance(start, tip);
  const inward = point(-direction.y, direction.x);
  const leavingAt = unitVector(add(inward, unitVector(subtract(tip, start))));
  return [handleCurve(start, leavingAt, SLASH.leaving * chord, tip, point(0, 1), SLASH.arriving * chord)];
}

/** Within this part of a leg's length from either end it is not carried aside; by as much again further in it is, in full. */
const LEG_END = 0.07;

/** From the tip to the waist: straight, or in a curve that is carried aside by `aside` mm at a level on the way; it meets the waist alike. */
export function legTo(tip: Point, foot: Point, level: number, aside: number): Curve {
  const t = (level - tip.y) / (foot.y - tip.y);
  const by = aside * clamp(Math.min(t, 1 - t) / LEG_END - 1, 0, 1);
  if (by === 0) return [line(tip, foot)];
  const on = add(between(tip, foot, t), point(by, 0));
  const along = unitVector(subtract(foot, tip));
  const [upper, lower] = [distance(tip, on), distance(on, foot)];
  return [
    handleCurve(tip, unitVector(subtract(on, tip)), 0.35 * upper, on, along, 0.35 * upper),
    handleCurve(on, along, 0.35 * lower, foot, along, 0.35 * lower),
  ];
}

/** A seam's two edges with their corners; both are rounded over the same length, the longer where either bends more, mm. */
interface SeamCorners {
  readonly centre: Cornered;
  readonly side: Cornered;
  readonly trim: number;
}

function cornersOf(centre: Cornered, side: Cornered, soften: number): SeamCorners {
  const bend = Math.max(bendOf(centre), bendOf(side));
  const shorter = Math.min(
    ...[centre, side].flatMap((edge) => [curveLength(edge.before), curveLength(edge.after)]),
  );
  return { centre, side, trim: Math.min(soften * (1 + BEND_ADDS * bend), MOST_TRIMMED * shorter) };
}

/** Both corners rounded: the side's drawn fuller by e to the power of `fuller`, the centre's flatter by as much. */
const rounded = ({ centre, side, trim }: SeamCorners, fuller: number): { centre: Curve; side: Curve } => ({
  centre: roundCorner(centre, trim, Math.exp(-fuller)),
  side: roundCorner(side, trim, Math.exp(fuller)),
});

/**
 * The seam with both edges of one length: what is longer is rounded flatter and the other fuller, alike; what that cannot make
 * up slides the side panel's foot along its leg. Neither edge is preferred, so that a dart whose legs bend alike does not flip.
 */
export function trued(
  centre: Cornered,
  side: { readonly before: Curve; readonly legTo: (foot: Point) => Curve; readonly foot: Point },
  soften: number,
): { centre: Curve; side: Curve } {
  const along = endDirection(side.legTo(side.foot));
  const slid = (by: number): SeamCorners =>
    cornersOf(centre, { before: side.before, after: side.legTo(add(side.foot, scale(along, by))) }, soften);
  const over = (corners: SeamCorners, fuller: number): number => {
    const seam = rounded(corners, fuller);
    return curveLength(seam.side) - curveLength(seam.centre);
  };
  const fuller = solve((by) => over(slid(0), by), -MOST_FULLER, MOST_FULLER);
  if (fuller.ok) return rounded(slid(0), fuller.x);
  const { x: by } = solve((mm) => over(slid(mm), fuller.x), -MOST_SLID, MOST_SLID);
  return rounded(slid(by), fuller.x);
}

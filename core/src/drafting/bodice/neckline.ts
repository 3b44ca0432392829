import { bowHandles } from '../../geometry/bow-handles.ts';
import type { Curve } from '../../geometry/curve.ts';
import {
  add,
  distance,
  point,
  quarterTurn,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../geometry/point.ts';
import { handleCurve, line } from '../../geometry/segment.ts';

/** The shapes that a neckline is cut to, with their words. */
export const necklineShapes = {
  round: 'round',
  v: 'V',
  square: 'square',
  sweetheart: 'sweetheart',
} as const;

export type NecklineShape = keyof typeof necklineShapes;

/** Ends of a neckline, at the centre and on the shoulder. */
export interface NecklinePlan {
  readonly neckPoint: Point;
  /** Unit vector down the shoulder, from the neck. */
  readonly shoulder: Point;
  /** Straight down from the start line at the centre, mm. */
  readonly depth: number;
}

/** A V runs out by this part of its length between its ends, so that it lies on a body that is not flat. The team's drafting study. */
const V_BOW = 0.03;
/** Lean of the upright of a square neck at its foot, as a part of its depth. The team's drafting study. */
const SQUARE_LEAN = 0.06;
/** Handles of a square neck's upright, as parts of its length. */
const UPRIGHT = { leaving: 0.6, arriving: 0.2 };
/** A sweetheart's peak: out as a part of the width, and above its dip as a part of the depth. The team's drafting study. */
const PEAK = { out: 0.55, up: 0.3 };
/** Handles from the peak up to the shoulder, as parts of its way out and its rise: the fullest turn that does not swing past it. */
const CREST = { leaving: 1.2, arriving: 0.28 };

/** Level at the centre. */
function round({ neckPoint, depth }: NecklinePlan, up: Point): Curve {
  const legs = { leaving: neckPoint.x, arriving: depth - neckPoint.y };
  const handles = bowHandles(legs, { leaving: 0.56, arriving: 0.5 });
  return [handleCurve(point(0, depth), point(1, 0), handles.leaving, neckPoint, up, handles.arriving)];
}

/** To a point at the centre. */
function vShape({ neckPoint, depth }: NecklinePlan, up: Point): Curve {
  const start = point(0, depth);
  const length = distance(start, neckPoint);
  const along = unitVector(subtract(neckPoint, start));
  const aside = scale(quarterTurn(along), (4 / 3) * V_BOW * length);
  const leaving = unitVector(add(scale(along, 0.4 * length), aside));
  return [handleCurve(start, leaving, 0.4 * length, neckPoint, up, 0.2 * length)];
}

/** Up in a straight line, and into the shoulder in a gentle bend. */
function square({ neckPoint, depth }: NecklinePlan, up: Point): Curve {
  const corner = point(neckPoint.x - SQUARE_LEAN * (depth - neckPoint.y), depth);
  const length = distance(corner, neckPoint);
  const along = unitVector(subtract(neckPoint, corner));
  return [
    line(point(0, depth), corner),
    handleCurve(corner, along, UPRIGHT.leaving * length, neckPoint, up, UPRIGHT.arriving * length),
  ];
}

/** Over each breast in a curve, to a dip at the centre. */
function sweetheart({ neckPoint, depth }: NecklinePlan, up: Point): Curve {
  const dip = point(0, depth);
  const rise = PEAK.up * (depth - neckPoint.y);
  const peak = point(PEAK.out * neckPoint.x, depth - rise);
  const level = point(1, 0);
  return [
    handleCurve(dip, unitVector(point(0.3, -1)), 0.62 * rise, peak, level, 0.6 * peak.x),
    handleCurve(
      peak,
      level,
      CREST.leaving * (neckPoint.x - peak.x),
      neckPoint,
      up,
      CREST.arriving * (peak.y - neckPoint.y),
    ),
  ];
}

/** A neckline from the centre to the neck point, square to the shoulder there, so that it runs fair across the closed seam. */
export function neckline(shape: NecklineShape, plan: NecklinePlan): Curve {
  const up = scale(quarterTurn(plan.shoulder), -1);
  switch (shape) {
    case 'round':
      return round(plan, up);
    case 'v':
      return vShape(plan, up);
    case 'square':
      return square(plan, up);
    case 'sweetheart':
      return sweetheart(plan, up);
  }
}

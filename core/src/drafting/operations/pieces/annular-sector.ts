import { circleArc, roundArc } from '../../../geometry/arc.ts';
import { endOf, reverseCurve, startOf, type Curve } from '../../../geometry/curve.ts';
import { line } from '../../../geometry/segment.ts';

/** The outer radius at an angle, mm, and how it changes, mm a radian. */
export type RadiusAt = (angle: number) => { readonly mm: number; readonly slope: number };

/** A ring, or a part of one, between two angles from straight down, radians; mm. */
export interface SectorPlan {
  readonly inner: number;
  readonly outer: number | RadiusAt;
  readonly from: number;
  readonly to: number;
}

/** The four sides of a sector, one after the other clockwise. */
export interface SectorSides {
  readonly inner: Curve;
  readonly finish: Curve;
  readonly outer: Curve;
  readonly start: Curve;
}

/**
 * The sides of an annular sector around the origin: its inner edge from the first angle to the second, out along the one, back
 * along the outer edge, in along the other. The inner edge is `inner` × the angle long.
 */
export function annularSector({ inner, outer, from, to }: SectorPlan): SectorSides {
  const radiusAt: RadiusAt = typeof outer === 'number' ? () => ({ mm: outer, slope: 0 }) : outer;
  const near = circleArc(inner, from, to);
  const far = reverseCurve(roundArc(radiusAt, from, to));
  return {
    inner: near,
    finish: [line(endOf(near), startOf(far))],
    outer: far,
    start: [line(endOf(far), startOf(near))],
  };
}

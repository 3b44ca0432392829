import { distance, type Point } from '../geometry/point.ts';

/** A dart inside a piece, widest at the waist and with a tip above and below: what shapes a garment that has no seam there. */
export interface ContourDart {
  readonly id: string;
  readonly top: Point;
  /** Where it is widest, away from the centre and towards it. */
  readonly outer: Point;
  readonly inner: Point;
  readonly bottom: Point;
}

/** What a contour dart takes in at its widest, mm. */
export const contourIntake = ({ outer, inner }: ContourDart): number => distance(outer, inner);

/** How wide a contour dart stands open at a level, mm; nothing beyond its tips. */
export function contourOpening(dart: ContourDart, level: number): number {
  const { top, outer, inner, bottom } = dart;
  const middle = (outer.y + inner.y) / 2;
  const part =
    level <= middle ? (level - top.y) / (middle - top.y) : (bottom.y - level) / (bottom.y - middle);
  return contourIntake(dart) * Math.max(0, Math.min(1, part));
}

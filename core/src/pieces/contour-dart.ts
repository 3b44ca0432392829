import { distance, type Point } from '../geometry/point.ts';

/** A dart inside a piece, widest at the waist and with a tip above and below: what shapes a garment that has no seam there. */
export interface ContourDart {
  readonly id: string;
  readonly top: Point;
  /** Its widest points, away from the centre and towards it. */
  readonly outer: Point;
  readonly inner: Point;
  readonly bottom: Point;
}

/** Intake of a contour dart, at its widest, mm. */
export const contourIntake = ({ outer, inner }: ContourDart): number => distance(outer, inner);

/** Opening of a contour dart at a level, mm; nothing beyond its tips. */
export function contourOpening(dart: ContourDart, level: number): number {
  const { top, outer, inner, bottom } = dart;
  const middle = (outer.y + inner.y) / 2;
  const part =
    level <= middle ? (level - top.y) / (middle - top.y) : (bottom.y - level) / (bottom.y - middle);
  return contourIntake(dart) * Math.max(0, Math.min(1, part));
}

import { curveLength, placeAtLength, type Curve } from '../geometry/curve.ts';
import type { Point } from '../geometry/point.ts';
import { inches } from '../units/length.ts';

/** A free hand joins marks fairly when they are about this far apart; common practice. mm. */
const HAND_SPACING = inches(1.5);

/** Points to chalk a curve through, both ends included, evenly spread and never fewer than four. */
export function curvePoints(curve: Curve): Point[] {
  const length = curveLength(curve);
  const steps = Math.max(3, Math.ceil(length / HAND_SPACING));
  return Array.from(
    { length: steps + 1 },
    (_, index) => placeAtLength(curve, (length * index) / steps).point,
  );
}

import type { Curve } from '../../geometry/curve.ts';
import { point, quarterTurn, scale, type Point } from '../../geometry/point.ts';
import { handleCurve } from '../../geometry/segment.ts';

/**
 * A round neckline from the centre to the neck point: level at the centre, square to the shoulder, so that it runs
 * fair across the closed shoulder seam. `depth` is straight down from the start line, mm.
 */
export function roundNeckline(neckPoint: Point, shoulder: Point, depth: number): Curve {
  const up = scale(quarterTurn(shoulder), -1);
  return [
    handleCurve(point(0, depth), point(1, 0), 0.56 * neckPoint.x, neckPoint, up, 0.5 * (depth - neckPoint.y)),
  ];
}

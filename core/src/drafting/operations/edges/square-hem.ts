import { endDirection, endOf, startDirection, startOf, type Curve } from '../../../geometry/curve.ts';
import { distance, quarterTurn, scale } from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';

/** Handles of a stretch of hem, as parts of its chord. */
const HANDLE = 0.33;

/** A stretch of hem from one edge to the next, square to both: it runs on straight once a dart is closed, or a seam sewn. */
export function squareHem(before: Curve, after: Curve): Curve {
  const [from, to] = [endOf(before), startOf(after)];
  const handle = HANDLE * distance(from, to);
  const leaving = quarterTurn(endDirection(before));
  const arriving = scale(quarterTurn(startDirection(after)), -1);
  return [handleCurve(from, leaving, handle, to, arriving, handle)];
}

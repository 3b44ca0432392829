import { distance, point, type Point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import type { OpenedSeam } from '../closed-seam.ts';

/** A waist chalked straight across from the side to the centre, with one dart of `intake` about `dartOut`, or with none; mm. */
export function straightWaist(
  side: Point,
  level: number,
  dartOut: number,
  intake: number,
  tip: Point,
): OpenedSeam {
  const centre = point(0, level);
  if (intake === 0) return { stretches: [[line(side, centre)]], mouths: [], solved: true, residual: 0 };
  const outer = point(dartOut + intake / 2, level);
  const inner = point(dartOut - intake / 2, level);
  return {
    stretches: [[line(side, outer)], [line(inner, centre)]],
    mouths: [{ outer, tip, inner, mm: distance(outer, inner) }],
    solved: true,
    residual: 0,
  };
}

import { endOf, pointWhere, type Curve } from '../../geometry/curve.ts';
import { distance, point, subtract, unitVector, type Point } from '../../geometry/point.ts';
import { handleCurve } from '../../geometry/segment.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import { atMost, byRule, changed, times, type Working } from '../../workings/working.ts';

/** From underarm to waist: vertical at the underarm, then towards the waist. A straight line would lose bust ease. */
export function sideCurve(underarm: Point, waist: Point): Curve {
  const length = distance(underarm, waist);
  const aim = unitVector(subtract(waist, point(underarm.x, underarm.y + 0.38 * length)));
  return [handleCurve(underarm, point(0, 1), 0.36 * length, waist, aim, 0.28 * length)];
}

/** Distance of the side from the centre at a level, mm; its end where it does not reach so far. */
export const sideOutAt = (side: Curve, level: number): number =>
  (pointWhere(side, 'y', level) ?? endOf(side)).x;

/** A drop up to this goes all to the side; more is shared with a dart. */
const ALL_TO_SIDE = inches(0.5);
const SIDE_LEAST = inches(0.3);

/** Share of the side in the drop from bust to waist width, mm; the rest is the dart. */
export function sideNip(drop: Working, rules: RuleSet, scale: number): Working {
  if (drop.mm <= ALL_TO_SIDE) return drop;
  const part = times(drop, rules['waist.sideNip']);
  const most = times(byRule('waist.sideNipMost', rules['waist.sideNipMost']), scale);
  return atMost(changed(part, 'kept', Math.max(0, SIDE_LEAST - part.mm)), most);
}

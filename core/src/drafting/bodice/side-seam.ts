import { clamp } from '../../geometry/clamp.ts';
import { endOf, pointWhere, type Curve } from '../../geometry/curve.ts';
import { distance, point, subtract, unitVector, type Point } from '../../geometry/point.ts';
import { handleCurve } from '../../geometry/segment.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';

/** From underarm to waist: vertical at the underarm, then towards the waist. A straight line would lose bust ease. */
export function sideCurve(underarm: Point, waist: Point): Curve {
  const length = distance(underarm, waist);
  const aim = unitVector(subtract(waist, point(underarm.x, underarm.y + 0.38 * length)));
  return [handleCurve(underarm, point(0, 1), 0.36 * length, waist, aim, 0.28 * length)];
}

/** How far out the side lies at a level, mm; its end where it does not reach so far. */
export const sideOutAt = (side: Curve, level: number): number =>
  (pointWhere(side, 'y', level) ?? endOf(side)).x;

/** A drop up to this goes all to the side; more is shared with a dart. */
const ALL_TO_SIDE = inches(0.5);
const SIDE_LEAST = inches(0.3);

/** How much of the drop from bust to waist width the side takes; the rest is the dart. mm. */
export function sideNip(drop: number, rules: RuleSet, scale: number): number {
  if (drop <= ALL_TO_SIDE) return drop;
  return clamp(rules['waist.sideNip'] * drop, SIDE_LEAST, rules['waist.sideNipMost'] * scale);
}

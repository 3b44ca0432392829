import { endOf, pointWhere, type Curve } from '../../geometry/curve.ts';
import { add, distance, point, scale, subtract, unitVector, type Point } from '../../geometry/point.ts';
import { clamp } from '../../geometry/clamp.ts';
import { handleCurve } from '../../geometry/segment.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import type { BodiceFrame, FrontBack } from './frame.ts';
import type { BodiceShape } from './shape.ts';
import { atMost, byRule, changed, times, type Working } from '../../workings/working.ts';

/** The side above the bust line: from the underarm, and the direction that it leaves that in. */
export interface UpperSide {
  readonly underarm: Point;
  readonly bust: Point;
  readonly leaving: Point;
}

/** The side leaves the underarm steeper than it runs by so much, so that it is upright at the bust line and bends one way. */
const BENDS = 1.5;

/** The side from underarm to bust line. Above the bust it comes in where the body does, and never goes out. */
export function upperSide(
  { chestWidth, bustPoint, steepestSide }: Pick<BodiceFrame, 'chestWidth' | 'bustPoint' | 'steepestSide'>,
  { bustOut, chest }: Pick<BodiceShape, 'bustOut' | 'chest'>,
  which: keyof FrontBack,
): UpperSide {
  const out = bustOut[which];
  const height = bustPoint.y - chest;
  const comesIn = clamp(out - chestWidth[which], 0, Math.max(0, steepestSide * height));
  return {
    underarm: point(out - comesIn, chest),
    bust: point(out, bustPoint.y),
    leaving: comesIn === 0 ? point(0, 1) : unitVector(point(BENDS * comesIn, height)),
  };
}

/**
 * From underarm to waist: upright where it passes the bust line, then towards the waist. A straight line would lose bust
 * ease. Where the waist lies further out, the side runs straight on from the bust line.
 */
export function sideCurve({ underarm, bust, leaving }: UpperSide, waist: Point): Curve {
  const down = point(0, 1);
  const height = bust.y - underarm.y;
  const length = distance(bust, waist);
  const through = waist.x > bust.x ? unitVector(subtract(waist, bust)) : down;
  const aim = unitVector(subtract(waist, add(bust, scale(through, 0.38 * length))));
  return [
    handleCurve(underarm, leaving, 0.36 * height, bust, through, 0.36 * height),
    handleCurve(bust, through, 0.36 * length, waist, aim, 0.28 * length),
  ];
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

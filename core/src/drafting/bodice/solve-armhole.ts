import { clamp } from '../../geometry/clamp.ts';
import { curveLength } from '../../geometry/curve.ts';
import { distance } from '../../geometry/point.ts';
import { solve } from '../../geometry/solve.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import type { Body } from '../body.ts';
import { backArmholeCurve } from './back.ts';
import { usualSize, type BodiceFrame } from './frame.ts';
import { frontArmholeCurve } from './front.ts';
import { upperSide } from './side-seam.ts';
import type { BodiceShape } from './shape.ts';

/** The side runs aslant: its height is this much less than its length, at most; mm. */
const SLANT = inches(1 / 8);

/**
 * Between these the chest line may lie; parts are of the measured armhole and of the back waist level. A side length that
 * was taken narrows them, as far as there is room.
 */
function chestBounds(body: Body, frame: BodiceFrame, rules: RuleSet): { least: number; most: number } {
  const armhole = body.mm('armhole');
  const lowest = Math.min(frame.bustPoint.y - inches(0.5) * frame.scale, 0.67 * frame.waist.back);
  const highest = Math.min(lowest, Math.max(frame.tips.front.y + 0.27 * armhole, 0.31 * armhole));
  const side = body.taken('sideLength');
  if (side === undefined) return { least: highest, most: lowest };
  const within = rules['check.sideLength'];
  const level = frame.waist.back - side;
  return {
    least: clamp(level - within + SLANT, highest, lowest),
    most: clamp(level + within, highest, lowest),
  };
}

const armholeRound = (body: Body, frame: BodiceFrame, shape: BodiceShape): number =>
  curveLength(frontArmholeCurve(body, frame, shape)) + curveLength(backArmholeCurve(body, frame, shape));

/**
 * Finds the chest line and the armhole's wedge together: at any depth the wedge brings the front armhole down to the back's, and
 * the depth is sought at which the two come to the measured armhole plus its ease. What a bound leaves over is for a finding.
 */
export function solveArmhole(
  body: Body,
  frame: BodiceFrame,
  start: BodiceShape,
  rules: RuleSet,
): { shape: BodiceShape; found: number; wanted: number } {
  const wanted = body.mm('armhole') + rules['armhole.ease'] * usualSize(body);
  const sewn: BodiceFrame = { ...frame, chestWidth: frame.armholeWidth };
  const { least, most } = chestBounds(body, frame, rules);
  const wedgedAt = (chest: number): BodiceShape => {
    const bare = { ...start, chest, wedge: 0 };
    const underarm = upperSide(sewn, bare, 'front').underarm;
    const widest = (rules['armhole.wedge'] * frame.scale) / distance(frame.bustPoint, underarm);
    const back = curveLength(backArmholeCurve(body, sewn, bare));
    const over = (wedge: number) => curveLength(frontArmholeCurve(body, sewn, { ...bare, wedge })) - back;
    // The wedge opens into the bust dart; without one the depth alone fits the armhole.
    return start.darts.wedge && over(0) > 0 ? { ...bare, wedge: solve(over, 0, widest).x } : bare;
  };
  const { x: chest } = solve((depth) => armholeRound(body, sewn, wedgedAt(depth)) - wanted, least, most);
  const shape = wedgedAt(chest);
  return { shape, found: armholeRound(body, sewn, shape), wanted };
}

import { curveLength } from '../../geometry/curve.ts';
import { distance, point } from '../../geometry/point.ts';
import { solve } from '../../geometry/solve.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { inches } from '../../units/length.ts';
import type { Body } from '../body.ts';
import { backArmholeCurve } from './back.ts';
import type { BodiceFrame } from './frame.ts';
import { frontArmholeCurve } from './front.ts';
import type { BodiceShape } from './shape.ts';

/** Between these the chest line may lie; parts are of the measured armhole and of the back waist level. */
function chestBounds(body: Body, frame: BodiceFrame): { least: number; most: number } {
  const armhole = body.mm('armhole');
  const most = Math.min(frame.bustPoint.y - inches(0.5) * frame.scale, 0.67 * frame.waist.back);
  return { least: Math.min(most, Math.max(frame.tip.y + 0.27 * armhole, 0.31 * armhole)), most };
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
  const wanted = body.mm('armhole') + rules['armhole.ease'];
  const { least, most } = chestBounds(body, frame);
  const wedgedAt = (chest: number): BodiceShape => {
    const bare = { ...start, chest, wedge: 0 };
    const underarm = point(bare.underarm.front, chest);
    const widest = (rules['armhole.wedge'] * frame.scale) / distance(frame.bustPoint, underarm);
    const back = curveLength(backArmholeCurve(body, frame, bare));
    const over = (wedge: number) => curveLength(frontArmholeCurve(body, frame, { ...bare, wedge })) - back;
    // The wedge opens into the bust dart; without one the depth alone fits the armhole.
    return start.darts.wedge && over(0) > 0 ? { ...bare, wedge: solve(over, 0, widest).x } : bare;
  };
  const { x: chest } = solve((depth) => armholeRound(body, frame, wedgedAt(depth)) - wanted, least, most);
  const shape = wedgedAt(chest);
  return { shape, found: armholeRound(body, frame, shape), wanted };
}

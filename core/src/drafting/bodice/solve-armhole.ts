import { clamp } from '../../geometry/clamp.ts';
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

/** A wedge that would close less than this, mm, is left to the depth: its dart could not be sewn. */
const LEAST_WEDGE = 3;

/** Four turns of the two solves settle both to a hundredth of a millimetre; nearer than this the next turn is not taken, mm. */
const ROUNDS = 4;
const SETTLED = 2e-3;

/**
 * Finds the chest line and the armhole's wedge by turns: the wedge brings the front armhole down to the back's, the
 * depth brings the two together to the measured armhole plus its ease. What a bound leaves over is for a finding.
 */
export function solveArmhole(
  body: Body,
  frame: BodiceFrame,
  start: BodiceShape,
  rules: RuleSet,
): { shape: BodiceShape; found: number; wanted: number } {
  const wanted = body.mm('armhole') + rules['armhole.ease'];
  const { least, most } = chestBounds(body, frame);
  let shape = { ...start, chest: clamp(body.mm('armhole') / 2, least, most) };
  for (let round = 0; round < ROUNDS; round++) {
    const before = shape;
    const underarm = point(before.underarm.front, before.chest);
    const widest = (rules['armhole.wedge'] * frame.scale) / distance(frame.bustPoint, underarm);
    const over = (wedge: number) =>
      curveLength(frontArmholeCurve(body, frame, { ...before, wedge })) -
      curveLength(backArmholeCurve(body, frame, before));
    // The wedge opens into the bust dart; without one the depth alone fits the armhole.
    const needed = !frame.darted || over(0) <= 0 ? 0 : solve(over, 0, widest, 1e-3).x;
    const wedge = needed * distance(frame.bustPoint, underarm) < LEAST_WEDGE ? 0 : needed;
    const wedged = { ...before, wedge };
    const chest = solve(
      (depth) => armholeRound(body, frame, { ...wedged, chest: depth }) - wanted,
      least,
      most,
      1e-3,
    ).x;
    shape = { ...wedged, chest };
    if (Math.abs(chest - before.chest) < SETTLED) break;
  }
  return { shape, found: armholeRound(body, frame, shape), wanted };
}

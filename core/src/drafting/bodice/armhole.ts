import { bowHandles } from '../../geometry/bow-handles.ts';
import { clamp } from '../../geometry/clamp.ts';
import type { Curve } from '../../geometry/curve.ts';
import { distance, point, quarterTurn, type Point } from '../../geometry/point.ts';
import { handleCurve } from '../../geometry/segment.ts';
import { inches } from '../../units/length.ts';

/** Bend of an armhole: its narrowest place, and its hollow from there to the underarm. */
export interface ArmholeShape {
  /** Depth of the pitch point, as a part of the way from tip to chest line. */
  readonly pitchDepth: number;
  readonly hollow: number;
  /** Gain of the half across-measure at the pitch, mm. */
  readonly pitchGain: number;
}

/** The front hollower and pitched lower than the back. From the team's drafting study. */
export const frontArmhole: ArmholeShape = { pitchDepth: 0.58, hollow: 0.14, pitchGain: 0 };
export const backArmhole: ArmholeShape = { pitchDepth: 0.5, hollow: 0.04, pitchGain: 3 };

/** Half the across-measure, held where a curve from tip to underarm stays fair. */
function pitchOut(across: number, tip: Point, underarm: Point, gain: number): number {
  return clamp(across / 2 + gain, 0.6 * tip.x, Math.min(tip.x - inches(0.12), 0.86 * underarm.x));
}

/**
 * The armhole from shoulder tip to underarm through its pitch point: leaves square to the shoulder, passes the pitch
 * vertically and arrives along `arriving` (square to the side seam). Two segments; the pitch is where they meet.
 */
export function armholeCurve(
  tip: Point,
  shoulder: Point,
  underarm: Point,
  across: number,
  shape: ArmholeShape,
  arriving: Point,
): Curve {
  const pitch = point(
    pitchOut(across, tip, underarm, shape.pitchGain),
    tip.y + shape.pitchDepth * (underarm.y - tip.y),
  );
  const upper = distance(tip, pitch);
  const down = point(0, 1);
  const leaving = quarterTurn(shoulder);
  // Further in than the pitch, the curve would have to come out to it again.
  const noFurtherIn = leaving.x < 0 ? (tip.x - pitch.x) / -leaving.x : Infinity;
  const lower = bowHandles(
    { leaving: underarm.y - pitch.y, arriving: underarm.x - pitch.x },
    { leaving: 0.5 + shape.hollow, arriving: 0.5 + 0.6 * shape.hollow },
  );
  return [
    handleCurve(tip, leaving, Math.min(0.38 * upper, noFurtherIn), pitch, down, 0.36 * upper),
    handleCurve(pitch, down, lower.leaving, underarm, arriving, lower.arriving),
  ];
}

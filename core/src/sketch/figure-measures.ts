import type { MeasureValues } from '../measures/measure-set.ts';

/** The likely length of the back from the side of the neck to the waist, of an ordinary figure of no stated height, mm. */
const ORDINARY_BACK = 410;

function backWaist({ backWaistLength, frontWaistLength, height }: MeasureValues): number {
  if (backWaistLength !== undefined) return backWaistLength;
  if (frontWaistLength !== undefined) return 0.95 * frontWaistLength;
  return height === undefined ? ORDINARY_BACK : 0.245 * height;
}

/**
 * Every measure that the pale figure is drawn from, mm: as it was taken, and likely where it was not. The parts are by eye, for the
 * figure and nothing else; no garment is drafted from them.
 */
export function figureMeasures(taken: MeasureValues) {
  const backWaistLength = backWaist(taken);
  const {
    height = backWaistLength / 0.245,
    frontWaistLength = 1.05 * backWaistLength,
    bust = taken.highBust ?? 0.55 * height,
    waist = 0.8 * bust,
    hip = 1.05 * Math.max(bust, waist),
    highBust = 0.95 * bust,
    shoulder = 0.42 * bust,
    shoulderToBust = 0.6 * frontWaistLength,
    waistToFloor = height - backWaistLength - 0.145 * height,
    armLength = 0.345 * height,
    upperArm = 0.3 * bust,
    wrist = 0.58 * upperArm,
    thigh = 0.58 * hip,
    knee = 0.66 * thigh,
    calf = 0.98 * knee,
  } = taken;
  return {
    height,
    frontWaistLength,
    backWaistLength,
    bust,
    waist,
    hip,
    highBust,
    shoulder,
    shoulderToBust,
    waistToFloor,
    armLength,
    upperArm,
    wrist,
    thigh,
    knee,
    calf,
    neck: taken.neck ?? 0.96 * shoulder,
    underBust: taken.underBust ?? (highBust + waist) / 2,
    highHip: taken.highHip ?? (waist + 2 * hip) / 3,
    sideLength: taken.sideLength ?? 0.48 * backWaistLength,
    shoulderToUnderBust: taken.shoulderToUnderBust ?? (2 * shoulderToBust + frontWaistLength) / 3,
    waistToHip: taken.waistToHip ?? 0.122 * height,
    waistToKnee: taken.waistToKnee ?? 0.35 * height,
    waistToAnkle: taken.waistToAnkle ?? waistToFloor - 0.045 * height,
    inseam: taken.inseam ?? waistToFloor - 0.155 * height,
    shoulderToElbow: taken.shoulderToElbow ?? 0.56 * armLength,
    elbow: taken.elbow ?? (upperArm + wrist) / 2,
    hand: taken.hand ?? 1.28 * wrist,
    ankle: taken.ankle ?? 0.65 * calf,
    head: taken.head ?? 305 + 0.15 * height,
  };
}

export type FigureMeasures = ReturnType<typeof figureMeasures>;

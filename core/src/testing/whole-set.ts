import type { MeasureValues } from '../measures/measure-set.ts';
import { inches } from '../units/length.ts';

/** A set with every measure of the tape, mm: those that are given, and the others as they go with them on most bodies. Proportions are common practice, no source. */
export function wholeSet(given: MeasureValues): MeasureValues {
  const of = (id: keyof MeasureValues): number => {
    const mm = given[id];
    if (mm === undefined) throw new Error(`the set lacks ${id}`);
    return mm;
  };
  const [height, bust, waist, hip] = [of('height'), of('bust'), of('waist'), of('hip')];
  const [front, back] = [of('frontWaistLength'), of('backWaistLength')];
  const upperArm = 0.22 * bust + inches(3.2);
  const elbow = 0.87 * upperArm;
  const wrist = 0.08 * bust + inches(3.4);
  const armLength = 0.345 * height;
  const waistToFloor = 0.62 * height;
  const waistToAnkle = waistToFloor - inches(3);
  const crotchDepth = 0.145 * height + 0.02 * hip;
  const thigh = 0.58 * hip;
  const calf = 0.36 * hip;
  const lowWaist = waist + 0.3 * (hip - waist);
  return {
    shoulderLength: 1.05 * (of('shoulder') / 2 - of('neck') / 5),
    shoulderToUnderBust: of('shoulderToBust') + inches(3.2),
    centreFrontLength: front - inches(3.1),
    napeToWaist: back - inches(0.5),
    sideLength: 0.46 * back,
    shoulderToHip: front + of('waistToHip'),
    shoulderToKnee: front + of('waistToKnee'),
    shoulderToCalf: front + of('waistToKnee') + 0.07 * height,
    shoulderToAnkle: front + waistToAnkle,
    fullLength: front + waistToFloor,
    underBust: of('highBust') - inches(2.5),
    lowWaist,
    highHip: waist + 0.65 * (hip - waist),
    trouserWaist: lowWaist,
    shoulderRound: bust + inches(4.5),
    offShoulderRound: bust + inches(5.5),
    head: inches(22),
    upperArm,
    elbow,
    wrist,
    hand: wrist + inches(1.75),
    elbowSleeveRound: (upperArm + elbow) / 2,
    threeQuarterRound: (elbow + wrist) / 2,
    armLength,
    underarmLength: 0.765 * armLength,
    shoulderToElbow: 0.585 * armLength,
    waistToAnkle,
    waistToFloor,
    inseam: waistToFloor - crotchDepth,
    crotchDepth,
    crotchLength: 2 * crotchDepth + 0.15 * hip,
    thigh,
    knee: 0.65 * thigh,
    calf,
    ankle: 0.66 * calf,
    foot: 0.92 * calf,
    ...given,
  };
}

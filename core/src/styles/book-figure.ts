import { usualObservations, type MeasureValues } from '../measures/measure-set.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { inches } from '../units/length.ts';
import type { DraftInput } from '../garment/draft-input.ts';

/** An ordinary figure, in inches: what the pictures of the style book are drafted on. Common practice, no source. */
const figure = {
  height: 66,
  shoulder: 15,
  acrossChest: 13.1,
  acrossBack: 14,
  bustSpan: 7.4,
  shoulderToBust: 10.1,
  frontWaistLength: 17.1,
  backWaistLength: 16.2,
  neck: 14.4,
  highBust: 34,
  bust: 36,
  waist: 28,
  hip: 38.5,
  armhole: 16.2,
  waistToHip: 8,
  waistToKnee: 23.1,
  waistToFloor: 41,
  inseam: 30,
  offShoulderRound: 41,
  upperArm: 11.5,
  armLength: 23,
  wrist: 6.4,
} as const;

const values: MeasureValues = Object.fromEntries(
  Object.entries(figure).map(([id, count]) => [id, inches(count)]),
);

/** A style as the book shows it: on the ordinary figure, with its own defaults and the trade's. */
export const bookInput: DraftInput = {
  person: { from: 'neckSide', observations: usualObservations, values },
  choices: {},
  allowances: {},
  rules: ruleSet(),
  figures: {},
};

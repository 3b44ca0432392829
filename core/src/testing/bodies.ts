import { usualObservations, type MeasureValues } from '../measures/measure-set.ts';
import { ruleSet } from '../rules/catalogue.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { inches } from '../units/length.ts';

/** What an ordinary body varies in, in inches. */
export interface BodyShape {
  readonly bust: number;
  /** Bust less waist. */
  readonly bustToWaist: number;
  /** Hip less waist. */
  readonly waistToHipRound: number;
  readonly height: number;
  /** Bust less high bust. */
  readonly cup: number;
}

/**
 * A whole set of measures in ordinary proportion, in mm. Lengths follow from height and bust by habits of the trade:
 * half length a quarter of the height, more over a full bust; widths from the bust. Common practice, no source.
 */
export function ordinaryBody({ bust, bustToWaist, waistToHipRound, height, cup }: BodyShape): MeasureValues {
  const waist = bust - bustToWaist;
  const halfLength = height / 4 + (cup - 2) * 0.35 + (bust - 36) * 0.04;
  const shoulder = 11.4 + bust / 10;
  const lengths = {
    height,
    shoulder,
    acrossChest: shoulder - 1.9,
    acrossBack: shoulder - 1,
    bustSpan: bust / 5 + 0.2,
    shoulderToBust: 10.1 + (height - 66) * 0.1 + (bust - 36) * 0.14,
    frontWaistLength: halfLength + 0.6,
    backWaistLength: height / 4 - 0.3,
    neck: 9.6 + bust / 7.5,
    highBust: bust - cup,
    bust,
    waist,
    hip: waist + waistToHipRound,
    armhole: 3.3 + bust * 0.33,
    waistToHip: 8 + (height - 66) * 0.06,
    waistToKnee: height * 0.35,
    waistToFloor: height * 0.62,
    // Less the crotch depth, as in a whole set.
    inseam: 0.475 * height - 0.02 * (waist + waistToHipRound),
  };
  return Object.fromEntries(Object.entries(lengths).map(([id, count]) => [id, inches(count)]));
}

/** A body as the input of a style, with default rules unless told. */
export const draftInput = (values: MeasureValues, choices: ChoiceValues = {}): DraftInput => ({
  person: { from: 'neckSide', observations: usualObservations, values },
  choices,
  allowances: {},
  rules: ruleSet(),
  figures: {},
});

/** A child as the input of a style. */
export function childInput(values: MeasureValues, choices: ChoiceValues = {}): DraftInput {
  const input = draftInput(values, choices);
  return { ...input, person: { ...input.person, kind: 'child' } };
}

/** A middle figure that most tests draft. */
export const middleBody: MeasureValues = ordinaryBody({
  bust: 36,
  bustToWaist: 8,
  waistToHipRound: 10.5,
  height: 66,
  cup: 2,
});

/** A body with the measures of its arm, from its bust and height. Common practice: an upper arm is just under a third of the bust. */
export const withArm = (values: MeasureValues): MeasureValues => {
  const [bust = inches(36), length = inches(16)] = [values.bust, values.backWaistLength];
  return {
    ...values,
    upperArm: 0.25 * bust + inches(2.5),
    armLength: 1.42 * length,
    wrist: 0.1 * bust + inches(2.75),
  };
};

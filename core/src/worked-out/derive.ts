import type { RuleSet } from '../rules/catalogue.ts';
import { byRule, divided, measured, minus, plus, sum, times, type Working } from '../workings/working.ts';
import type { MeasureId } from '../measures/catalogue.ts';
import type { MeasureValues } from '../measures/measure-set.ts';

type Derivation = (values: MeasureValues, rules: RuleSet) => Working | undefined;

const from = (
  values: MeasureValues,
  id: MeasureId,
  then: (measure: Working) => Working,
): Working | undefined => {
  const mm = values[id];
  return mm === undefined ? undefined : then(measured(id, mm));
};

/** A full bust lengthens the front alone, so front and back lengths share the guess. */
function heightFromLengths(
  { frontWaistLength, backWaistLength }: MeasureValues,
  rules: RuleSet,
): Working | undefined {
  if (frontWaistLength === undefined || backWaistLength === undefined) return undefined;
  const both = sum(
    plus(measured('frontWaistLength', frontWaistLength)),
    plus(measured('backWaistLength', backWaistLength)),
  );
  return times(both, rules['derive.heightFromLengths']);
}

/** From the lengths above the waist, else from that below it; where neither was taken, an ordinary height. */
const heightOf = (values: MeasureValues, rules: RuleSet): Working =>
  heightFromLengths(values, rules) ??
  from(values, 'waistToFloor', (outseam) => times(outseam, rules['derive.heightFromOutseam'])) ??
  byRule('derive.ordinaryHeight', rules['derive.ordinaryHeight']);

const part = (of: Working | undefined, by: number): Working | undefined => of && times(of, by);

/** Sums of measures that were not taken, from others. Common practice, each number a house rule. */
const derivations: { readonly [id in MeasureId]?: Derivation } = {
  height: heightOf,
  highBust: (values, rules) =>
    from(values, 'bust', (bust) =>
      sum(plus(bust), minus(byRule('derive.highBustBelowBust', rules['derive.highBustBelowBust']))),
    ),
  offShoulderRound: (values, rules) =>
    from(values, 'bust', (bust) =>
      sum(plus(bust), plus(byRule('derive.offShoulderOverBust', rules['derive.offShoulderOverBust']))),
    ),
  underBust: (values, rules) => {
    const highBust =
      values.highBust === undefined
        ? derivations.highBust?.(values, rules)
        : measured('highBust', values.highBust);
    return (
      highBust &&
      sum(
        plus(highBust),
        minus(byRule('derive.underBustBelowHighBust', rules['derive.underBustBelowHighBust'])),
      )
    );
  },
  acrossChest: (values, rules) =>
    from(values, 'shoulder', (shoulder) =>
      sum(plus(shoulder), minus(byRule('derive.chestBelowShoulder', rules['derive.chestBelowShoulder']))),
    ),
  acrossBack: (values, rules) =>
    from(values, 'shoulder', (shoulder) =>
      sum(plus(shoulder), minus(byRule('derive.backBelowShoulder', rules['derive.backBelowShoulder']))),
    ),
  armhole: (values, rules) =>
    from(values, 'bust', (bust) =>
      sum(plus(divided(bust, 3)), plus(byRule('derive.armholeOverThird', rules['derive.armholeOverThird']))),
    ),
  bustSpan: (values, rules) =>
    part(
      from(values, 'bust', (bust) => bust),
      rules['derive.spanOfBust'],
    ),
  shoulderToBust: (values, rules) =>
    from(values, 'bust', (bust) =>
      sum(
        plus(divided(bust, 4)),
        plus(byRule('derive.bustPointOverQuarter', rules['derive.bustPointOverQuarter'])),
      ),
    ),
  backWaistLength: (values, rules) =>
    from(values, 'frontWaistLength', (front) =>
      sum(plus(front), minus(byRule('derive.backShorter', rules['derive.backShorter']))),
    ),
  crotchDepth: ({ waistToFloor, inseam }) =>
    waistToFloor === undefined || inseam === undefined
      ? undefined
      : sum(plus(measured('waistToFloor', waistToFloor)), minus(measured('inseam', inseam))),
  frontWaistLength: (values) => from(values, 'height', (height) => divided(height, 4)),
  waistToHip: (_values, rules) => byRule('skirt.hipDepth', rules['skirt.hipDepth']),
  waistToKnee: (values, rules) =>
    part(
      values.height === undefined ? heightOf(values, rules) : measured('height', values.height),
      rules['derive.kneeFromHeight'],
    ),
};

/** The working of a measure that was not taken, or undefined when nothing stands in for it. */
export const deriveMeasure = (id: MeasureId, values: MeasureValues, rules: RuleSet): Working | undefined =>
  derivations[id]?.(values, rules);

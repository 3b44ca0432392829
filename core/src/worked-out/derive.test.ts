import { describe, expect, test } from '@jest/globals';
import { resolveBody } from '../drafting/body.ts';
import { isRuleId, ruleOf, rules, ruleSet } from '../rules/catalogue.ts';
import { inches } from '../units/length.ts';
import { renderWorking } from '../workings/render-working.ts';
import { deriveMeasure } from './derive.ts';
import { usualObservations, type MeasureValues } from '../measures/measure-set.ts';

const values: MeasureValues = {
  shoulder: inches(15),
  bust: inches(36),
  frontWaistLength: inches(17),
  backWaistLength: inches(16),
};
const textOf = (id: Parameters<typeof deriveMeasure>[0], own: MeasureValues = values): string | undefined => {
  const working = deriveMeasure(id, own, ruleSet());
  return working && renderWorking(working, 'in');
};

// How a missing measure is worked out is common practice throughout; the numbers are house rules.
describe('deriveMeasure', () => {
  test.each([
    ['height', '(half length 17 + back waist 16) × 2 = 66'],
    ['highBust', 'bust 36 − high bust below bust 2 = 34'],
    ['acrossChest', 'shoulder 15 − across chest below shoulder 2 = 13'],
    ['acrossBack', 'shoulder 15 − across back below shoulder 1 = 14'],
    ['armhole', 'bust 36 ÷ 3 + armhole over a third of the bust 3 = 15'],
    ['waistToHip', 'hip depth, when not measured 8'],
  ] as const)('%s: %s', (id, text) => {
    expect(textOf(id)).toBe(text);
  });

  test('two schools of chest line agree on the derived armhole', () => {
    const armhole = deriveMeasure('armhole', values, ruleSet());
    expect((armhole ? armhole.mm : NaN) / 2).toBeCloseTo(inches(36 / 6 + 1.5), 9);
  });

  test('the knee follows from the height, measured or worked out', () => {
    const knee = (own: MeasureValues) => {
      const working = deriveMeasure('waistToKnee', own, ruleSet());
      return working ? working.mm : NaN;
    };
    expect(knee(values)).toBeCloseTo(inches(66 * 0.35), 9);
    expect(knee({ ...values, height: inches(60) })).toBeCloseTo(inches(21), 9);
  });

  test('what nothing stands in for is not made up', () => {
    expect(textOf('hip')).toBeUndefined();
    expect(textOf('highBust', {})).toBeUndefined();
  });

  test('a house rule changes it', () => {
    const working = deriveMeasure('acrossChest', values, ruleSet({ 'derive.chestBelowShoulder': inches(3) }));
    expect(working && working.mm).toBeCloseTo(inches(12), 9);
  });
});

describe('resolveBody', () => {
  const person = { from: 'neckSide', observations: usualObservations, values } as const;

  test('a taken measure wins over a derived one, and only what is missing gets a note', () => {
    const { body, findings } = resolveBody(
      { ...person, values: { ...values, armhole: inches(17) } },
      ['armhole', 'highBust'],
      ruleSet(),
    );
    expect(body.mm('armhole')).toBe(inches(17));
    expect(findings.map(({ where }) => where.measure)).toEqual(['highBust']);
    expect(body.taken('highBust')).toBeUndefined();
  });

  test('asking for what the style never declared is a fault of the recipe', () => {
    expect(() => resolveBody(person, [], ruleSet()).body.mm('calf')).toThrow('needs calf');
  });
});

describe('house rules', () => {
  test('every rule has a reason and a value that makes sense', () => {
    for (const id of Object.keys(rules)) {
      if (!isRuleId(id)) throw new Error(id);
      const { label, reason, value } = ruleOf(id);
      const sensible = typeof value === 'number' ? value >= 0 : value.length > 0;
      expect([label.length > 0, reason.length > 10, sensible]).toEqual([true, true, true]);
    }
    expect(isRuleId('toString')).toBe(false);
  });
});

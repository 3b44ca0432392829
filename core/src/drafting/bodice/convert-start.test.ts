import { describe, expect, test } from '@jest/globals';
import { usualObservations, type MeasureValues, type MeasuredFrom } from '../../measures/measure-set.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import { middleBody, ordinaryBody } from '../../testing/bodies.ts';
import { inches } from '../../units/length.ts';
import { resolveBody, type Person } from '../body.ts';
import { convertStart } from './convert-start.ts';
import { bodiceFrame, shoulderLine } from './frame.ts';

const rules = ruleSet();
const person = (values: MeasureValues, from: MeasuredFrom = 'neckSide'): Person => ({
  from,
  observations: usualObservations,
  values,
});
const choices = {
  neckline: 'round' as const,
  darted: true,
  neckWidth: inches(3),
  neckDepthFront: inches(3.5),
  neckDepthBack: inches(1.5),
  easeBust: inches(2),
  easeWaist: inches(1.5),
};
const frameOf = (own: Person) =>
  bodiceFrame(resolveBody(own, ['highBust'], rules).body, choices, rules).frame;

describe('a set carried over to the other start', () => {
  const bodies = [
    middleBody,
    ordinaryBody({ bust: 46, bustToWaist: 6, waistToHipRound: 9, height: 63, cup: 4 }),
  ];

  test.each(bodies)('drafts the same bust point and waist as before', (values) => {
    const { values: converted, kept } = convertStart(person(values), 'midShoulder', rules);
    expect(kept).toEqual([]);
    const [before, after] = [frameOf(person(values)), frameOf(person(converted, 'midShoulder'))];
    expect(after.bustPoint.y).toBeCloseTo(before.bustPoint.y, 6);
    expect(after.waist.front).toBeCloseTo(before.waist.front, 6);
    expect(after.waist.back).toBeCloseTo(before.waist.back, 6);
  });

  test.each(bodies)('and back again is as it was measured', (values) => {
    const there = convertStart(person(values), 'midShoulder', rules).values;
    const back = convertStart(person(there, 'midShoulder'), 'neckSide', rules).values;
    for (const id of ['shoulderToBust', 'frontWaistLength', 'backWaistLength'] as const)
      expect(back[id]).toBeCloseTo(values[id] ?? NaN, 6);
  });

  test('leaves rounds and widths alone, and shortens the back by half the drop', () => {
    const { values, moved } = convertStart(person(middleBody), 'midShoulder', rules);
    expect(values.bust).toBe(middleBody.bust);
    expect(moved.map(({ id }) => id)).toEqual(['shoulderToBust', 'frontWaistLength', 'backWaistLength']);
    expect((middleBody.backWaistLength ?? 0) - (values.backWaistLength ?? 0)).toBeCloseTo(
      shoulderLine(resolveBody(person(middleBody), ['height'], rules).body, rules).tip.y / 2,
      6,
    );
  });

  test('where a measure is missing it says which, and keeps the length', () => {
    const { values, moved, kept } = convertStart(
      person({ frontWaistLength: inches(17), backWaistLength: inches(16), shoulder: inches(15) }),
      'midShoulder',
      rules,
    );
    expect(kept).toEqual([{ id: 'frontWaistLength', needs: ['bustSpan', 'shoulderToBust'] }]);
    expect(moved.map(({ id }) => id)).toEqual(['backWaistLength']);
    expect(values.frontWaistLength).toBe(inches(17));
  });

  test('to the start that it has, nothing changes', () => {
    expect(convertStart(person(middleBody), 'neckSide', rules).values).toEqual(middleBody);
  });
});

import { expect, test } from '@jest/globals';
import { usualObservations } from '../measures/measure-set.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { resolveBody } from './body.ts';
import { roundBelowWaist } from './round-below-waist.ts';

const bodyWith = (more: object = {}) =>
  resolveBody(
    {
      from: 'neckSide',
      observations: usualObservations,
      values: { ...middleBody, waistToHip: inches(8), ...more },
    },
    [],
    ruleSet(),
  ).body;

// A level between waist and hip takes its round by interpolation, or the high hip where measured: common practice, no source.
test('a hem between waist and hip takes its round by proportion, and below the hip the hip', () => {
  const body = bodyWith();
  expect(roundBelowWaist(body, 0)).toBeCloseTo(inches(28), 6);
  expect(roundBelowWaist(body, inches(4))).toBeCloseTo(inches(28 + 10.5 / 2), 6);
  expect(roundBelowWaist(body, inches(12))).toBeCloseTo(inches(38.5), 6);
});

test('a measured high hip is passed half-way down', () => {
  const body = bodyWith({ highHip: inches(35) });
  expect(roundBelowWaist(body, inches(4))).toBeCloseTo(inches(35), 6);
  expect(roundBelowWaist(body, inches(6))).toBeCloseTo(inches(36.75), 6);
});

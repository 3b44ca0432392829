import { expect, test } from '@jest/globals';
import { ruleSet } from '../rules/catalogue.ts';
import { inches } from '../units/length.ts';
import { renderWorking } from '../workings/render-working.ts';
import { measureIds } from '../measures/catalogue.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { workedOut } from './worked-out.ts';

const lines = (values: MeasureValues) =>
  workedOut(values, measureIds, ruleSet()).map(
    ({ label, working }) => `${label}: ${renderWorking(working, 'in')}`,
  );

// The sums are common practice; the figures are worked by hand.
test('crotch depth, half length, quarters and the dart difference are worked out, each with its sum', () => {
  const text = lines({
    height: inches(66),
    bust: inches(38),
    waist: inches(30),
    waistToFloor: inches(41),
    inseam: inches(30.5),
  });
  expect(text).toContain('crotch depth: outseam 41 − inseam 30 1/2 = 10 1/2');
  expect(text).toContain('half length: height 66 ÷ 4 = 16 1/2');
  expect(text).toContain('quarter bust: bust 38 ÷ 4 = 9 1/2');
  expect(text).toContain('dart difference: bust 38 ÷ 4 − waist 30 ÷ 4 = 2');
});

test('a measure that was taken wins: it is not worked out', () => {
  const text = lines({
    height: inches(66),
    frontWaistLength: inches(17),
    waistToFloor: inches(41),
    inseam: inches(30.5),
    crotchDepth: inches(11),
  });
  expect(text.some((line) => /^(half length|crotch depth)/.test(line))).toBe(false);
});

test('a waist as large as the bust leaves darts nothing to take', () => {
  expect(lines({ bust: inches(36), waist: inches(38) }).some((line) => line.startsWith('dart'))).toBe(false);
});

import { expect, test } from '@jest/globals';
import { middleBody, withArm } from '../testing/bodies.ts';
import { figureOf, SEEN } from './figure.ts';

// Mean breadths and girths of women in the anthropometric survey of US Army personnel of 1988, mm; from memory.
const survey = { bust: [280, 907], waist: [276, 792], hip: [343, 967] } as const;

test.each(['bust', 'waist', 'hip'] as const)('%s is seen as wide as in a survey, within a tenth', (level) => {
  const [breadth, girth] = survey[level];
  expect(SEEN[level] / (breadth / girth)).toBeGreaterThan(0.9);
  expect(SEEN[level] / (breadth / girth)).toBeLessThan(1.1);
});

test('heights fall in order, from measures taken or likely', () => {
  for (const measures of [middleBody, withArm(middleBody), {}, { bust: 1400 }, { height: 1000 }]) {
    const { heights } = figureOf(measures);
    const { crown, tip, armpit, bust, underBust, waist, hip, crotch, knee, ankle, floor } = heights;
    const down = [crown, tip, armpit, bust, underBust, waist, hip, crotch, knee, ankle, floor];
    expect([...down].sort((a, b) => a - b)).toEqual(down);
  }
});

test('the torso is as wide as its girths say where they were taken', () => {
  const { half, heights, measures } = figureOf(middleBody);
  expect(half(heights.waist)).toBeCloseTo((measures.waist * SEEN.waist) / 2, 6);
  expect(half(heights.hip)).toBeCloseTo((measures.hip * SEEN.hip) / 2, 6);
});

test('an arm hangs by itself beside a slim body and is held off by a wide one', () => {
  const slim = figureOf(middleBody).armAngle;
  const wide = figureOf({ ...middleBody, bust: 1500, waist: 1400 }).armAngle;
  expect(wide).toBeGreaterThan(slim);
});

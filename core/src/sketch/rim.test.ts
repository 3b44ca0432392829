import { expect, test } from '@jest/globals';
import { valueAt } from '../geometry/lookup.ts';
import { point } from '../geometry/point.ts';
import { lowerRim, outerRim } from './rim.ts';

const triangle = [point(0, 0), point(40, 40), point(0, 80)];
const square = [point(10, 20), point(50, 20), point(50, 60), point(10, 60)];

test('the rim of several rings is the furthest of them at every height', () => {
  const rim = outerRim([triangle, square]);
  if (!rim) throw new Error('there are rings');
  expect([12, 40, 72].map((height) => valueAt(rim, height))).toEqual([12, 50, 8]);
});

test('their foot is the lowest of them at every place across', () => {
  const foot = lowerRim([triangle, square]);
  if (!foot) throw new Error('there are rings');
  expect([0, 4, 20, 48].map((across) => valueAt(foot, across))).toEqual([80, 76, 60, 60]);
});

test('no ring has no rim', () => {
  expect(outerRim([])).toBeUndefined();
});

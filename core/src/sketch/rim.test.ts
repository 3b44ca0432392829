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

test('where a corner passes a line that is measured on, the rim moves with it and does not leap', () => {
  /** A narrow strip from above, and a box whose corner stands out at `top`. */
  const rimWith = (top: number) =>
    outerRim([
      [point(0, 0), point(10, 0), point(10, 80), point(0, 80)],
      [point(0, top), point(30, top), point(30, 80), point(0, 80)],
    ]);
  const at = (top: number, height: number) => {
    const rim = rimWith(top);
    return rim ? valueAt(rim, height) : NaN;
  };
  for (const height of [34, 36, 38, 39.9, 40, 40.1])
    expect(Math.abs(at(39.95, height) - at(40.05, height))).toBeLessThan(1);
  expect([at(40, 30), at(40, 50)]).toEqual([10, 30]);
});

test('no ring has no rim', () => {
  expect(outerRim([])).toBeUndefined();
});

import { expect, test } from '@jest/globals';
import { lineCrossings } from './line-crossings.ts';
import { point } from './point.ts';
import { cubic, line } from './segment.ts';
import { highestOn } from './turns.ts';

// y = 3t(1 − t)² · 90 − 3t²(1 − t) · 90 crosses the level 0 in the middle, by its symmetry.
const wave = cubic(point(0, 0), point(30, 90), point(60, -90), point(90, 0));

test('a curve is crossed where it really is, as often as it is', () => {
  const [first, second] = lineCrossings(wave, point(0, 10), point(1, 0));
  expect([first?.y, second?.y].every((y) => Math.abs((y ?? 0) - 10) < 1e-9)).toBe(true);
  expect((first?.x ?? 0) < (second?.x ?? 0)).toBe(true);
  expect(lineCrossings(wave, point(0, 60), point(1, 0))).toEqual([]);
  const [middle] = lineCrossings(wave, point(0, 1e-9), point(1, 0)).slice(-1);
  expect(middle?.x).toBeCloseTo(45, 6);
});

test('a straight line is crossed once, and a parallel one not at all', () => {
  const upright = line(point(5, -10), point(5, 10));
  expect(lineCrossings(upright, point(0, 3), point(1, 0))).toEqual([point(5, 3)]);
  expect(lineCrossings(upright, point(0, 3), point(0, 1))).toEqual([]);
});

test('the highest place of a curve may lie between its ends', () => {
  // The extremes of t(1 − t)(1 − 2t) lie at t = 1/2 ± 1/(2√3), where it is 1/(6√3): textbook calculus.
  expect(highestOn([wave])).toBeCloseTo(-270 / (6 * Math.sqrt(3)), 6);
  expect(highestOn([line(point(0, 4), point(9, 2))])).toBe(2);
});

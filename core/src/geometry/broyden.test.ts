import { expect, test } from '@jest/globals';
import { broyden } from './broyden.ts';

const plan = { start: [0, 0], gains: [1, 1], tolerance: 1e-6, longestStride: 5, mostRounds: 20 };

test('unknowns that disturb each other settle together, in few drawings', () => {
  let drawings = 0;
  const found = broyden({
    ...plan,
    draw: ([x = 0, y = 0]) => {
      drawings++;
      return { a: 0.8 * x + 0.3 * y + 0.02 * x * y, b: 0.9 * y - 0.4 * x };
    },
    residuals: ({ a, b }) => [7 - a, 2 - b],
  });
  expect(found.a).toBeCloseTo(7, 5);
  expect(found.b).toBeCloseTo(2, 5);
  expect(drawings).toBeLessThan(14);
});

test('what cannot be settled gives the best that was drawn, and no stride is longer than allowed', () => {
  const drawn: number[] = [];
  const best = broyden({
    ...plan,
    start: [0],
    gains: [1],
    draw: ([x = 0]) => {
      drawn.push(x);
      return Math.min(x, 3);
    },
    residuals: (value) => [10 - value],
  });
  expect(best).toBe(3);
  drawn.slice(1).forEach((x, index) => expect(Math.abs(x - (drawn[index] ?? 0))).toBeLessThanOrEqual(5));
});

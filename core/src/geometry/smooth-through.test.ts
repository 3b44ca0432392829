import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { point } from './point.ts';
import { smoothThrough } from './smooth-through.ts';

test('passes its points, level before the first and after the last', () => {
  const curve = smoothThrough([point(0, 0), point(1, 1), point(2, 4)]);
  expect([-1, 0, 1, 2, 3].map(curve)).toEqual([0, 0, 1, 4, 4]);
});

test('has the harmonic mean of the chords as its slope: 1.5 between chords of 1 and 3, worked out by hand', () => {
  const curve = smoothThrough([point(0, 0), point(1, 1), point(2, 4)]);
  // Half-way to the first: ½ · 1 − ⅛ · 1.5.
  expect(curve(0.5)).toBeCloseTo(0.3125, 12);
  expect((curve(1 + 1e-6) - curve(1 - 1e-6)) / 2e-6).toBeCloseTo(1.5, 4);
});

test('never overshoots between two of its points', () => {
  const heights = fc.array(fc.integer({ min: -100, max: 100 }), { minLength: 2, maxLength: 8 });
  fc.assert(
    fc.property(heights, fc.double({ min: 0, max: 1, noNaN: true }), (ys, part) => {
      const curve = smoothThrough(ys.map((y, x) => point(x, y)));
      ys.slice(1).forEach((to, index) => {
        const from = ys[index] ?? to;
        const value = curve(index + part);
        expect(value).toBeGreaterThanOrEqual(Math.min(from, to) - 1e-9);
        expect(value).toBeLessThanOrEqual(Math.max(from, to) + 1e-9);
      });
    }),
  );
});

import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lookup, valueAt } from './lookup.ts';

const table = lookup([
  [10, 5],
  [0, 1],
  [4, 3],
]);

test('a lookup is linear between its pairs and level beyond them', () => {
  expect([0, 2, 4, 7, 10].map((key) => valueAt(table, key))).toEqual([1, 2, 3, 4, 5]);
  expect([-5, 12].map((key) => valueAt(table, key))).toEqual([1, 5]);
});

test('a slope carries it on beyond its ends', () => {
  const sloped = lookup([[2, 10]], 1);
  expect([0, 2, 5].map((key) => valueAt(sloped, key))).toEqual([8, 10, 13]);
});

test('of several pairs with one key the last counts, and none at all is refused', () => {
  expect(valueAt(lookup([[1, 5], [1, 7], [2, 9]]), 1)).toBe(7); // prettier-ignore
  expect(() => lookup([])).toThrow('at least one pair');
});

test('its value lies between those of its neighbours, wherever it is read', () => {
  const pairs = fc.array(fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -9, max: 9 })), {
    minLength: 1,
  });
  fc.assert(
    fc.property(pairs, fc.double({ min: -80, max: 80, noNaN: true }), (known, key) => {
      const values = known.map(([, value]) => value);
      const value = valueAt(lookup(known), key);
      expect(value).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
      expect(value).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
    }),
  );
});

import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { areWithin, distanceToRing, ringGap } from './distance-to-ring.ts';
import { point } from './point.ts';

const corner = fc.record({ x: fc.integer({ min: -50, max: 50 }), y: fc.integer({ min: -50, max: 50 }) });
const ring = fc.array(corner, { minLength: 1, maxLength: 12 });
const square = [point(0, 0), point(10, 0), point(10, 10), point(0, 10)];

test('a point is as far from a ring as from its nearest side', () => {
  expect(distanceToRing(point(5, -3), square)).toBe(3);
  expect(distanceToRing(point(13, 14), square)).toBe(5);
  expect(distanceToRing(point(5, 4), square)).toBe(4);
});

test('two rings lie apart by the point of either that is furthest from the other', () => {
  const dented = [...square.slice(0, 2), point(10, 5), point(4, 5), point(10, 6), ...square.slice(2)];
  expect(ringGap(square, dented)).toBe(4);
  expect(ringGap(dented, square)).toBe(4);
});

test('what is broken off early is what every point against every side gives', () => {
  fc.assert(
    fc.property(ring, ring, fc.integer({ min: 0, max: 100 }), (a, b, mm) => {
      const plain = Math.max(...a.map((p) => distanceToRing(p, b)), ...b.map((p) => distanceToRing(p, a)));
      expect(ringGap(a, b)).toBeCloseTo(plain, 9);
      // Beside the limit itself, where the last bit decides.
      if (Math.abs(plain - mm) > 1e-6) expect(areWithin(a, b, mm)).toBe(plain < mm);
    }),
  );
});

test('a ring is no distance from itself, begun anywhere and gone round either way', () => {
  fc.assert(
    fc.property(ring, fc.nat(20), (a, by) => {
      const turned = [...a.slice(by % a.length), ...a.slice(0, by % a.length)];
      expect(ringGap(a, turned)).toBeLessThan(1e-6);
      expect(ringGap(a, [...turned].reverse())).toBeLessThan(1e-6);
    }),
  );
});

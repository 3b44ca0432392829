import { describe, expect, test } from '@jest/globals';
import { point } from './point.ts';
import {
  boxOf,
  centroidOf,
  countSelfCrossings,
  crossingsAt,
  mirrorRing,
  openHalf,
  signedArea,
  type Ring,
} from './ring.ts';
import { solve } from './solve.ts';
import { distanceToRing } from './distance-to-ring.ts';

const ring = (...pairs: [number, number][]): Ring => pairs.map(([x, y]) => point(x, y));
const halfPiece = ring([0, 10], [40, 0], [60, 80], [0, 90]);

describe('rings', () => {
  test('area is positive clockwise on screen, negative the other way', () => {
    expect(signedArea(ring([0, 0], [10, 0], [10, 10], [0, 10]))).toBe(100);
    expect(signedArea(ring([0, 0], [0, 10], [10, 10], [10, 0]))).toBe(-100);
  });

  test('an opened half-piece has twice the area and is its own mirror', () => {
    const whole = openHalf(halfPiece);
    expect(signedArea(whole)).toBeCloseTo(2 * signedArea(halfPiece), 9);
    expect(signedArea(mirrorRing(whole))).toBeCloseTo(signedArea(whole), 9);
    expect(boxOf(whole)).toEqual({ minX: -60, minY: 0, maxX: 60, maxY: 90 });
  });

  test('points on the fold between its ends are left out when it is opened', () => {
    const whole = openHalf(ring([0, 10], [40, 0], [60, 80], [0, 90], [0, 50]));
    expect(whole).toHaveLength(6);
    expect(signedArea(whole)).toBeCloseTo(2 * signedArea(halfPiece), 9);
  });

  test('a piece that does not lie on the fold cannot be opened', () => {
    expect(() => openHalf(ring([5, 0], [10, 0], [10, 10]))).toThrow('fold');
  });

  test('crossings at a level come from the centre outwards', () => {
    expect(crossingsAt(halfPiece, 40)).toEqual([0, 50]);
  });

  test('a bow tie crosses itself once, a plain piece never', () => {
    expect(countSelfCrossings(ring([0, 0], [10, 10], [10, 0], [0, 10]))).toBe(1);
    expect(countSelfCrossings(halfPiece)).toBe(0);
  });

  test('the centroid of a triangle is the mean of its corners, and moves with the ring', () => {
    expect(centroidOf(ring([0, 0], [30, 0], [0, 60]))).toEqual(point(10, 20));
    expect(centroidOf(ring([100, 0], [130, 0], [100, 60])).x).toBeCloseTo(110, 9);
  });

  test('distance to a ring is to its nearest side', () => {
    // The lower side runs from (60, 80) to (0, 90): its normal distance is 115 · cos(atan(10 ÷ 60)).
    expect(distanceToRing(point(30, 200), halfPiece)).toBeCloseTo(115 * Math.cos(Math.atan(1 / 6)), 9);
  });
});

describe('solve', () => {
  test('finds a root and says so', () => {
    const { x, ok } = solve((value) => value ** 3 - 2, 0, 2);
    expect(ok).toBe(true);
    expect(x).toBeCloseTo(Math.cbrt(2), 12);
  });

  test('says when the bounds enclose none, and gives the nearer bound', () => {
    expect(solve((value) => value + 5, 0, 2)).toMatchObject({ ok: false, x: 0, residual: 5 });
  });
});

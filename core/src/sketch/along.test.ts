import { expect, test } from '@jest/globals';
import { point } from '../geometry/point.ts';
import { along, pointAlong, upTo } from './along.ts';

// Ten mm across in one step, then thirty down in three.
const corner = [point(0, 0), point(10, 0), point(10, 10), point(10, 20), point(10, 30)];

test('a part of the way by points takes every step for the same', () => {
  expect(along(corner, 0)).toEqual(point(0, 0));
  expect(along(corner, 0.5)).toEqual(point(10, 10));
  expect(along(corner, 2)).toEqual(point(10, 30));
});

test('a part of the way by length takes every millimetre for the same', () => {
  expect(pointAlong(corner, 0.25)).toEqual(point(10, 0));
  expect(pointAlong(corner, 0.5).y).toBeCloseTo(10, 9);
  expect(pointAlong(corner, 1)).toEqual(point(10, 30));
  expect(() => pointAlong([], 0.5)).toThrow('a line needs points');
});

test('a line is cut off at a length, between two of its points, and left whole where it is shorter', () => {
  expect(upTo(corner, 15)).toEqual([point(0, 0), point(10, 0), point(10, 5)]);
  expect(upTo(corner, 100)).toEqual(corner);
});

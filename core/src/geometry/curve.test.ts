import { expect, test } from '@jest/globals';
import { endedAt, nearestOn, placeAtLength, pointWhere, startedAt, type Curve } from './curve.ts';
import { distance, point } from './point.ts';
import { cubic, line } from './segment.ts';

/** Two segments with a corner, as edges have where a dart was closed. */
const bent: Curve = [
  cubic(point(0, 0), point(10, 30), point(10, 70), point(0, 100)),
  cubic(point(0, 100), point(-20, 130), point(-20, 170), point(-10, 200)),
];

test('what lies on a curve is found there, also just past where two segments meet', () => {
  for (const along of [0, 1, 50, 100.5, 101.5, 103, 150, 190]) {
    const found = nearestOn(bent, placeAtLength(bent, along).point);
    expect(found.gap).toBeLessThan(1e-4);
    expect(found.along).toBeCloseTo(along, 3);
  }
});

test('the point at a level is on the curve, and none is found where it does not pass', () => {
  const found = pointWhere(bent, 'y', 140);
  expect(found?.y).toBeCloseTo(140, 9);
  expect(nearestOn(bent, found ?? point(0, 0)).gap).toBeLessThan(1e-4);
  expect(pointWhere(bent, 'y', 900)).toBeUndefined();
});

test('an end that is moved takes its handle along', () => {
  const moved = endedAt(bent, point(-5, 210));
  expect(moved.at(-1)?.b).toEqual(point(-5, 210));
  expect(distance(placeAtLength(moved, 0).direction, placeAtLength(bent, 0).direction)).toBeLessThan(1e-9);
  const [first] = startedAt([line(point(0, 0), point(0, 50))], point(3, 1));
  expect(first).toEqual(line(point(3, 1), point(0, 50)));
});

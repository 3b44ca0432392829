import { expect, test } from '@jest/globals';
import { onCircle } from './arc.ts';
import { circleThrough } from './circle-through.ts';
import { add, point, type Point } from './point.ts';

const around = (centre: Point, radius: number): Point[] =>
  [0.1, 0.4, 0.7, 1, 1.3].map((angle) => add(centre, onCircle(radius, angle)));

test('finds the middle and the radius of an arc', () => {
  const found = circleThrough(around(point(30, -40), 250), 0.01);
  expect(found?.radius).toBeCloseTo(250, 9);
  expect(found?.centre.x).toBeCloseTo(30, 9);
  expect(found?.centre.y).toBeCloseTo(-40, 9);
});

test('a point off it, a straight line, or too few points are no circle', () => {
  const points = around(point(0, 0), 250);
  expect(circleThrough([...points.slice(0, 4), add(points[4] ?? point(0, 0), point(1, 0))], 0.2)).toBeUndefined();
  expect(circleThrough([0, 1, 2, 3, 4].map((x) => point(x, 2 * x)), 1)).toBeUndefined();
  expect(circleThrough(points.slice(0, 3), 1)).toBeUndefined();
}); // prettier-ignore

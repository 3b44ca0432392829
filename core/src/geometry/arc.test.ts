import { expect, test } from '@jest/globals';
import { circleArc, onCircle, roundArc } from './arc.ts';
import { curveLength, endOf, sampleCurve, startOf } from './curve.ts';
import { distance, point } from './point.ts';

// Geometry: an arc of radius r over the angle t is r · t long, and all of it lies at r from its middle.
test.each([0.3, 1, Math.PI / 2, 3, 2 * Math.PI])('an arc of %s radians lies on its circle and is as long as it should be', (angle) => {
  const radius = 240;
  const arc = circleArc(radius, 0.2, 0.2 + angle);
  for (const p of sampleCurve(arc, 0.01)) expect(Math.abs(distance(p, point(0, 0)) - radius)).toBeLessThan(0.002);
  expect(Math.abs(curveLength(arc) - radius * angle)).toBeLessThan(0.005);
  expect(distance(startOf(arc), onCircle(radius, 0.2))).toBeLessThan(1e-9);
  expect(distance(endOf(arc), onCircle(radius, 0.2 + angle))).toBeLessThan(1e-9);
}); // prettier-ignore

test('an arc whose radius changes passes the radius that is asked at every angle', () => {
  const radiusAt = (angle: number) => ({
    mm: 800 - 30 * Math.sin(angle) ** 2,
    slope: -30 * Math.sin(2 * angle),
  });
  for (const p of sampleCurve(roundArc(radiusAt, -0.7, 1.2), 0.01)) {
    const wanted = radiusAt(Math.atan2(p.x, p.y)).mm;
    expect(Math.abs(distance(p, point(0, 0)) - wanted)).toBeLessThan(0.2);
  }
});

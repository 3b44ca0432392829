import { describe, expect, test } from '@jest/globals';
import { circleArc, onCircle, roundArc } from './arc.ts';
import { curveLength, endOf, sampleCurve, startOf } from './curve.ts';
import { drawCurve } from './path/path-sink.ts';
import { svgPathSink } from './path/svg-path.ts';
import { distance, point, rotate, type Point } from './point.ts';
import {
  arc,
  directionAt,
  line,
  mapSegment,
  parameterAtLength,
  pointAt,
  reverseSegment,
  sampleSegment,
  segmentLength,
  splitSegment,
  sweptArea,
  type Segment,
} from './segment.ts';
import { highestOn } from './turns.ts';

// Geometry: an arc of radius r over the angle t is r · t long, and all of it lies at r from its middle.
test.each([0.3, 1, Math.PI / 2, 3, 2 * Math.PI])('an arc of %s radians lies on its circle and is as long as it should be', (angle) => {
  const radius = 240;
  const round = circleArc(radius, 0.2, 0.2 + angle);
  for (const p of sampleCurve(round, 0.01)) expect(Math.abs(distance(p, point(0, 0)) - radius)).toBeLessThan(1e-9);
  expect(curveLength(round)).toBeCloseTo(radius * angle, 9);
  expect(distance(startOf(round), onCircle(radius, 0.2))).toBeLessThan(1e-9);
  expect(distance(endOf(round), onCircle(radius, 0.2 + angle))).toBeLessThan(1e-9);
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

describe('a true arc', () => {
  const quarter = arc(point(100, 0), point(0, 0), Math.PI / 2);

  test('turns clockwise on screen, and is split and reversed where it lies', () => {
    expect(distance(pointAt(quarter, 0.5), point(100 * Math.SQRT1_2, 100 * Math.SQRT1_2))).toBeLessThan(1e-9);
    expect(distance(endOf([quarter]), point(0, 100))).toBeLessThan(1e-9);
    expect(distance(directionAt(quarter, 0), point(0, 1))).toBeLessThan(1e-9);
    const [first, rest] = splitSegment(quarter, 0.25);
    expect(segmentLength(first) + segmentLength(rest)).toBeCloseTo(segmentLength(quarter), 9);
    expect(distance(pointAt(reverseSegment(quarter), 0.3), pointAt(quarter, 0.7))).toBeLessThan(1e-9);
    expect(parameterAtLength(quarter, 25 * Math.PI)).toBeCloseTo(0.5, 12);
  });

  // Geometry: with its two radii it encloses a quarter of the circle.
  test('adds its sector to the area of a loop, wherever its middle lies', () => {
    for (const centre of [point(0, 0), point(-340, 75)]) {
      const at = (x: number, y: number) => point(centre.x + x, centre.y + y);
      const loop = [arc(at(100, 0), centre, Math.PI / 2), line(at(0, 100), centre), line(centre, at(100, 0))];
      expect(loop.reduce((sum, each) => sum + sweptArea(each), 0)).toBeCloseTo((Math.PI * 100 ** 2) / 4, 6);
    }
  });

  test('moved, turned or mirrored it stays one; pulled out of round it is drawn on as a curve', () => {
    const mirrored = mapSegment(quarter, ({ x, y }) => point(-x, y));
    expect(mirrored).toMatchObject({ kind: 'arc', angle: expect.closeTo(-Math.PI / 2, 9) });
    for (const move of [
      ({ x, y }: Point) => point(x + 9, y - 4),
      (p: Point) => rotate(p, point(5, 5), 1.2),
      ({ x, y }: Point) => point(2 * x, 2 * y),
    ]) {
      const moved = mapSegment(quarter, move);
      expect(moved.kind).toBe('arc');
      for (const t of [0, 0.3, 1])
        expect(distance(pointAt(moved, t), move(pointAt(quarter, t)))).toBeLessThan(1e-9);
    }
    const stretched = mapSegment(quarter, ({ x, y }) => point(2 * x, y));
    expect(stretched.kind).toBe('cubic');
    expect(distance(pointAt(stretched, 0.5), point(200 * Math.SQRT1_2, 100 * Math.SQRT1_2))).toBeLessThan(
      0.1,
    );
  });

  test('is sampled within its tolerance, and turns back where it should', () => {
    for (const tolerance of [0.5, 0.05]) {
      const ring = [point(100, 0), ...sampleSegment(quarter, tolerance)];
      const off = ring.slice(1).map((q, index) => {
        const p = ring[index] ?? q;
        return 100 - Math.hypot((p.x + q.x) / 2, (p.y + q.y) / 2);
      });
      expect(Math.max(...off)).toBeLessThanOrEqual(tolerance + 1e-9);
    }
    const over = arc(point(-100 * Math.SQRT1_2, -100 * Math.SQRT1_2), point(0, 0), Math.PI / 2);
    expect(highestOn([over])).toBeCloseTo(-100, 9);
    expect(highestOn([reverseSegment(over)])).toBeCloseTo(-100, 9);
  });

  test('is an arc in SVG as well, its sweep the way that it turns', () => {
    const text = (segment: Segment) => {
      const sink = svgPathSink();
      drawCurve([segment], sink);
      return sink.text();
    };
    expect(text(quarter)).toBe('M100 0A100 100 0 0 1 0 100');
    expect(text(reverseSegment(quarter))).toBe('M0 100A100 100 0 0 0 100 0');
    // A whole circle is told in parts: its end says nothing of its way.
    expect(text(arc(point(100, 0), point(0, 0), 2 * Math.PI)).match(/A/g)).toHaveLength(3);
  });
});

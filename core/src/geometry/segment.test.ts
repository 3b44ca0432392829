import { describe, expect, test } from '@jest/globals';
import { Bezier } from 'bezier-js';
import fc from 'fast-check';
import { curveLength, lengthWhere, placeAtLength, reverseCurve, sampleCurve, splitCurve } from './curve.ts';
import { distance, point, type Point } from './point.ts';
import {
  cubic,
  directionAt,
  line,
  pointAt,
  sampleSegment,
  segmentLength,
  splitSegment,
  sweptArea,
} from './segment.ts';

const coordinate = fc.double({ min: -800, max: 800, noNaN: true });
const place = fc.record({ x: coordinate, y: coordinate });
const flat = (...points: Point[]): number[] => points.flatMap(({ x, y }) => [x, y]);
/** A garment curve: handles no longer than its chord, as every curve of the drafts has. */
const garmentCurve = fc
  .tuple(
    place,
    place,
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
  )
  .filter(([a, b]) => distance(a, b) > 20)
  .map(([a, b, u, v]) => {
    const chord = point(b.x - a.x, b.y - a.y);
    const c = point(a.x + 0.35 * (chord.x - u * chord.y), a.y + 0.35 * (chord.y + u * chord.x));
    const d = point(b.x - 0.35 * (chord.x - v * chord.y), b.y - 0.35 * (chord.y + v * chord.x));
    return { a, c, d, b };
  });

describe('cubic segments', () => {
  test('length agrees with bezier-js, a general reference library, on garment curves', () => {
    fc.assert(
      fc.property(garmentCurve, ({ a, c, d, b }) => {
        const reference = new Bezier(flat(a, c, d, b)).length();
        expect(Math.abs(segmentLength(cubic(a, c, d, b)) - reference)).toBeLessThan(1e-4 * reference);
      }),
    );
  });

  test('a quarter of a circle is as long as its arc, within what a cubic can follow it', () => {
    // k = 4⁄3 tan(π⁄8): the usual cubic for a quarter circle, off the arc by at most 0.027 % of the radius.
    const k = (4 / 3) * Math.tan(Math.PI / 8);
    const arc = cubic(point(100, 0), point(100, 100 * k), point(100 * k, 100), point(0, 100));
    expect(Math.abs(segmentLength(arc) - 50 * Math.PI)).toBeLessThan(0.05);
  });

  test('points and directions agree with bezier-js', () => {
    fc.assert(
      fc.property(garmentCurve, fc.double({ min: 0, max: 1, noNaN: true }), ({ a, c, d, b }, t) => {
        const reference = new Bezier(flat(a, c, d, b));
        const ours = cubic(a, c, d, b);
        expect(distance(pointAt(ours, t), reference.get(t))).toBeLessThan(1e-6);
        const derivative = reference.derivative(t);
        const size = Math.hypot(derivative.x, derivative.y);
        if (size > 1)
          expect(
            distance(directionAt(ours, t), point(derivative.x / size, derivative.y / size)),
          ).toBeLessThan(1e-6);
      }),
    );
  });

  test('a split loses no length and meets itself', () => {
    fc.assert(
      fc.property(garmentCurve, fc.double({ min: 0.01, max: 0.99, noNaN: true }), ({ a, c, d, b }, t) => {
        const whole = cubic(a, c, d, b);
        const [before, after] = splitSegment(whole, t);
        expect(segmentLength(before) + segmentLength(after)).toBeCloseTo(segmentLength(whole), 4);
        expect(before.b).toEqual(after.a);
      }),
    );
  });

  test('samples keep their chords within the tolerance', () => {
    fc.assert(
      fc.property(garmentCurve, ({ a, c, d, b }) => {
        const curve = cubic(a, c, d, b);
        const points = [a, ...sampleSegment(curve, 0.5)];
        points.slice(1).forEach((to, index) => {
          const from = points[index] ?? to;
          const middle = pointAt(curve, (index + 0.5) / (points.length - 1));
          const area = Math.abs(
            (to.x - from.x) * (middle.y - from.y) - (to.y - from.y) * (middle.x - from.x),
          );
          if (points.length <= 200)
            expect(area / Math.max(1e-9, distance(from, to))).toBeLessThan(0.5 + 1e-6);
        });
      }),
    );
  });
});

describe('curves of several segments', () => {
  const bent = [
    line(point(0, 0), point(30, 40)),
    cubic(point(30, 40), point(60, 80), point(120, 80), point(140, 10)),
  ];

  test('a place at a length is that far along', () => {
    const [before] = splitCurve(bent, 71);
    expect(curveLength(before)).toBeCloseTo(71, 6);
    expect(placeAtLength(bent, 50).point).toEqual(point(30, 40));
    expect(placeAtLength(bent, 1e6).point).toEqual(point(140, 10));
  });

  test('a split at a join cuts no segment', () => {
    expect(splitCurve(bent, 50).map((part) => part.length)).toEqual([1, 1]);
    expect(() => splitCurve(bent, 0)).toThrow('cannot be split');
  });

  test('lengthWhere finds a level, or nothing where it is not passed', () => {
    const at = lengthWhere(bent, 'y', 20);
    expect(at).toBeCloseTo(25, 6);
    expect(lengthWhere(bent, 'y', 500)).toBeUndefined();
  });

  test('turning round changes neither length nor samples', () => {
    expect(curveLength(reverseCurve(bent))).toBeCloseTo(curveLength(bent), 9);
    expect(sampleCurve(reverseCurve(bent), 0.1).length).toBe(sampleCurve(bent, 0.1).length);
  });
});

test('the area that a cubic sweeps is that of its fine polygon', () => {
  const arc = cubic(point(3, 4), point(40, -20), point(90, 60), point(120, 10));
  const points = [arc.a, ...sampleSegment(arc, 1e-6)];
  const polygon = points.slice(1).reduce((sum, p, index) => {
    const before = points[index] ?? p;
    return sum + (before.x * p.y - p.x * before.y) / 2;
  }, 0);
  expect(sweptArea(arc)).toBeCloseTo(polygon, 0);
  expect(sweptArea(line(point(1, 2), point(5, 3)))).toBeCloseTo((1 * 3 - 5 * 2) / 2, 9);
});

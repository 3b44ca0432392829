import { describe, expect, test } from '@jest/globals';
import { boxOf, countSelfCrossings, signedArea } from '../../geometry/ring.ts';
import { inches } from '../../units/length.ts';
import { sectorsOf, type Flare } from './sectors.ts';

const flare = (outer: number, circle = 1, join = 0.5, inner = 4): Flare => ({
  inner: inches(inner),
  outer: inches(outer),
  circle,
  join: inches(join),
});
const parts = (...of: Parameters<typeof flare>) => sectorsOf(flare(...of), inches(44));

describe('a flare in parts that lie on the cloth', () => {
  // Common practice: a whole circle where twice its radius lies on the cloth, two halves where its radius does.
  test.each([
    [21, 1, []],
    [30, 2, [90]],
    [43, 2, [90]],
    [46, 6, [30, 90, 150]],
  ])('a circle of %i in is cut in %i', (outer, count, joins) => {
    expect(parts(outer)).toMatchObject({ count, joins });
  });

  test('a half circle is one part, joined at centre back, or more of them, never with a join at centre front', () => {
    expect(parts(30, 0.5)).toMatchObject({ count: 1, joins: [180] });
    for (const outer of [46, 60, 80, 120])
      for (const circle of [0.5, 0.75, 1, 2]) {
        const found = parts(outer, circle);
        expect(Math.min(...(found?.joins ?? []))).toBeGreaterThan(5);
        expect(Math.max(...(found?.joins ?? []))).toBeLessThanOrEqual(180);
      }
  });

  test('together the parts have the area of the ring and of their joins', () => {
    for (const [outer, circle] of [
      [30, 1],
      [46, 1],
      [50, 0.5],
      [40, 2],
    ] as const) {
      const whole = flare(outer, circle);
      const found = sectorsOf(whole, inches(44));
      if (!found) throw new Error('no parts');
      const { inner, join } = whole;
      const ring = Math.PI * circle * (whole.outer ** 2 - inner ** 2);
      // A strip as wide as the join along each edge, its ends a little slanted by the arcs.
      const joins = 2 * found.count * join * (whole.outer - inner);
      expect((found.count * Math.abs(signedArea(found.outline))) / (ring + joins)).toBeCloseTo(1, 2);
      expect(signedArea(found.outline)).toBeGreaterThan(0);
      expect(countSelfCrossings(found.outline)).toBe(0);
      const { minX, maxX } = boxOf(found.outline);
      expect(maxX - minX).toBeLessThanOrEqual(inches(44));
    }
  });

  test('there are none where the cloth is a ribbon, or the ring is closed by its allowances', () => {
    expect(sectorsOf(flare(60), inches(3))).toBeUndefined();
    expect(parts(20, 0.99)?.count).toBe(2);
    // Two whole rings would have no room for the allowance where they are slit.
    expect(parts(20, 2)?.count).toBe(3);
  });
});

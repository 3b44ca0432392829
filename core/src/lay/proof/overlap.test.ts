import { describe, expect, test } from '@jest/globals';
import { area, FillRule, intersect } from 'clipper2-ts';
import fc from 'fast-check';
import { point } from '../../geometry/point.ts';
import type { Ring } from '../../geometry/ring.ts';
import { overlapDepth, reachOutside, type WholeRing } from './overlap.ts';

const box = (x: number, y: number, width: number, height: number): WholeRing => [
  x,
  y,
  x + width,
  y,
  x + width,
  y + height,
  x,
  y + height,
];

/** A star-shaped ring about a centre: as ragged as garment pieces get, and never crossing itself. */
const star = fc
  .record({
    x: fc.integer({ min: 0, max: 300 }),
    y: fc.integer({ min: 0, max: 300 }),
    radii: fc.array(fc.integer({ min: 20, max: 120 }), { minLength: 4, maxLength: 12 }),
  })
  .map(({ x, y, radii }): WholeRing =>
    radii.flatMap((radius, index) => {
      const angle = (2 * Math.PI * index) / radii.length;
      return [
        Math.round(1000 * (x + radius * Math.cos(angle))),
        Math.round(1000 * (y + radius * Math.sin(angle))),
      ];
    }),
  );

const pathOf = (ring: WholeRing) =>
  Array.from({ length: ring.length / 2 }, (_, index) => ({
    x: ring[2 * index] ?? 0,
    y: ring[2 * index + 1] ?? 0,
  }));
/** The common area by Clipper2, a general polygon library, in µm². */
const commonArea = (a: WholeRing, b: WholeRing): number =>
  intersect([pathOf(a)], [pathOf(b)], FillRule.NonZero).reduce((sum, path) => sum + Math.abs(area(path)), 0);

describe('overlapDepth', () => {
  test.each([
    ['apart', box(0, 0, 100, 100), box(200, 0, 100, 100), 0],
    ['touching along a side', box(0, 0, 100, 100), box(100, 0, 100, 100), 0],
    ['touching along part of a side', box(0, 0, 100, 100), box(100, 30, 100, 10), 0],
    ['touching at a corner', box(0, 0, 100, 100), box(100, 100, 100, 100), 0],
    ['a corner on a side', box(0, 0, 100, 100), [100, 50, 150, 20, 150, 80], 0],
    ['a strip of ten in common', box(0, 0, 100, 100), box(90, 0, 100, 100), 10],
    ['crossed like a plus', box(0, 40, 100, 20), box(40, 0, 20, 100), 10],
    ['one inside the other', box(0, 0, 100, 100), box(40, 40, 20, 20), 40],
    ['the same ring twice', box(0, 0, 100, 60), box(0, 0, 100, 60), 30],
    [
      'in the hollow of another',
      [0, 0, 100, 0, 100, 20, 20, 20, 20, 80, 100, 80, 100, 100, 0, 100],
      box(20, 20, 80, 60),
      0,
    ],
  ] as const)('%s', (_, a, b, depth) => {
    const found = overlapDepth(a, b);
    expect(found).toBeCloseTo(overlapDepth(b, a), 6);
    if (depth === 0) expect(found).toBe(0);
    else expect(found).toBeGreaterThanOrEqual(depth * 0.5);
  });

  test('agrees with a general polygon library on whether two rings overlap', () => {
    fc.assert(
      fc.property(star, star, (a, b) => {
        const common = commonArea(a, b);
        const depth = overlapDepth(a, b);
        // Between the two lie slivers that one rounds away: thinner than two micrometres over the whole ring.
        if (common > 2_000_000) expect(depth).toBeGreaterThan(0);
        if (depth > 20) expect(common).toBeGreaterThan(0);
        if (common === 0) expect(depth).toBeLessThanOrEqual(20);
      }),
      { numRuns: 400 },
    );
  });
});

describe('reaching out of a region', () => {
  const ringOf = (whole: WholeRing): Ring => pathOf(whole).map(({ x, y }) => point(x / 1000, y / 1000));
  const region = ringOf(box(0, 0, 200_000, 100_000));

  test('is nothing for what lies inside, or touches the side from within', () => {
    expect(reachOutside(ringOf(box(20_000, 20_000, 50_000, 50_000)), region)).toBe(0);
    expect(reachOutside(region, region)).toBe(0);
    expect(reachOutside(ringOf(box(150_000, 0, 50_000, 100_000)), region)).toBe(0);
  });

  test('is how far the farthest of it lies outside', () => {
    expect(reachOutside(ringOf(box(150_000, 20_000, 80_000, 30_000)), region)).toBeCloseTo(30, 3);
    expect(reachOutside(ringOf(box(300_000, 0, 10_000, 10_000)), region)).toBeCloseTo(110, 3);
    // Over a bay of the region, though both ends lie inside.
    const bay = ringOf([0, 0, 300_000, 0, 300_000, 100_000, 200_000, 100_000, 200_000, 40_000, 100_000, 40_000, 100_000, 100_000, 0, 100_000]); // prettier-ignore
    expect(reachOutside(ringOf(box(50_000, 50_000, 200_000, 20_000)), bay)).toBeGreaterThan(20);
    expect(reachOutside(ringOf(box(50_000, 10_000, 200_000, 20_000)), bay)).toBe(0);
  });

  test('agrees with a polygon library on whether anything lies outside', () => {
    fc.assert(
      fc.property(star, star, (inner, outer) => {
        const outside = Math.abs(area(pathOf(inner))) - commonArea(inner, outer);
        const reach = reachOutside(ringOf(inner), ringOf(outer));
        // Slivers thinner than what is allowed are no reach.
        if (outside > 4e7) expect(reach).toBeGreaterThan(0);
        if (reach > 1) expect(outside).toBeGreaterThan(0);
      }),
      { seed: 11, numRuns: 300 },
    );
  });
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boxOf, crossingsAt } from '../geometry/ring.ts';
import { point } from '../geometry/point.ts';
import { clothGrid } from './cloth-grid.ts';
import { CELL, rasterise } from './raster.ts';
import { pushTight } from './slide.ts';

const ring = (...pairs: [number, number][]) => pairs.map(([x, y]) => point(x, y));
const hollow = ring([0, 0], [100, 0], [100, 100], [80, 100], [80, 20], [20, 20], [20, 100], [0, 100]);

describe('rasterise', () => {
  test('covers every point that the outline covers', () => {
    const shape = fc.array(fc.tuple(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 0, max: 200 })), {
      minLength: 3,
      maxLength: 9,
    });
    fc.assert(
      fc.property(shape, fc.double({ min: 0, max: 1, noNaN: true }), (pairs, part) => {
        const outline = ring(...pairs);
        const { minX, minY, maxY } = boxOf(outline);
        fc.pre(maxY - minY > 1);
        const level = minY + part * (maxY - minY);
        const runs = rasterise(outline).rows[Math.floor((level - minY) / CELL)] ?? [];
        const crossings = crossingsAt(outline, level);
        for (let index = 0; index + 1 < crossings.length; index += 2) {
          const middle = ((crossings[index] ?? 0) + (crossings[index + 1] ?? 0)) / 2 - minX;
          expect(runs.some(([from, to]) => middle >= from * CELL && middle <= to * CELL)).toBe(true);
        }
      }),
    );
  });

  test('keeps a hollow open', () => {
    expect(rasterise(hollow).rows[12]).toHaveLength(2);
  });
});

describe('clothGrid', () => {
  test('lays into a hollow that is wide enough, and beside what it cannot enter', () => {
    const grid = clothGrid(30);
    const [cup, small, wide] = [
      hollow,
      ring([0, 0], [40, 0], [40, 40], [0, 40]),
      ring([0, 0], [70, 0], [70, 40], [0, 40]),
    ].map((outline) => rasterise(outline));
    if (!cup || !small || !wide) throw new Error('expected rasters');
    const anywhere = ({ columns }: { columns: number }) => ({ first: 0, last: 30 - columns });
    grid.take(cup, 0, 0);
    expect(grid.firstFit(wide, anywhere(wide)).row).toBeGreaterThan(cup.rows.length - 1);
    expect(grid.firstFit(small, anywhere(small))).toEqual({ row: 0, column: 21 });
    grid.take(wide, 21, 0);
    const inHollow = grid.firstFit(small, { first: 5, last: 5 });
    expect(inHollow.row).toBeGreaterThan(3);
  });
});

describe('pushTight', () => {
  test('slides outlines into contact, never through each other nor past their zone', () => {
    const still = ring([0, 0], [50, 0], [50, 50], [0, 50]);
    const [, moved] = pushTight(
      [
        { ring: still, atFold: false, least: 0 },
        { ring: ring([10, 90], [40, 90], [40, 120], [10, 120]), atFold: false, least: 4 },
      ],
      2,
    );
    const box = boxOf(moved ?? []);
    expect(box.minY).toBeCloseTo(50.02, 1);
    expect(box.minX).toBeCloseTo(4, 1);
  });

  test('what lies on the fold stays on it', () => {
    const [moved] = pushTight(
      [{ ring: ring([0, 30], [20, 30], [20, 60], [0, 60]), atFold: true, least: 0 }],
      1,
    );
    expect(boxOf(moved ?? [])).toEqual({ minX: 0, minY: 0, maxX: 20, maxY: 30 });
  });
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Ring } from '../../geometry/ring.ts';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import type { Cloth } from '../model/cloth.ts';
import { largestLeftover, leftoverArea } from './leftover.ts';
import type { Lay, Placement } from '../model/lay.ts';

const rectangle = (left: number, top: number, width: number, height: number): Ring => [
  { x: left, y: top },
  { x: left + width, y: top },
  { x: left + width, y: top + height },
  { x: left, y: top + height },
];
const layOf = (rings: readonly Ring[]): Pick<Lay, 'usable' | 'placements' | 'buy'> => ({
  usable: [0, 1000],
  placements: rings.map((polygon, copy): Placement => ({
    piece: 'piece',
    copy,
    polygon,
    rotation: 0,
    mirrored: false,
    onFold: false,
    section: 0,
  })),
  buy: { amount: 1, unit: 'm' },
});

describe('the largest leftover', () => {
  test('is what lies after the pieces, at full width, where that is more', () => {
    const left = largestLeftover(layOf([rectangle(0, 0, 1000, 400)]));
    expect(left?.left).toBe(0);
    expect(left?.from).toBeGreaterThanOrEqual(400);
    expect(left?.from).toBeLessThan(415);
    expect(leftoverArea(left)).toBeGreaterThan(0.95 * 1000 * 600);
    expect(leftoverArea(left)).toBeLessThanOrEqual(1000 * 600);
  });

  test('is what lies beside the pieces, along the length, where that is more', () => {
    const left = largestLeftover(layOf([rectangle(0, 0, 500, 950)]));
    expect(left?.left).toBeGreaterThanOrEqual(500);
    expect(left?.from).toBe(0);
  });

  test('of cloth in hand is counted to its end, and keeps off flaws and what is not there', () => {
    const lay = layOf([rectangle(0, 0, 1000, 400)]);
    const cloth = (change: Partial<Cloth>) => sampleCloth({ width: 1000, length: 2000, ...change });
    const long = largestLeftover(lay, cloth({}));
    expect(leftoverArea(long)).toBeGreaterThan(0.97 * 1000 * 1600);
    const flawed = largestLeftover(lay, cloth({ flaws: [{ from: 900, to: 950, left: 0, right: 1000 }] }));
    expect(flawed?.from).toBeGreaterThanOrEqual(950);
    const outline: Ring = [
      { x: 0, y: 0 },
      { x: 1000, y: 0 },
      { x: 1000, y: 600 },
      { x: 300, y: 2000 },
      { x: 0, y: 2000 },
    ];
    expect(leftoverArea(largestLeftover(lay, cloth({ outline })))).toBeLessThan(0.6 * 1000 * 1600);
  });

  test('of scraps there is none', () => {
    expect(largestLeftover(layOf([rectangle(0, 0, 1000, 920)]))).toBeUndefined();
    expect(leftoverArea(undefined)).toBe(0);
    expect(largestLeftover(layOf([rectangle(0, 0, 920, 1000)]))).toBeUndefined();
  });

  test('never reaches over a piece or off the cloth', () => {
    const corner = fc.record({
      x: fc.double({ min: 0, max: 700, noNaN: true }),
      y: fc.double({ min: 0, max: 700, noNaN: true }),
    });
    const size = fc.record({
      x: fc.double({ min: 20, max: 300, noNaN: true }),
      y: fc.double({ min: 20, max: 300, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(fc.tuple(corner, size), { minLength: 1, maxLength: 6 }), (boxes) => {
        // Diamonds: their corners lie between rows, where a careless look passes them by.
        const rings = boxes.map(([at, by]): Ring => [
          { x: at.x + by.x / 2, y: at.y },
          { x: at.x + by.x, y: at.y + by.y / 2 },
          { x: at.x + by.x / 2, y: at.y + by.y },
          { x: at.x, y: at.y + by.y / 2 },
        ]);
        const left = largestLeftover(layOf(rings));
        if (!left) return;
        expect(Math.min(left.left, left.from)).toBeGreaterThanOrEqual(0);
        expect(Math.max(left.right, left.to)).toBeLessThanOrEqual(1000);
        for (const ring of rings)
          for (const { x, y } of ring)
            expect(
              x > left.left + 1e-6 && x < left.right - 1e-6 && y > left.from + 1e-6 && y < left.to - 1e-6,
            ).toBe(false);
      }),
      { seed: 7, numRuns: 200 },
    );
  });
});

import { describe, expect, test } from '@jest/globals';
import { area, FillRule, intersect } from 'clipper2-ts';
import fc from 'fast-check';
import { moveRing, signedArea, type Ring } from '../../geometry/ring.ts';
import { point } from '../../geometry/point.ts';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { distanceToRing } from '../../geometry/distance-to-ring.ts';
import { wholeOutline } from '../model/layable.ts';
import { asDrawn, halfTurned, mirroredState, upended, type OutlineState } from '../model/outline-state.ts';
import { depthAt, depthField } from './depth-field.ts';
import { noFitCache } from './no-fit-cache.ts';
import { insideOf, GRID_STEP } from './node-grid.ts';
import { convolve, opposite } from './minkowski.ts';
import { regionSides } from './region-sides.ts';
import { shapeOf, turnedCorners, UNITS, type Shape } from './shape.ts';
import { simplifyOutwards } from './simplify-outwards.ts';

const outlines = garmentPieces(36, 3).map(wholeOutline);
const states = [asDrawn, halfTurned, mirroredState, upended];

const pathOf = (corners: readonly number[], dx = 0, dy = 0) =>
  Array.from({ length: corners.length / 2 }, (_, index) => ({
    x: (corners[2 * index] ?? 0) + dx,
    y: (corners[2 * index + 1] ?? 0) + dy,
  }));

/** Area that two shapes share, mm², the second moved; by a polygon library, which knows nothing of no-fit regions. */
const shared = (a: readonly number[], b: readonly number[], x: number, y: number): number =>
  intersect([pathOf(a)], [pathOf(b, Math.round(x * UNITS), Math.round(y * UNITS))], FillRule.NonZero).reduce(
    (sum, path) => sum + Math.abs(area(path)),
    0,
  ) /
  UNITS ** 2;

describe('outlines for the search', () => {
  test.each(outlines.map((ring, index) => [index, ring] as const))(
    'outline %i is held whole by far fewer corners',
    (_, ring) => {
      const simple = simplifyOutwards(ring, 0.5);
      expect(simple.length).toBeLessThanOrEqual(ring.length);
      expect(signedArea(simple)).toBeGreaterThanOrEqual(signedArea(ring) - 1e-6);
      for (const p of simple) expect(distanceToRing(p, ring)).toBeLessThan(0.55);
      const whole = intersect(
        [simple.map(({ x, y }) => ({ x: Math.round(x * 1000), y: Math.round(y * 1000) }))],
        [ring.map(({ x, y }) => ({ x: Math.round(x * 1000), y: Math.round(y * 1000) }))],
        FillRule.NonZero,
      ).reduce((sum, path) => sum + Math.abs(area(path)), 0);
      // Rounding to micrometres along a metre or two of outline.
      expect(Math.abs(whole / 1e6 - signedArea(ring))).toBeLessThan(3);
    },
  );
});

describe('no-fit regions', () => {
  test('of two rectangles are a rectangle as large as both together', () => {
    const [a, b] = [
      [0, 0, 3000, 0, 3000, 2000, 0, 2000],
      [0, 0, 500, 0, 500, 700, 0, 700],
    ];
    const sides = regionSides(convolve(a, opposite(b)));
    // By Green's theorem over its sides.
    expect(sides.reduce((sum, { ax, ay, dx, dy }) => sum + (ax * dy - ay * dx) / 2, 0)).toBe(3500 * 2700);
    expect(sides.every(({ weight }) => weight === 1)).toBe(true);
  });

  test('have a hole where the one fits into a hollow of the other, and nowhere else', () => {
    // A frame, open by a slit too narrow for the piece: 1000 × 1000 with 800 × 800 free inside.
    const frame = [0, 0, 1000, 0, 1000, 490, 900, 490, 900, 100, 100, 100, 100, 900, 900, 900, 900, 510, 1000, 510, 1000, 1000, 0, 1000]; // prettier-ignore
    const field = depthField(convolve(frame, opposite([0, 0, 300, 0, 300, 300, 0, 300])));
    expect(depthAt(field, 3, 3)).toBe(0);
    expect(depthAt(field, 0.5, 0.5)).toBeGreaterThan(0);
    expect(depthAt(field, 6.5, 3)).toBeGreaterThan(0);
    expect(depthAt(field, 11, 3)).toBe(0);
  });

  test('know of every place whether it lies inside, as the cycles do that it was made of', () => {
    const sizes = [1, 2].map((seed) => garmentPieces(24, seed).map((piece) => shapeOf(wholeOutline(piece))));
    for (const shapes of sizes)
      for (const [index, a] of shapes.entries())
        for (const b of shapes.slice(index)) {
          const state = states[index % 4] ?? asDrawn;
          const cycles = convolve(turnedCorners(a, asDrawn), opposite(turnedCorners(b, state)));
          const field = depthField(cycles);
          const columns = Math.floor((field.right - field.left) / GRID_STEP);
          const rows = Math.floor((field.bottom - field.top) / GRID_STEP);
          const grid = { x: field.left + 0.31 * GRID_STEP, y: field.top + 0.47 * GRID_STEP, columns, rows };
          const found = Array.from({ length: columns * rows }, (_, node) => {
            const [x, y] = [
              grid.x + (node % columns) * GRID_STEP,
              grid.y + Math.floor(node / columns) * GRID_STEP,
            ];
            return depthAt(field, x, y) > 0 ? 1 : 0;
          });
          expect(found).toEqual([...insideOf(cycles, grid)]);
        }
  });

  test('share one crossing where sides lie on each other', () => {
    // Walked around twice, as two cycles that are the same.
    const square = [0, 0, 1000, 0, 1000, 1000, 0, 1000];
    const field = depthField([square, square]);
    expect(depthAt(field, 5, 1)).toBeCloseTo(1);
    expect(depthAt(field, 5, 5)).toBeCloseTo(5);
    expect(depthAt(field, 5, 10.1)).toBe(0);
  });

  const cache = noFitCache();
  const shapes = outlines.map((ring) => cache.shape(ring));
  const any = fc.record({
    a: fc.constantFrom(...shapes),
    b: fc.constantFrom(...shapes),
    s: fc.constantFrom<OutlineState>(...states),
    t: fc.constantFrom<OutlineState>(...states),
    across: fc.double({ min: -0.05, max: 1.05, noNaN: true }),
    down: fc.double({ min: -0.05, max: 1.05, noNaN: true }),
  });
  const place = (a: Shape, b: Shape, across: number, down: number) => ({
    x: -b.width + across * (a.width + b.width),
    y: -b.height + down * (a.height + b.height),
  });

  test('say of any two shapes at any place whether they overlap, in every state', () => {
    fc.assert(
      fc.property(any, ({ a, b, s, t, across, down }) => {
        const { x, y } = place(a, b, across, down);
        const pair = cache.pair(a, s, b, t);
        const depth = depthAt(pair.field, pair.turnX * x + pair.shiftX, pair.turnY * y + pair.shiftY);
        const common = shared(turnedCorners(a, s), turnedCorners(b, t), x, y);
        // A depth shares at least a little area; within a hair of touching neither has to know.
        return depth > 0.05 ? common > 0 : common < 25;
      }),
      { numRuns: 3000, seed: 11 },
    );
  });

  test('a shape that is moved out by its depth, along the way that is left, is out', () => {
    fc.assert(
      fc.property(any, ({ a, b, s, t, across, down }) => {
        const { x, y } = place(a, b, across, down);
        const { field, turnX, turnY, shiftX, shiftY } = cache.pair(a, s, b, t);
        const [inX, inY] = [turnX * x + shiftX, turnY * y + shiftY];
        const depth = depthAt(field, inX, inY);
        if (depth === 0) return true;
        // Nowhere nearer than the depth is there a way out, but for what the nodes round; and at it there is one.
        const around = Array.from({ length: 64 }, (_, index) => (index * Math.PI) / 32);
        const outAt = (reach: number) =>
          around.some(
            (angle) => depthAt(field, inX + reach * Math.cos(angle), inY + reach * Math.sin(angle)) === 0,
          );
        return outAt(1.02 * depth + 1);
      }),
      { numRuns: 400, seed: 5 },
    );
  });

  test('the same outline twice is one shape', () => {
    const ring: Ring = [point(0, 0), point(100, 0), point(100, 80), point(0, 80)];
    const again = ring.map(({ x, y }) => point(x, y));
    const [first, second] = [cache.shape(ring), cache.shape(again)];
    expect(second).toEqual(first);
    expect(shapeOf(ring)).toMatchObject({ width: 100.1, height: 80.1, area: 8000 });
  });
});

describe('the cache of shapes', () => {
  test('rings that are alike share a number, and each keeps where it was drawn', () => {
    const cache = noFitCache();
    const ring = [point(0, 0), point(100, 0), point(100, 60), point(0, 60)];
    const [here, there] = [cache.shape(ring), cache.shape(moveRing(ring, 700, -40))];
    expect(there.number).toBe(here.number);
    expect(here.box.minX).toBeCloseTo(0, 0);
    expect(there.box.minX).toBeCloseTo(700, 0);
    expect(there.box.minY).toBeCloseTo(-40, 0);
  });
});

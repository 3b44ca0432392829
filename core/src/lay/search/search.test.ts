import { describe, expect, test } from '@jest/globals';
import { dissectedRectangle } from '../../testing/dissected-rectangle.ts';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { wholeOutline, type LayPiece } from '../model/layable.ts';
import { noFitCache } from '../no-fit/no-fit-cache.ts';
import { asDrawn, halfTurned } from '../model/outline-state.ts';
import { seededRandom } from '../plan/seeded-random.ts';
import { anyStart, boxStart } from './box-start.ts';
import { overlapMinimiser } from './overlap-minimiser.ts';
import { shorten } from './shorten.ts';
import type { Positions, Strip } from './strip.ts';

const WIDTH = 1200;
const cache = noFitCache();
const stripOf = (pieces: readonly LayPiece[], width = WIDTH): Strip => ({
  width,
  repeat: 0,
  items: pieces.flatMap((piece) => {
    const shape = cache.shape(wholeOutline(piece));
    const orientations = [asDrawn, halfTurned].map((state) => ({
      state,
      leftmost: 0,
      rightmost: width - shape.width,
      phase: null,
    }));
    return Array.from({ length: piece.cut.copies }, () => ({
      shape,
      orientations,
      held: null,
      isObstacle: false,
    }));
  }),
});
const strip = stripOf(garmentPieces(16, 4));
const always = () => true;

/** Boxes that reach into each other, or out of the strip. */
const clashes = ({ items, width }: Strip, { x, y, length }: Positions): number => {
  const boxes = items.map(({ shape }, index) => ({
    left: x[index] ?? NaN,
    top: y[index] ?? NaN,
    right: (x[index] ?? NaN) + shape.width,
    bottom: (y[index] ?? NaN) + shape.height,
  }));
  const HAIR = 1e-6;
  return boxes.filter(
    (a, index) =>
      !(a.left >= -HAIR && a.right <= width + HAIR && a.top >= -HAIR && a.bottom <= length + HAIR) ||
      boxes.some(
        (b, other) =>
          other > index &&
          Math.min(a.right, b.right) - Math.max(a.left, b.left) > HAIR &&
          Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > HAIR,
      ),
  ).length;
};

describe('first arrangements', () => {
  test('of boxes overlap nowhere and stay on the strip, from whatever order', () => {
    for (const seed of [1, 2, 3, 4, 5]) {
      expect(clashes(strip, boxStart(strip, seededRandom(seed)))).toBe(0);
      expect(clashes(strip, anyStart(strip, seededRandom(seed)))).toBe(0);
    }
  });

  test('on a crease keep to it', () => {
    const [first, ...others] = strip.items;
    if (!first) throw new Error('no item');
    const creased: Strip = {
      ...strip,
      items: [
        { ...first, orientations: [{ state: asDrawn, leftmost: 0, rightmost: 0, phase: null }], held: null },
        ...others,
      ],
    };
    const start = boxStart(creased, seededRandom(1));
    expect([start.x[0], clashes(creased, start)]).toEqual([0, 0]);
  });
});

describe('parting what overlaps', () => {
  test('a move never overlaps more, weighed, and moves between the sides of the strip alone', () => {
    const moving = overlapMinimiser(strip, cache, seededRandom(3));
    const start = boxStart(strip, seededRandom(3));
    moving.take(start, 0.9 * start.length);
    for (let round = 0; round < 4; round++)
      for (const item of moving.overlapping()) {
        const before = moving.overlap();
        moving.move(item);
        // All weights are 1 until they are weighed, so that the overlap itself cannot grow.
        expect(moving.overlap()).toBeLessThanOrEqual(before + 1e-6);
      }
    const { x, y } = moving.positions();
    strip.items.forEach(({ shape }, index) => {
      expect(x[index]).toBeGreaterThanOrEqual(0);
      expect((x[index] ?? 0) + shape.width).toBeLessThanOrEqual(WIDTH + 1e-6);
      expect((y[index] ?? 0) + shape.height).toBeLessThanOrEqual(0.9 * start.length + 1e-6);
    });
  });

  test('two squares one on the other part to touch', () => {
    const square: LayPiece = {
      id: 'square',
      cut: { copies: 2, layers: 'single' },
      outline: [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
        { x: 100, y: 100 },
        { x: 0, y: 100 },
      ],
    };
    const two = stripOf([square], 205);
    const moving = overlapMinimiser(two, cache, seededRandom(1));
    const start = boxStart(two, seededRandom(1));
    moving.take({ ...start, x: new Float64Array(2), y: new Float64Array(2) }, 101);
    expect(moving.overlap()).toBeGreaterThan(90);
    moving.move(1);
    expect(moving.overlap()).toBe(0);
  });
});

describe('shortening', () => {
  const lengthAfter = (seed: number, steps: number, own = strip): number => {
    let length = Infinity;
    let step = 0;
    for (const { best } of shorten(own, cache, seededRandom(seed), always)) {
      length = best.length;
      if (++step >= steps) break;
    }
    return length;
  };

  test('is the same for the same seed, and never longer for more steps', () => {
    const lengths = [1, 300, 1500].map((steps) => lengthAfter(2, steps));
    expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
    expect(lengthAfter(2, 1500)).toBe(lengths[2]);
    expect(lengths[2]).toBeLessThan(0.95 * (lengths[0] ?? 0));
  });

  test('what is held stays, and the others are laid around it', () => {
    const [first, ...others] = strip.items;
    if (!first) throw new Error('no item');
    const held: Strip = {
      ...strip,
      items: [
        {
          ...first,
          orientations: [{ state: asDrawn, leftmost: 300, rightmost: 300, phase: null }],
          held: 250,
        },
        ...others,
      ],
    };
    let steps = 0;
    for (const { best } of shorten(held, cache, seededRandom(5), always)) {
      expect([best.x[0], best.y[0]]).toEqual([300, 250]);
      if (++steps > 500) break;
    }
    expect(clashes(held, boxStart(held, seededRandom(5)))).toBe(0);
    const moving = overlapMinimiser(held, cache, seededRandom(5));
    moving.take(boxStart(held, seededRandom(5)), 1e4);
    expect(moving.overlapping()).not.toContain(0);
  });

  test('a refused arrangement is not taken for a shorter one', () => {
    let steps = 0;
    const first = boxStart(strip, seededRandom(8)).length;
    for (const { best } of shorten(strip, cache, seededRandom(8), () => false)) {
      expect(best.length).toBe(first);
      if (++steps > 300) break;
    }
  });

  test('finds most of a rectangle again that was cut into pieces, and never more than there was', () => {
    const pieces = dissectedRectangle(1000, 900, 6, 2);
    const area = 1000 * 900;
    const length = lengthAfter(1, 1500, stripOf(pieces, 1000.1));
    expect(length).toBeGreaterThan(899);
    expect(area / (1000 * length)).toBeGreaterThan(0.75);
  });
});

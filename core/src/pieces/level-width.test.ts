import { describe, expect, test } from '@jest/globals';
import { point } from '../geometry/point.ts';
import type { Ring } from '../geometry/ring.ts';
import { levelReach, levelWidth } from './level-width.ts';

const ring = (...pairs: [number, number][]): Ring => pairs.map(([x, y]) => point(x, y));
const plain = ring([0, 0], [100, 0], [100, 80], [0, 80]);
/** The same with a dart of 20 at the hem, its tip at (50, 20). */
const darted = ring([0, 0], [100, 0], [100, 80], [60, 80], [50, 20], [40, 80], [0, 80]);

describe('levelWidth', () => {
  test('measures straight across, to the side and not past it', () => {
    expect(levelWidth(plain, [point(0, 40), point(100, 40)])).toBeCloseTo(100, 9);
    expect(levelWidth(plain, [point(0, 40), point(30, 40)])).toBeCloseTo(100, 9);
  });

  test('an open dart does not count', () => {
    expect(levelWidth(darted, [point(0, 50), point(100, 50)])).toBeCloseTo(90, 9);
    expect(levelWidth(darted, [point(0, 10), point(100, 10)])).toBeCloseTo(100, 9);
  });

  test('a level that was turned with the cloth is measured along its bend', () => {
    const bent = levelWidth(plain, [point(0, 40), point(40, 40), point(70, 10)]);
    // From (40, 40) at 45° upwards the ring ends at (80, 0).
    expect(bent).toBeCloseTo(40 + 40 * Math.SQRT2, 6);
  });

  test('a neckline that falls below the level leaves the centre bare, and the width counts from the centre all the same', () => {
    const open = ring([0, 60], [40, 0], [100, 0], [100, 80], [0, 80]);
    expect(levelWidth(open, [point(0, 30), point(100, 30)])).toBeCloseTo(100, 9);
  });

  test('a level that never leaves a broken outline counts as far as it was drawn', () => {
    const far = ring([0, 0], [500, 0], [500, 80], [0, 80]);
    expect(levelWidth(far, [point(0, 40), point(100, 40)])).toBeCloseTo(100, 9);
    expect(levelReach(far, [point(0, 40), point(100, 40)])).toBeCloseTo(100, 9);
  });

  test('a level that starts on a curved seam is not stopped by the seam itself', () => {
    // The start lies a sampling’s breadth inside the chord.
    expect(levelWidth(plain, [point(-0.05, 40), point(60, 40)])).toBeCloseTo(100.05, 6);
  });
});

describe('levelReach', () => {
  test('goes out to the side, over an open dart and around a bend', () => {
    expect(levelReach(darted, [point(0, 50), point(100, 50)])).toBeCloseTo(100, 9);
    expect(levelReach(plain, [point(0, 40), point(40, 40), point(70, 10)])).toBeCloseTo(
      40 + 40 * Math.SQRT2,
      6,
    );
  });

  test('what is no line is said to be so', () => {
    expect(() => levelReach(plain, [point(0, 40)])).toThrow('two points');
  });
});

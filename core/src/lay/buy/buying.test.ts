import { describe, expect, test } from '@jest/globals';
import { inches } from '../../units/length.ts';
import { costWords } from '../../words/purchase-words.ts';
import { amountOfCloth, amountToBuy, costOf, purchaseLength } from './buying.ts';
import { choosePlan } from '../plan/choose-plan.ts';
import { point } from '../../geometry/point.ts';
import { sampleLay } from '../../testing/sample-lay.ts';
import type { Lay, Placement } from '../model/lay.ts';

describe('amountToBuy', () => {
  // Sold by the yard in quarters or the metre in tenths: common practice. 1 yd = 36 in exactly.
  test.each([
    [inches(62.25), 0, 'yd', 1.75],
    [inches(63), 0, 'yd', 1.75],
    [inches(63.1), 0, 'yd', 2],
    [inches(60), 5, 'yd', 2],
    [inches(59.8), 5, 'yd', 1.75],
    [1410, 0, 'm', 1.5],
    [1400, 0, 'm', 1.4],
    [1400.005, 0, 'm', 1.4],
  ] as const)('%d mm, %d %% shrinkage, in %s', (mm, shrink, unit, amount) => {
    expect(amountToBuy(mm, shrink, unit)).toEqual({ amount, unit });
  });

  test('what is bought is never less than what is needed', () => {
    for (let mm = 100; mm < 5000; mm += 37)
      expect(purchaseLength(amountToBuy(mm, 3, 'yd'))).toBeGreaterThanOrEqual(mm / 0.97 - 0.02);
  });
});

describe('choosePlan', () => {
  const lay = (amount: number, fold: 'open' | 'half', length: number): Lay =>
    sampleLay(fold, length, {
      buy: { amount, unit: 'yd' },
      sections: [{ fold, from: 0, to: length, foldLines: fold === 'half' ? [500] : [], doubled: [] }],
    });
  const placed = (piece: string, left: number, top: number): Placement => ({
    piece,
    copy: 0,
    polygon: [point(left, top), point(left + 200, top), point(left + 200, top + 300), point(left, top + 300)],
    rotation: 0,
    mirrored: false,
    onFold: false,
    section: 0,
  });

  test('of as many folds the fewest outlines come first, then what leaves the most in one piece', () => {
    const beside = { ...lay(1, 'open', 300), placements: [placed('a', 0, 0), placed('b', 200, 0)] };
    const scattered = { ...lay(1, 'open', 300), placements: [placed('a', 0, 0), placed('b', 500, 600)] };
    const more = { ...lay(1, 'open', 200), placements: [...beside.placements, placed('c', 400, 0)] };
    expect(choosePlan([more, scattered, beside])).toEqual([beside, scattered, more]);
  });

  test('least to buy comes first, then fewest folds, then the shortest', () => {
    const [short, folded, long] = [lay(1.75, 'open', 1500), lay(1.75, 'half', 1400), lay(1.5, 'half', 1300)];
    expect(choosePlan([folded, short, long])).toEqual([long, short, folded]);
    expect(choosePlan([lay(1.75, 'open', 1600), short])[0]).toBe(short);
  });
});

describe('what a cloth adds to what is bought', () => {
  test('the ends that are cut off, and a repeat more, before it shrinks', () => {
    // A yard of lay, 2 in off the ends, a repeat of 6 in: 44 in is a yard and a quarter; shrinking by a tenth it takes 48 8/9.
    const cloth = { endTrim: inches(2), repeat: inches(6) };
    expect(amountOfCloth(inches(36), {}, 0, 'yd').amount).toBe(1);
    expect(amountOfCloth(inches(36), cloth, 0, 'yd').amount).toBe(1.25);
    expect(amountOfCloth(inches(36), cloth, 10, 'yd').amount).toBe(1.5);
  });

  test('costs its price for every yard or metre', () => {
    expect(costOf({ amount: 2.25, unit: 'yd' }, 18)).toBe(40.5);
    expect(costWords({ amount: 1.3, unit: 'm' }, 18.5)).toBe('24.05');
  });
});

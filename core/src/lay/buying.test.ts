import { describe, expect, test } from '@jest/globals';
import { inches } from '../units/length.ts';
import { amountToBuy, purchaseLength } from './buying.ts';
import { choosePlan } from './choose-plan.ts';
import type { Lay } from './lay.ts';

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
  const lay = (amount: number, fold: 'open' | 'half', length: number): Lay => ({
    role: 'outer',
    width: 1000,
    usable: [0, 1000],
    length,
    buy: { amount, unit: 'yd' },
    utilisation: 0.7,
    fold,
    sections: [{ fold, from: 0, to: length, foldLines: fold === 'half' ? [500] : [], doubled: [] }],
    placements: [],
    bound: 0,
  });

  test('least to buy comes first, then fewest folds, then the shortest', () => {
    const [short, folded, long] = [lay(1.75, 'open', 1500), lay(1.75, 'half', 1400), lay(1.5, 'half', 1300)];
    expect(choosePlan([folded, short, long])).toEqual([long, short, folded]);
    expect(choosePlan([lay(1.75, 'open', 1600), short])[0]).toBe(short);
  });
});

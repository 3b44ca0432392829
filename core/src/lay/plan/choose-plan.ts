import { purchaseLength } from '../buy/buying.ts';
import { foldCount } from './effort.ts';
import { outlineCount, type Lay } from '../model/lay.ts';
import { largestLeftover, leftoverArea } from '../buy/leftover.ts';

/** Leftovers are alike within this, mm²: half a hand square is no reason to prefer a plan. */
const ALIKE = 100 * 100;

const leftover = (lay: Lay): number => Math.round(leftoverArea(largestLeftover(lay)) / ALIKE);

/** Plans from best to worst: least to buy, then fewest folds, fewest outlines to chalk, the most left in one piece, then shortest. */
export const choosePlan = (plans: readonly Lay[]): Lay[] =>
  [...plans].sort(
    (a, b) =>
      purchaseLength(a.buy) - purchaseLength(b.buy) ||
      foldCount(a) - foldCount(b) ||
      outlineCount(a) - outlineCount(b) ||
      leftover(b) - leftover(a) ||
      a.length - b.length,
  );

import { purchaseLength } from './buying.ts';
import { outlineCount, type Lay } from './lay.ts';

const foldCount = (lay: Lay): number =>
  lay.sections.reduce((count, { foldLines }) => count + foldLines.length, 0);

/** Plans from best to worst: least to buy, then fewest folds, then fewest outlines to chalk, then shortest. */
export const choosePlan = (plans: readonly Lay[]): Lay[] =>
  [...plans].sort(
    (a, b) =>
      purchaseLength(a.buy) - purchaseLength(b.buy) ||
      foldCount(a) - foldCount(b) ||
      outlineCount(a) - outlineCount(b) ||
      a.length - b.length,
  );

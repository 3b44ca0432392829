import { choosePlan } from './choose-plan.ts';
import type { LayWay, Lay } from '../model/lay.ts';

/** A part of a long search, for one processor at a time: a seed, and a way of folding, or null for one of those that lead by then. */
export interface SearchShare {
  readonly seed: number;
  readonly fold: LayWay | null;
  readonly seconds: number;
}

/** Seconds of one share: long enough to get somewhere, short enough that what leads is looked at again and again. */
const SHARE = { least: 20, most: 120 };
/** Shares that a search is divided into, where they do not become too short or too long. */
const SHARES = 12;

/** Divides a search: every way of folding gets one share first, and those that lead by then take turns at the rest. */
export function shareOut(folds: readonly LayWay[], seconds: number): SearchShare[] {
  const wanted = Math.min(SHARE.most, Math.max(SHARE.least, seconds / SHARES));
  const count = Math.max(folds.length, Math.ceil(seconds / wanted));
  return Array.from({ length: count }, (_, index) => ({
    seed: index + 1,
    fold: folds[index] ?? (folds.length === 1 ? (folds[0] ?? null) : null),
    seconds: seconds / count,
  }));
}

/** The way of folding that a share searches: its own, or one of the two best plans so far, in turns. */
export function foldToSearch(
  { fold, seed }: Pick<SearchShare, 'fold' | 'seed'>,
  plans: readonly Lay[],
): LayWay | undefined {
  if (fold) return fold;
  const best = choosePlan(plans);
  return (best[seed % 2] ?? best[0])?.fold;
}

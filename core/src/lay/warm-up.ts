import type { NoFitBook } from './no-fit/no-fit-book.ts';
import type { LayTask } from './plan-lay.ts';
import { shapesWith } from './search-lay.ts';
import { spreadTasks } from './spread.ts';
import type { Fold } from './lay.ts';

/** Between them these ask for every outline, whole and half, in every state that the other folds ask for. */
const FOLDS: readonly Fold[] = ['open', 'half'];

/**
 * Works out how all pairs of outlines lie in each other before a search asks for it, one pair with every step: most of what the first
 * seconds of a search would cost. The caller may stop it anywhere; what is done is in the book.
 */
export function* warmUp(task: Omit<LayTask, 'fold' | 'seed'>, book: NoFitBook): Generator<void, void> {
  for (const fold of FOLDS) {
    const [first] = spreadTasks(task.pieces, task.cloth, fold);
    const shapeOf = shapesWith(first?.spacing ?? 0, book);
    const items = (first?.items ?? []).map((item) => ({ shape: shapeOf(item), stances: item.stances }));
    for (const [index, item] of items.entries())
      for (const other of items.slice(index + 1)) {
        for (const stance of item.stances)
          for (const { state } of other.stances) book.pair(item.shape, stance.state, other.shape, state);
        yield;
      }
  }
}

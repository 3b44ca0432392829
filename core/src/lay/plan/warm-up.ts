import type { NoFitCache } from '../no-fit/no-fit-cache.ts';
import type { LayTask } from '../model/lay-task.ts';
import { shapesWith } from './search-lay.ts';
import { layoutTasks } from '../fold/fold-layout.ts';
import type { Fold } from '../model/lay.ts';

/** Between them these ask for every outline, whole and half, in every state that the other folds ask for. */
const FOLDS: readonly Fold[] = ['open', 'half'];

/**
 * Works out how all pairs of outlines lie in each other before a search asks for it, one pair with every step: most of what the first
 * seconds of a search would cost. The caller may stop it anywhere; what is done is in the book.
 */
export function* warmUp(task: Omit<LayTask, 'fold' | 'seed'>, cache: NoFitCache): Generator<void, void> {
  for (const fold of FOLDS) {
    const [first] = layoutTasks(task.pieces, task.cloth, fold);
    const shapeOf = shapesWith(first?.spacing ?? 0, cache);
    const items = (first?.items ?? []).map((item) => ({
      shape: shapeOf(item),
      orientations: item.orientations,
    }));
    for (const [index, item] of items.entries())
      for (const other of items.slice(index + 1)) {
        for (const orientation of item.orientations)
          for (const { state } of other.orientations)
            cache.pair(item.shape, orientation.state, other.shape, state);
        yield;
      }
  }
}

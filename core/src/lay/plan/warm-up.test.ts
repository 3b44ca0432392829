import { describe, expect, test } from '@jest/globals';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import { folds } from '../model/lay.ts';
import { noFitCache, type NoFitCache } from '../no-fit/no-fit-cache.ts';
import { planForWork } from './plan-lay.ts';
import { warmUp } from './warm-up.ts';

/** A book that counts the fields that were made for it, since each is made once and kept. */
function countedBook(): { readonly cache: NoFitCache; readonly made: () => number } {
  const cache = noFitCache();
  const fields = new Set<object>();
  return {
    cache: {
      shape: (ring) => cache.shape(ring),
      pair: (...args) => {
        const pair = cache.pair(...args);
        fields.add(pair.field);
        return pair;
      },
    },
    made: () => fields.size,
  };
}

describe('warming up', () => {
  const task = {
    pieces: garmentPieces(6, 2),
    cloth: sampleCloth({ width: 1400 }),
    shrinkPercent: 0,
    buyIn: 'yd',
  } as const;

  test('leaves nothing for any fold to work out of the pairs', () => {
    const { cache, made } = countedBook();
    const steps = warmUp(task, cache);
    while (!steps.next().done);
    const warm = made();
    expect(warm).toBeGreaterThan(20);
    for (const fold of folds) {
      try {
        planForWork({ ...task, fold, seed: 1 }, 60, cache);
      } catch {
        // A fold that these pieces do not allow asks for nothing.
      }
    }
    expect(made()).toBe(warm);
  });

  test('is done in steps, and stopped it keeps what it did', () => {
    const { cache, made } = countedBook();
    const steps = warmUp(task, cache);
    steps.next();
    const first = made();
    expect(first).toBeGreaterThan(0);
    steps.next();
    expect(made()).toBeGreaterThan(first);
  });
});

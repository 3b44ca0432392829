import { describe, expect, test } from '@jest/globals';
import type { LayWay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { sampleCloth, samplePanel } from '@ample-bolt/core/testing/sample-cloth';
import { shareTasks } from './share-tasks.ts';

const task = (fold: LayWay): LayTask => ({
  pieces: [samplePanel('back', 'pair', 9, 20)],
  cloth: sampleCloth(),
  fold,
  seed: 3,
  shrinkPercent: 0,
  buyIn: 'yd',
});
const shared = (folds: readonly LayWay[], workers: number) =>
  shareTasks(folds.map(task), workers).map(({ fold, seed }) => [fold, seed]);

describe('ways of folding shared out among workers', () => {
  test('each is searched once where there are as many as workers, or more', () => {
    expect(shared(['open', 'half', 'width'], 1)).toEqual([['open', 3], ['half', 3], ['width', 3]]); // prettier-ignore
    expect(shared(['open', 'half'], 2)).toEqual([['open', 3], ['half', 3]]); // prettier-ignore
  });

  test('with more workers they are searched from other seeds too, so that none looks where another does', () => {
    expect(shared(['open'], 3)).toEqual([['open', 3], ['open', 1003], ['open', 2003]]); // prettier-ignore
    expect(shared(['open', 'half'], 3)).toEqual([['open', 3], ['half', 3], ['open', 1003]]); // prettier-ignore
  });

  test('nothing is nothing', () => expect(shared([], 4)).toEqual([]));
});

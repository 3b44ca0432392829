import { describe, expect, test } from '@jest/globals';
import type { LayRun } from '@ample-bolt/core/shop/lay-run';
import { searchStanding } from './search-standing.ts';

const run = (change: Partial<LayRun>): LayRun => ({
  id: 'a',
  role: 'outer',
  state: 'running',
  folds: ['open'],
  seconds: 600,
  spent: 0,
  atOnce: 1,
  found: 0,
  failure: null,
  ...change,
});

describe('a long search in a line', () => {
  test.each<[Partial<LayRun>, string]>([
    [{ atOnce: 0 }, 'waits for its turn'],
    [{ spent: 12.4, found: 1 }, '12 s of 10 min · 1 better'],
    [{ spent: 185, found: 4, atOnce: 3 }, '3 min of 10 min, 3 at once · 4 better'],
    [{ state: 'done', spent: 600, found: 7 }, 'looked 10 min · 7 better'],
    [{ state: 'cancelled', spent: 59, found: 2 }, 'stopped after 59 s · 2 better'],
    [
      { state: 'failed', failure: 'the cloth is too narrow' },
      'The long search failed: the cloth is too narrow',
    ],
    [{ state: 'failed' }, 'The long search failed: no reason was given'],
  ])('%j', (change, words) => {
    expect(searchStanding(run(change))).toBe(words);
  });

  test('where none was begun there is nothing to say', () => {
    expect(searchStanding(undefined)).toBe('');
  });
});

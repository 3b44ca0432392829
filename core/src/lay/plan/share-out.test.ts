import { describe, expect, test } from '@jest/globals';
import { sampleLay } from '../../testing/sample-lay.ts';
import { foldToSearch, shareOut } from './share-out.ts';

const total = (shares: readonly { readonly seconds: number }[]) =>
  shares.reduce((sum, { seconds }) => sum + seconds, 0);

describe('a long search in shares', () => {
  test('no second is lost or added, and every seed is another', () => {
    for (const seconds of [15, 60, 120, 600, 1800, 3600]) {
      const shares = shareOut(['open', 'half', 'width'], seconds);
      expect(total(shares)).toBeCloseTo(seconds, 6);
      expect(new Set(shares.map(({ seed }) => seed)).size).toBe(shares.length);
    }
  });

  test('every way of folding is looked at before any is looked at again', () => {
    const shares = shareOut(['open', 'half', 'width'], 600);
    expect(shares.slice(0, 4).map(({ fold }) => fold)).toEqual(['open', 'half', 'width', null]);
    expect(shares.length).toBe(12);
  });

  test('a single way gets all of it, and a long search has shares of two minutes', () => {
    const shares = shareOut(['width'], 3600);
    expect(new Set(shares.map(({ fold }) => fold))).toEqual(new Set(['width']));
    expect(shares).toHaveLength(30);
    expect(shares[0]?.seconds).toBe(120);
  });

  test('the two plans that lead take turns at what is left', () => {
    const plans = [sampleLay('open', 1700), sampleLay('half', 1500), sampleLay('width', 1300)];
    expect(foldToSearch({ fold: null, seed: 4 }, plans)).toBe('width');
    expect(foldToSearch({ fold: null, seed: 5 }, plans)).toBe('half');
    expect(foldToSearch({ fold: null, seed: 5 }, plans.slice(0, 1))).toBe('open');
    expect(foldToSearch({ fold: 'cross', seed: 5 }, plans)).toBe('cross');
    expect(foldToSearch({ fold: null, seed: 5 }, [])).toBeUndefined();
  });
});

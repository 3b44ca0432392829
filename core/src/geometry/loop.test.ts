import { describe, expect, test } from '@jest/globals';
import { after, before, between, startingWith } from './loop.ts';

const loop = ['neck', 'shoulder', 'armhole', 'side'] as const;

describe('a closed loop', () => {
  test('goes on from its last item to its first', () => {
    expect([before(loop, 'neck'), after(loop, 'side')]).toEqual(['side', 'neck']);
    expect([before(loop, 'side'), after(loop, 'neck')]).toEqual(['armhole', 'shoulder']);
  });

  test('has items between two, round its end too', () => {
    expect(between(loop, 'neck', 'side')).toEqual(['shoulder', 'armhole']);
    expect(between(loop, 'side', 'shoulder')).toEqual(['neck']);
    expect(between(loop, 'side', 'neck')).toEqual([]);
  });

  test('is told from any of its items on', () => {
    expect(startingWith(loop, 'armhole')).toEqual(['armhole', 'side', 'neck', 'shoulder']);
  });

  test('does not know what is not in it', () => {
    expect(() => before(loop, 'hem' as 'neck')).toThrow('no such item');
  });
});

import { describe, expect, test } from '@jest/globals';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import { chalkedUpTo, markInHandIndex } from './chalk-progress.ts';

const marks: Mark[] = ['skirt', 'skirt', 'bodice', 'bodice', 'bodice'].map((piece, index) => ({
  kind: 'start-line',
  below: 0,
  piece,
  from: 'centre',
  origin: { x: 0, y: 0 },
  order: index < 2 ? index + 1 : index - 1,
  points: [],
  out: 1,
}));

describe('chalk progress', () => {
  test('the mark in hand is the first that is open', () => {
    expect(markInHandIndex(marks, {})).toBe(0);
    expect(markInHandIndex(marks, { skirt: 1 })).toBe(1);
    expect(markInHandIndex(marks, { skirt: 2, bodice: 1 })).toBe(3);
    expect(markInHandIndex(marks, { skirt: 2, bodice: 3 })).toBe(5);
  });

  test('going to a mark does all before it and nothing after it, from any side', () => {
    for (let index = 0; index <= marks.length; index++)
      expect(markInHandIndex(marks, chalkedUpTo(marks, index))).toBe(index);
    expect(chalkedUpTo(marks, 3)).toEqual({ skirt: 2, bodice: 1 });
  });
});

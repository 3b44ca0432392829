import { describe, expect, test } from '@jest/globals';
import type { Mark } from '@ample-bolt/core/chalk/mark';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import {
  markInHandIndex,
  openMarks,
  pieceBehind,
  piecesInHand,
  withMark,
  withoutLast,
} from './chalk-progress.ts';

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

  test('another piece can be taken in hand; when it is done the first open mark of all comes', () => {
    expect(markInHandIndex(marks, {}, 'bodice')).toBe(2);
    expect(markInHandIndex(marks, { bodice: 1 }, 'bodice')).toBe(3);
    expect(markInHandIndex(marks, { bodice: 3 }, 'bodice')).toBe(0);
    expect(openMarks(marks, { skirt: 1, bodice: 2 })).toHaveLength(2);
  });

  test('on to the last mark and back to the first, whatever piece was in hand', () => {
    for (const first of ['skirt', 'bodice']) {
      let chalked: Ticket['chalked'] = {};
      for (
        let mark = marks[markInHandIndex(marks, chalked, first)];
        mark;
        mark = marks[markInHandIndex(marks, chalked, first)]
      )
        chalked = withMark(chalked, mark);
      expect(chalked).toEqual({ skirt: 2, bodice: 3 });
      let steps = 0;
      for (let index = marks.length; ; index = markInHandIndex(marks, chalked, first)) {
        const piece = pieceBehind(marks, chalked, index) ?? pieceBehind(marks, chalked, marks.length);
        if (piece === undefined) break;
        chalked = withoutLast(chalked, piece);
        steps++;
      }
      expect([steps, chalked]).toEqual([marks.length, { skirt: 0, bodice: 0 }]);
    }
  });

  test('each piece says how far it is', () => {
    expect(piecesInHand(marks, { bodice: 2 })).toEqual([
      { piece: 'skirt', done: 0, inAll: 2 },
      { piece: 'bodice', done: 2, inAll: 3 },
    ]);
  });
});

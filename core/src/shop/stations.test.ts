import { describe, expect, test } from '@jest/globals';
import { stationsOf, type TicketProgress } from './stations.ts';

const nothing: TicketProgress = {
  measuresMissing: 8,
  styleAgreed: false,
  stops: 0,
  hasLay: false,
  marksDone: 0,
  marksInAll: 0,
  piecesCut: 0,
  piecesLaid: 0,
};
const states = (progress: Partial<TicketProgress>, draft?: { stopped: boolean; layStale: boolean }) =>
  stationsOf({ ...nothing, ...progress }, draft)
    .map(({ state }) => state)
    .join(' ');

describe('stationsOf', () => {
  test('the first thing that is not done is next', () => {
    expect(states({})).toBe('next later later later later later');
    expect(states({ measuresMissing: 0 })).toBe('done next later later later later');
    expect(states({ measuresMissing: 0, styleAgreed: true })).toBe('done done done done next later');
    expect(states({ measuresMissing: 0, styleAgreed: true, hasLay: true, marksInAll: 90 })).toBe(
      'done done done done done next',
    );
    expect(
      states({ measuresMissing: 0, styleAgreed: true, hasLay: true, marksInAll: 90, marksDone: 90 }),
    ).toBe('done done done done done done');
  });

  test('a stop holds the draft, a lay that no longer fits holds the lay', () => {
    const ready = { measuresMissing: 0, styleAgreed: true, hasLay: true, marksInAll: 90 };
    expect(states(ready, { stopped: true, layStale: false })).toBe('done done done held done later');
    expect(states(ready, { stopped: false, layStale: true })).toBe('done done done done held later');
    expect(states({ ...ready, stops: 2 })).toBe('done done done held done later');
  });

  test('a measure taken away sends the ticket back', () => {
    expect(states({ measuresMissing: 1, styleAgreed: true, hasLay: true, marksInAll: 9 })).toMatch(
      /^next later later later/,
    );
  });
});

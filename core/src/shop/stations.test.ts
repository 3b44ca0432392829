import { describe, expect, test } from '@jest/globals';
import { sampleTicket } from '../testing/sample-ticket.ts';
import { openCloths, stationsOf, type TicketProgress } from './stations.ts';

const nothing: TicketProgress = {
  measuresMissing: 8,
  styleAgreed: false,
  stops: 0,
  withoutCloth: ['lining', 'stay'],
  toLay: ['outer'],
  marksDone: 0,
  marksInAll: 0,
  piecesCut: 0,
  piecesLaid: 0,
};
/** Every cloth has its plan. */
const laid = { withoutCloth: [], toLay: [] };
const states = (progress: Partial<TicketProgress>, draft?: { stopped: boolean; layStale: boolean }) =>
  stationsOf({ ...nothing, ...progress }, draft)
    .map(({ state }) => state)
    .join(' ');

describe('stationsOf', () => {
  test('the first thing that is not done is next', () => {
    expect(states({})).toBe('next later later later later later');
    expect(states({ measuresMissing: 0 })).toBe('done next later later later later');
    expect(states({ measuresMissing: 0, styleAgreed: true })).toBe('done done done done next later');
    expect(states({ measuresMissing: 0, styleAgreed: true, ...laid, marksInAll: 90 })).toBe(
      'done done done done done next',
    );
    expect(states({ measuresMissing: 0, styleAgreed: true, ...laid, marksInAll: 90, marksDone: 90 })).toBe(
      'done done done done done done',
    );
  });

  test('a stop holds the draft, a lay that no longer fits holds the lay', () => {
    const ready = { measuresMissing: 0, styleAgreed: true, ...laid, marksInAll: 90 };
    expect(states(ready, { stopped: true, layStale: false })).toBe('done done done held done later');
    expect(states(ready, { stopped: false, layStale: true })).toBe('done done done done held later');
    expect(states({ ...ready, stops: 2 })).toBe('done done done held done later');
  });

  test('a cloth that nobody named is an open step, whatever is chalked of the others', () => {
    const chalked = { measuresMissing: 0, styleAgreed: true, marksInAll: 90, marksDone: 90 };
    expect(states({ ...chalked, withoutCloth: ['lining'], toLay: [] })).toBe(
      'done done done done next later',
    );
    expect(states({ ...chalked, withoutCloth: [], toLay: ['stay'] })).toBe('done done done done next later');
    const ticket = sampleTicket({ styleId: 'plain-bodice' });
    expect(openCloths(ticket)).toEqual({ withoutCloth: ['outer', 'lining', 'stay'], toLay: [] });
  });

  test('a measure taken away sends the ticket back', () => {
    expect(states({ measuresMissing: 1, styleAgreed: true, ...laid, marksInAll: 9 })).toMatch(
      /^next later later later/,
    );
  });
});

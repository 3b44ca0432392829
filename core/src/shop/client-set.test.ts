import { describe, expect, test } from '@jest/globals';
import { usualObservations } from '../measures/measure-set.ts';
import { sampleTicket } from '../testing/sample-ticket.ts';
import { lastSetBefore, type ClientSet } from './client-set.ts';

const set = (ticketNumber: number, takenOn: string): ClientSet => ({
  id: `s${ticketNumber}`,
  ticket: { id: `t${ticketNumber}`, number: ticketNumber, title: '' },
  revision: 1,
  source: 'shop',
  takenBy: '',
  undergarment: '',
  takenOn,
  from: 'neckSide',
  observations: usualObservations,
  values: {},
});
const ticket = (number: number, takenOn: string | null) =>
  sampleTicket({ id: `t${number}`, number, measures: { ...sampleTicket().measures, takenOn } });

describe('the last set', () => {
  const sets = [set(1, '2026-01-10'), set(4, '2026-06-01'), set(6, '2026-06-01'), set(7, '2026-11-25')];
  const lastOf = (number: number, takenOn: string | null) =>
    lastSetBefore(sets, ticket(number, takenOn))?.ticket?.number;

  test('is the newest that was taken before, never the ticket’s own or a later one', () => {
    expect(lastOf(7, '2026-11-25')).toBe(6);
    expect(lastOf(4, '2026-06-01')).toBe(1);
    expect(lastOf(6, '2026-06-01')).toBe(4);
    expect(lastOf(1, '2026-01-10')).toBeUndefined();
  });

  test('for a set that is not begun it is the newest there is', () => {
    expect(lastOf(9, null)).toBe(7);
    expect(lastSetBefore([], ticket(9, null))).toBeUndefined();
  });

  test('of the ticket’s own sets it is the one that was measured before', () => {
    const revised = sampleTicket({
      id: 't7',
      number: 7,
      measures: { ...sampleTicket().measures, revision: 2, takenOn: '2026-11-25' },
    });
    expect(lastSetBefore(sets, revised)?.id).toBe('s7');
  });

  test('a set from a file counts by its day', () => {
    const filed: ClientSet = { ...set(0, '2026-10-01'), id: 'file', ticket: null, source: 'file' };
    expect(lastSetBefore([...sets, filed], ticket(7, '2026-11-25'))?.id).toBe('file');
  });
});

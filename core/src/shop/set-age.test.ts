import { expect, test } from '@jest/globals';
import { sampleTicket } from '../testing/sample-ticket.ts';
import { outgrown, setAgeAtDue } from './set-age.ts';

const ticket = (takenOn: string | null, dueOn: string, kind: 'adult' | 'child' = 'child') =>
  sampleTicket({
    dueOn,
    client: { ...sampleTicket().client, kind },
    measures: { ...sampleTicket().measures, takenOn },
  });

test('a set’s age is counted in days, over months and a leap day', () => {
  expect(setAgeAtDue(ticket('2026-11-25', '2026-12-07'))).toBe(12);
  expect(setAgeAtDue(ticket('2028-02-28', '2028-03-01'))).toBe(2);
  expect(setAgeAtDue(ticket(null, '2026-12-07'))).toBeUndefined();
});

test('a child outgrows a set that is more than two months old when the ticket is due; an adult does not', () => {
  expect(outgrown(ticket('2026-10-08', '2026-12-07'))).toBe(false);
  expect(outgrown(ticket('2026-10-07', '2026-12-07'))).toBe(true);
  expect(outgrown(ticket('2026-01-01', '2026-12-07', 'adult'))).toBe(false);
  expect(outgrown(ticket(null, '2026-12-07'))).toBe(false);
  const soon = { ...ticket('2026-11-01', '2026-12-07'), rules: { 'check.childDays': 30 } };
  expect(outgrown(soon)).toBe(true);
});

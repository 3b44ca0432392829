import { describe, expect, test } from '@jest/globals';
import { dayFrom, daysAway, dayText } from './day.ts';

const today = new Date(2026, 10, 25, 15, 30);

describe('days', () => {
  test.each([
    ['2026-11-25', 'today'],
    ['2026-11-26', 'tomorrow'],
    ['2026-12-11', 'in 16 days'],
    ['2026-11-24', 'a day late'],
    ['2026-11-20', '5 days late'],
  ])('%s is %s', (day, words) => {
    expect(daysAway(day, today)).toBe(words);
  });

  test('a day reads as the shop says it, and days are counted on the calendar', () => {
    expect(dayText('2026-12-11')).toBe('Fri 11 Dec');
    expect(dayFrom(today, 7)).toBe('2026-12-02');
    expect(dayFrom(new Date(2026, 11, 31, 23, 59), 1)).toBe('2027-01-01');
  });
});

import { describe, expect, test } from '@jest/globals';
import { inches } from '../units/length.ts';
import { digitSlips, unitSlips } from './slip.ts';
import { isTapeReading } from './tape-reading.ts';

describe('slips of the pen', () => {
  test('a unit or a decimal place that slipped is undone exactly', () => {
    const guesses = Object.fromEntries(unitSlips(inches(96)).map(({ slip, mm }) => [slip, mm]));
    // 96 written for inches was 96 cm.
    expect(guesses['cm-as-inches']).toBeCloseTo(960, 9);
    expect(guesses['ten-times']).toBeCloseTo(inches(9.6), 9);
    expect(Object.keys(guesses)).toHaveLength(4);
  });

  test('two digits change places in inches and in centimetres, and the fraction stays', () => {
    const [inInches, inCentimetres] = digitSlips(inches(63.5));
    expect(inInches?.mm).toBeCloseTo(inches(36.5), 9);
    // 161.29 cm has three digits before the point: nothing to swap.
    expect(inCentimetres).toBeUndefined();
    expect(digitSlips(290)).toEqual([
      { slip: 'swapped-digits', mm: expect.closeTo(inches(11 + (290 / 25.4 - 11)), 6) as unknown },
      { slip: 'swapped-digits', mm: 920 },
    ]);
  });

  test('one digit cannot be swapped', () => {
    expect(digitSlips(inches(3))).toEqual([]);
  });
});

test.each([
  [{ mm: 952.5 }, true],
  [{ mm: 1 }, true],
  [{ mm: 3500, battery: 'low' }, true],
  [{ mm: 0.5 }, false],
  [{ mm: 3501 }, false],
  [{ mm: NaN }, false],
  [{ mm: '952' }, false],
  [{}, false],
  [null, false],
  ['952', false],
])('%j is a reading of the tape: %s', (message, is) => {
  expect(isTapeReading(message)).toBe(is);
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { formatNumber } from './format-length.ts';
import { parseLength } from './parse-length.ts';

const mmOf = (text: string, unit: 'in' | 'cm' = 'in'): number => {
  const parsed = parseLength(text, unit);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.fault}`);
  return parsed.mm;
};

describe('parseLength', () => {
  // 1 in = 25.4 mm and 1 yd = 0.9144 m, exact by the international yard and pound agreement of 1959.
  test.each([
    ['37 1/2', 952.5],
    ['37.5', 952.5],
    ['37½', 952.5],
    ['37-1/2', 952.5],
    ['37,5', 952.5],
    ['3/8', 9.525],
    ['12⅜ in', 314.325],
    ['12 3\u20448', 314.325],
    ['12\u20093\u20448 in', 314.325],
    ['95 cm', 950],
    ['98cm', 980],
    ['1yd', 914.4],
    ['1yd 4', 1016],
    ['1 yd 4 1/2', 1028.7],
    ['2ft 3', 685.8],
    ['1m 20', 1200],
    ['250mm', 250],
    ['12"', 304.8],
    ['.5', 12.7],
  ])('%s is %d mm', (text, mm) => {
    expect(mmOf(text)).toBeCloseTo(mm, 9);
  });

  test('a bare number is in the unit of the page', () => {
    expect(mmOf('31.4', 'cm')).toBeCloseTo(314, 9);
    expect(mmOf('12 3/8 in', 'cm')).toBeCloseTo(314.325, 9);
  });

  test.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['abc', 'not-a-length'],
    ['12 x', 'not-a-length'],
    ['1/', 'not-a-length'],
    ['12 13', 'not-a-length'],
    ['1 2 3', 'not-a-length'],
    ['1e3', 'not-a-length'],
    ['12..5', 'not-a-length'],
    ['1/0', 'zero-denominator'],
    ['-3', 'negative'],
    ['−3 1/2', 'negative'],
    ['-x', 'not-a-length'],
    ['NaN', 'not-a-length'],
    ['Infinity', 'not-a-length'],
  ])('"%s" is refused as %s', (text, fault) => {
    expect(parseLength(text, 'in')).toEqual({ ok: false, fault });
  });

  test('any text is read or refused, never thrown on', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 30 }),
        fc.constantFrom('in' as const, 'cm' as const),
        (text, unit) => {
          const parsed = parseLength(text, unit);
          if (parsed.ok) expect(Number.isFinite(parsed.mm) && parsed.mm >= 0).toBe(true);
        },
      ),
    );
  });

  test('what is written in sixteenths is read back the same', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 2000 }),
        fc.constantFrom('plain' as const, 'typeset' as const),
        (sixteenths, style) => {
          const mm = (sixteenths / 16) * 25.4;
          expect(mmOf(formatNumber(mm, 'in', { denominator: 16, style }))).toBeCloseTo(mm, 9);
        },
      ),
    );
  });
});

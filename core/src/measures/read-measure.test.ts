import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { formatLength } from '../units/format-length.ts';
import { inches } from '../units/length.ts';
import { measureIds } from './catalogue.ts';
import { readMeasure, readMeasures } from './read-measure.ts';

describe('a measure as it is typed', () => {
  test.each([
    ['37 1/2', 'in', inches(37.5)],
    ['37½', 'in', inches(37.5)],
    ['37.5', 'in', inches(37.5)],
    ['95 cm', 'in', 950],
    ['95,5', 'cm', 955],
    ['1yd 4', 'in', inches(40)],
    ['12 3/7', 'in', inches(12 + 3 / 7)],
    ['5 15/16', 'in', inches(5.9375)],
    ['37 1/2"', 'cm', inches(37.5)],
  ] as const)('%s in %s', (text, unit, mm) => {
    const read = readMeasure('bust', text, unit);
    expect(read.ok && read.value).toBeCloseTo(mm, 6);
  });

  test.each(Array.from({ length: 15 }, (_, index) => index + 2))(
    'sixteen parts or fewer: n/%i is read',
    (parts) => {
      for (let part = 1; part < parts; part++) {
        const read = readMeasure('waist', `28 ${part}/${parts}`, 'in');
        expect(read.ok && read.value).toBeCloseTo(inches(28 + part / parts), 6);
      }
    },
  );

  test('whatever is shown of a length is read back, to the sixteenth that was shown', () => {
    fc.assert(
      fc.property(fc.double({ min: 30, max: 2500, noNaN: true }), fc.constantFrom('in', 'cm'), (mm, unit) => {
        const read = readMeasure('hip', formatLength(mm, unit, { denominator: 16, decimals: 2 }), unit);
        expect(read.ok && Math.abs(read.value - mm)).toBeLessThanOrEqual(inches(1 / 32) + 1e-9);
      }),
    );
  });

  test.each(['', 'wide', '-3', '3/0', '0', '4000', '28 1/2 ells', 'NaN', '1e3'])(
    '"%s" is refused by name',
    (text) => {
      expect(readMeasure('bust', text, 'in')).toMatchObject({ ok: false, fault: { field: 'measures.bust' } });
    },
  );
});

describe('measures by id', () => {
  test('all that the catalogue has are read', () => {
    const written = Object.fromEntries(measureIds.map((id) => [id, '20']));
    const read = readMeasures(written, 'in');
    expect(read.ok && Object.keys(read.value)).toEqual(measureIds);
  });

  test('an unknown one is refused with those that look like it', () => {
    const fault = (id: string) => {
      const read = readMeasures({ [id]: '20' }, 'in');
      return read.ok ? '' : read.fault.message;
    };
    expect(fault('bustPoint')).toContain('did you mean');
    expect(fault('bustPoint')).toContain('bustSpan');
    expect(fault('zzz')).toContain('bolt measures');
    expect(fault('__proto__x')).toContain('is not a measure');
  });
});

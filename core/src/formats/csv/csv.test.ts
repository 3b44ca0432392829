import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { measureIds } from '../../measures/catalogue.ts';
import type { EnteredById } from '../../shop/ticket.ts';
import { inches } from '../../units/length.ts';
import { readClientsCsv, writeClientsCsv, type ClientRow } from './clients-csv.ts';
import { readSetCsv, writeSetCsv } from './set-csv.ts';
import { readCsv, writeCsv } from './table.ts';

const values: EnteredById = {
  bust: { mm: inches(37.5), typed: '37 1/2 in' },
  hip: { mm: 980, typed: '98 cm' },
};

describe('tables', () => {
  // RFC 4180: quotes around cells with commas, quotes or line ends, and quotes doubled within.
  test('are written by RFC 4180 and read back, whatever is in a cell', () => {
    expect(
      writeCsv([
        ['a', 'b'],
        ['1, 2', 'she said "no"'],
      ]),
    ).toBe('a,b\r\n"1, 2","she said ""no"""\r\n');
    const cell = fc
      .string({ minLength: 1 })
      .map((text) => text.trim().replace(/\r/g, ''))
      .filter((text) => text !== '' && !text.startsWith("'"));
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1 }), (rows) => {
        const back = readCsv(writeCsv([['x', 'y'], ...rows]), ['x', 'y']);
        const cells = back.ok ? back.value.map(({ cells: row }) => [row['x'], row['y']]) : [];
        expect(cells).toEqual(rows.map((row) => row.map((text) => text.replaceAll('\n', '\r\n'))));
      }),
    );
  });

  test('a cell that a spreadsheet would compute is made harmless, and comes back as it was', () => {
    const text = writeCsv([['client'], ['=HYPERLINK("x")']]);
    expect(text).toContain("'=HYPERLINK");
    expect(readCsv(text, [])).toMatchObject({ value: [{ cells: { client: '=HYPERLINK("x")' } }] });
  });

  test.each(['a;b\n1;2', 'a\tb\n1\t2', '\uFEFFa,b\r\n1,2\r\n\r\n'])('%j reads as two columns', (text) => {
    expect(readCsv(text, ['a', 'b'])).toMatchObject({
      ok: true,
      value: [{ place: 2, cells: { a: '1', b: '2' } }],
    });
  });

  test('a missing heading is named', () => {
    expect(readCsv('measure\nbust', ['measure', 'value'])).toMatchObject({
      fault: { field: 'row 1', message: expect.stringContaining('value') as unknown },
    });
  });
});

describe('one set', () => {
  test('has a row for each measure, with what was typed, and reads back exactly', () => {
    const text = writeSetCsv(values, 'in');
    expect(text).toContain('bust,Bust,37 1/2,in,37 1/2 in');
    expect(text).toContain('hip,Hip,38 9/16,in,98 cm');
    expect(readSetCsv(text, 'cm')).toEqual({ ok: true, value: { bust: '37 1/2 in', hip: '98 cm' } });
  });

  test('a row may name its measure as its shop does', () => {
    expect(readSetCsv('measure,value\nRound hip,40\nbiceps,11 cm', 'in')).toEqual({
      ok: true,
      value: { hip: '40', upperArm: '11 cm' },
    });
  });

  test.each([
    ['measure,value\nbust,37\ncollar,15', 'row 3'],
    ['measure,value\nbust,wide', 'row 2'],
    ['measure,value\nbust,4000', 'row 2'],
  ])('%j is refused by its row', (text, field) => {
    expect(readSetCsv(text, 'in')).toMatchObject({ ok: false, fault: { field } });
  });
});

describe('one row a client', () => {
  const row: ClientRow = {
    name: 'Marisol Tern, the elder',
    kind: 'adult',
    takenOn: '2026-03-01',
    from: 'midShoulder',
    values,
  };
  const readBack = (text: string) => readClientsCsv(text, '2026-11-25', 'in');

  test('has a column for every measure, and reads back', () => {
    const text = writeClientsCsv([row], 'in');
    expect(text.split('\r\n')[0]?.split(',')).toHaveLength(5 + measureIds.length);
    const back = readBack(text);
    expect(back).toMatchObject({ ok: true, value: [{ ...row, values: { bust: { mm: inches(37.5) } } }] });
    // Shown to a sixteenth: read back within half of that.
    const hip = back.ok ? (back.value[0]?.values['hip']?.mm ?? NaN) : NaN;
    expect(Math.abs(hip - 980)).toBeLessThanOrEqual(inches(1 / 32));
  });

  test('what a row leaves out is usual: a grown client, from the neck side, today', () => {
    expect(readBack('client;Waist\nTansy;28 1/2')).toEqual({
      ok: true,
      value: [
        {
          name: 'Tansy',
          kind: 'adult',
          takenOn: '2026-11-25',
          from: 'neckSide',
          values: { waist: { mm: inches(28.5), typed: '28 1/2 in' } },
        },
      ],
    });
  });

  test.each([
    ['client,wiast\nTansy,28', 'row 1'],
    ['client,waist\n,28', 'row 2, client'],
    ['client,waist\nTansy,', 'row 2'],
    ['client,waist,kind\nTansy,28,cat', 'row 2, kind'],
    ['client,waist,takenOn\nTansy,28,2026-02-30', 'row 2, takenOn'],
    ['client,waist,takenOn\nTansy,28,2027-01-01', 'row 2, takenOn'],
    ['client,waist,unit\nTansy,28,ell', 'row 2, unit'],
    ['client,waist\nTansy,28\nMarisol,x', 'row 3, waist'],
    ['client,waist\n', 'row 2'],
    ['', 'row 1'],
  ])('%j is refused by row and column', (text, field) => {
    expect(readBack(text)).toMatchObject({ ok: false, fault: { field } });
  });
});

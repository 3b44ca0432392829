import { describe, expect, test } from '@jest/globals';
import { inches } from '../../units/length.ts';
import { readCloths } from './read-cloths.ts';
import { clothFileOf } from './write-order.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import { readFigures } from './read-figures.ts';

describe('cloths of an order', () => {
  test('have a half-inch selvedge, their role’s name and no given length unless the file says so', () => {
    for (const unit of ['in', 'cm'] as const)
      expect(readCloths([{ role: 'lining', width: '45in' }], unit)).toMatchObject({
        value: [
          {
            role: 'lining',
            name: 'lining',
            width: inches(45),
            selvedge: inches(0.5),
            length: null,
            oneWay: false,
          },
        ],
      });
    expect(readCloths([{ role: 'outer', width: 150, selvedge: 1, length: '1yd 4' }], 'cm')).toMatchObject({
      value: [{ width: 1500, selvedge: 10, length: inches(40) }],
    });
  });

  test.each([
    [{ width: 2 }, 'cloths.1.width'],
    [{ width: 'wide' }, 'cloths.1.width'],
    [{ width: 45, selvedge: 9 }, 'cloths.1.selvedge'],
    [{ width: 45, length: 1 }, 'cloths.1.length'],
  ])('%j is refused by its place in the list', (cloth, field) => {
    const read = readCloths(
      [
        { role: 'outer', width: 45 },
        { role: 'lining', ...cloth },
      ],
      'in',
    );
    expect(read).toMatchObject({ ok: false, fault: { field } });
  });
});

describe('figures set by hand in an order', () => {
  test('are lengths with a reason, which may be left out', () => {
    expect(
      readFigures(
        { 'bodice-front/waist': { value: '9 1/2', why: 'close' }, 'skirt-front/hip': { value: 10 } },
        'in',
        'f',
        ruleSet(),
      ),
    ).toEqual({
      ok: true,
      value: {
        'bodice-front/waist': { mm: inches(9.5), why: 'close' },
        'skirt-front/hip': { mm: inches(10), why: '' },
      },
    });
    expect(readFigures(undefined, 'in', 'f', ruleSet())).toEqual({ ok: true, value: {} });
  });

  test('what is no length, or longer than any garment, is refused by name', () => {
    for (const value of ['x', 999])
      expect(readFigures({ 'a/b': { value } }, 'in', 'figures', ruleSet())).toMatchObject({
        ok: false,
        fault: { field: 'figures.a/b' },
      });
  });
});

describe('what else is known of a cloth', () => {
  const file = {
    role: 'outer',
    width: 54,
    price: 18.5,
    endTrim: '2',
    repeat: '6 1/4',
    flaws: [{ from: 10, to: 12, left: '3 1/2', right: 5 }],
  } as const;

  test('price, ends, repeat and flaws are read, and written so that they read the same', () => {
    const found = readCloths([file], 'in');
    if (!found.ok) throw new Error(found.fault.message);
    const [cloth] = found.value;
    expect(cloth).toMatchObject({
      price: 18.5,
      endTrim: inches(2),
      repeat: inches(6.25),
      flaws: [{ from: inches(10), to: inches(12), left: inches(3.5), right: inches(5) }],
    });
    if (!cloth) throw new Error('no cloth');
    expect(readCloths([clothFileOf(cloth)], 'in')).toEqual({ ok: true, value: [cloth] });
  });

  test.each<[string, object, string]>([
    ['ends that are no length', { endTrim: 'some' }, 'c.endTrim'],
    ['a repeat as long as a curtain', { repeat: 999 }, 'c.repeat'],
    [
      'a flaw that ends before it begins',
      { flaws: [{ from: 12, to: 10, left: 1, right: 2 }] },
      'c.flaws.0.to',
    ],
    ['a flaw beside the cloth', { flaws: [{ from: 1, to: 2, left: 1, right: 80 }] }, 'c.flaws.0.right'],
    ['a flaw without a size', { flaws: [{ from: 1, to: 2, left: 4, right: 4 }] }, 'c.flaws.0.right'],
  ])('%s is refused by its field', (_, change, field) => {
    const found = readCloths([{ ...file, ...change }], 'in');
    expect(found.ok ? '' : found.fault.field.replace('cloths.0', 'c')).toBe(field);
  });
});

import { describe, expect, test } from '@jest/globals';
import { signedArea } from '../../geometry/ring.ts';
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

const corner = (along: number, across: number) => ({ along, across });

describe('what else is known of a cloth', () => {
  const file = {
    role: 'outer',
    width: 54,
    price: 18.5,
    endTrim: '2',
    repeat: '6 1/4',
    matched: true,
    spacing: '1/4',
    flaws: [{ from: 10, to: 12, left: '3 1/2', right: 5 }],
    length: 60,
    outline: [
      { along: 0, across: 0 },
      { along: 60, across: 0 },
      { along: 60, across: 30 },
      { along: '20 1/2', across: 54 },
      { along: 0, across: 54 },
    ],
    panels: [{ from: 20, to: 40, left: 5, right: 25, piece: 'bodice-front' }],
  } as const;

  test('price, ends, repeat, flaws, outline and panels are read, and written so that they read the same', () => {
    const found = readCloths([file], 'in');
    if (!found.ok) throw new Error(found.fault.message);
    const [cloth] = found.value;
    expect(cloth).toMatchObject({
      price: 18.5,
      endTrim: inches(2),
      repeat: inches(6.25),
      matched: true,
      spacing: inches(0.25),
      flaws: [{ from: inches(10), to: inches(12), left: inches(3.5), right: inches(5) }],
      panels: [{ from: inches(20), right: inches(25), piece: 'bodice-front' }],
    });
    // Clockwise as seen with y down, wherever its corners were begun and whichever way round they were given.
    expect(cloth?.outline).toHaveLength(5);
    expect(signedArea(cloth?.outline ?? [])).toBeGreaterThan(0);
    if (!cloth) throw new Error('no cloth');
    expect(readCloths([clothFileOf(cloth)], 'in')).toEqual({ ok: true, value: [cloth] });
  });

  test.each<[string, object, string]>([
    ['ends that are no length', { endTrim: 'some' }, 'c.endTrim'],
    ['a repeat as long as a curtain', { repeat: 999 }, 'c.repeat'],
    ['a print matched without its repeat', { repeat: 0 }, 'c.repeat'],
    ['room for a fifth piece', { spacing: 9 }, 'c.spacing'],
    [
      'a flaw that ends before it begins',
      { flaws: [{ from: 12, to: 10, left: 1, right: 2 }] },
      'c.flaws.0.to',
    ],
    ['a flaw beside the cloth', { flaws: [{ from: 1, to: 2, left: 1, right: 80 }] }, 'c.flaws.0.right'],
    ['a flaw without a size', { flaws: [{ from: 1, to: 2, left: 4, right: 4 }] }, 'c.flaws.0.right'],
    [
      'a panel beside the cloth',
      { panels: [{ from: 1, to: 2, left: 1, right: 80, piece: 'x' }] },
      'c.panels.0.right',
    ],
    ['an outline of cloth that is yet to be bought', { length: null }, 'c.length'],
    ['a corner past the end', { outline: [corner(0, 0), corner(61, 0), corner(0, 10)] }, 'c.outline.1.along'],
    [
      'an outline that crosses itself',
      { outline: [corner(0, 0), corner(50, 50), corner(50, 0), corner(0, 50)] },
      'c.outline',
    ],
    ['an outline on a line', { outline: [corner(0, 0), corner(50, 0), corner(20, 0)] }, 'c.outline'],
  ])('%s is refused by its field', (_, change, field) => {
    const found = readCloths([{ ...file, ...change }], 'in');
    expect(found.ok ? '' : found.fault.field.replace('cloths.0', 'c')).toBe(field);
  });
});

import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { draftOrder } from '../../shop/draft-order.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import { noMeasures, orderOfTicket } from '../../shop/ticket.ts';
import { sampleTicket } from '../../testing/sample-ticket.ts';
import { usualObservations } from '../../measures/measure-set.ts';
import { inches } from '../../units/length.ts';
import { draftJson } from '../draft-json.ts';
import { sampleOrder as order } from '../../testing/sample-order.ts';
import { readOrder, readOrderText } from './read-order.ts';
import { orderFileOf } from './write-order.ts';

const withMeasure = (id: string, value: unknown) =>
  order({ measures: { ...(order()['measures'] as object), [id]: value } });
const faultOf = (file: unknown) => {
  const result = readOrder(file);
  return result.ok ? undefined : { code: result.fault.code, field: result.fault.field };
};

describe('a garment composed of parts', () => {
  const composed = (garment: object) =>
    readOrder(
      order({
        measures: { ...(order()['measures'] as object), upperArm: 12, armLength: 23, wrist: 6.5 },
        garments: [garment],
      }),
    );

  test('is the style of its bodice with its parts chosen, and their options with them', () => {
    const result = composed({
      parts: {
        bodice: 'bodice-darted',
        sleeve: { part: 'sleeve-set-in', options: { capEase: '3/4', sleeveTo: 'elbow' } },
        skirt: 'skirt-circle',
      },
      choices: { circle: '1' },
    });
    if (!result.ok) throw new Error(result.fault.message);
    expect(result.value.style.id).toBe('plain-bodice');
    expect(result.value.choices).toEqual({
      collar: 'none',
      circle: '1',
      sleeve: 'sleeve-set-in',
      capEase: inches(0.75),
      sleeveTo: 'elbow',
      skirt: 'skirt-circle',
    });
    const ids = draftOrder(result.value).pieces.map(({ piece }) => piece.id);
    expect(ids).toEqual(expect.arrayContaining(['sleeve', 'skirt-front', 'skirt-back']));
  });

  test('says of a join that is not there what is needed and why it is missing', () => {
    const result = composed({ style: 'tube-top', parts: { sleeve: 'sleeve-set-in' } });
    expect(result.ok ? '' : result.fault.message).toBe(
      'The set-in sleeve needs the armhole of a bodice, and the strapless bodice offers none. No sleeve: it is strapless and has no armhole to set one into.',
    );
  });
});

describe('readOrder', () => {
  test('reads lengths in any form, with defaults for what is not said', () => {
    const result = readOrder(order({ cloths: [{ role: 'outer', width: '1.4m' }] }));
    if (!result.ok) throw new Error(result.fault.message);
    const { person, cloths, startLine, client, rules } = result.value;
    expect(person.values.hip).toBeCloseTo(980, 9);
    expect(person.values.bustSpan).toBeCloseTo(190.5, 9);
    expect(cloths[0]).toMatchObject({ width: 1400, selvedge: 12.7, length: null, oneWay: false });
    expect([startLine, client.kind, person.from]).toEqual(['stitch', 'adult', 'neckSide']);
    expect(rules['allowance.side']).toBe(25.4);
  });

  test.each([
    ['letters in a measure', withMeasure('bust', 'wide'), 'not-a-length', 'measures.bust'],
    ['a division by zero', withMeasure('bust', '1/0'), 'not-a-length', 'measures.bust'],
    ['a negative measure', withMeasure('waist', -3), 'out-of-range', 'measures.waist'],
    ['400 inches', withMeasure('bust', 400), 'out-of-range', 'measures.bust'],
    ['an empty measure', withMeasure('bust', ''), 'not-a-length', 'measures.bust'],
    ['a measure that is a list', withMeasure('bust', [36]), 'wrong-shape', 'measures.bust'],
    ['an unknown measure', withMeasure('bustt', 36), 'unknown-measure', 'measures.bustt'],
    ['a missing required measure', order({ measures: { bust: 36 } }), 'missing-measure', 'measures.shoulder'],
    ['no style and no bodice', order({ garments: [{ parts: {} }] }), 'unknown-style', 'garments.0.style'],
    [
      'a bodice that is none',
      order({ garments: [{ parts: { bodice: 'toga' } }] }),
      'unknown-part',
      'garments.0.parts.bodice',
    ],
    [
      'a style and another bodice',
      order({ garments: [{ style: 'tube-top', parts: { bodice: 'waistcoat' } }] }),
      'unknown-style',
      'garments.0.parts.bodice',
    ],
    [
      'a part that is none',
      order({ garments: [{ style: 'plain-bodice', parts: { sleeve: 'wing' } }] }),
      'unknown-part',
      'garments.0.parts.sleeve',
    ],
    [
      'a part in another slot',
      order({ garments: [{ style: 'plain-bodice', parts: { skirt: 'sleeve-set-in' } }] }),
      'unknown-part',
      'garments.0.parts.skirt',
    ],
    [
      'a sleeve on a tube top',
      order({ garments: [{ style: 'tube-top', parts: { sleeve: 'sleeve-set-in' } }] }),
      'no-join',
      'garments.0.parts.sleeve',
    ],
    [
      'a closure apart from its bodice',
      order({ garments: [{ style: 'plain-bodice', parts: { closure: 'zip-side' } }] }),
      'not-yet',
      'garments.0.parts.closure',
    ],
    [
      'a sleeve whose measures are missing',
      order({ garments: [{ style: 'plain-bodice', parts: { sleeve: 'sleeve-set-in' } }] }),
      'missing-measure',
      'measures.upperArm',
    ],
    ['another version', order({ version: 2 }), 'wrong-version', 'version'],
    ['another format', order({ format: 'something' }), 'wrong-format', 'format'],
    ['an unknown unit', order({ unit: 'ell' }), 'wrong-shape', 'unit'],
    ['an unknown style', order({ garments: [{ style: 'toga' }] }), 'unknown-style', 'garments.0.style'],
    ['no garment', order({ garments: [] }), 'wrong-shape', 'garments'],
    [
      'two garments',
      order({ garments: [{ style: 'fitted-dress' }, { style: 'fitted-dress' }] }),
      'not-yet',
      'garments',
    ],
    [
      'an unknown choice',
      order({ garments: [{ style: 'fitted-dress', choices: { train: 3 } }] }),
      'unknown-choice',
      'garments.0.choices.train',
    ],
    [
      'a choice out of range',
      order({ garments: [{ style: 'fitted-dress', choices: { pegging: 9 } }] }),
      'out-of-range',
      'garments.0.choices.pegging',
    ],
    [
      'an unknown seam role',
      order({ garments: [{ style: 'fitted-dress', choices: { allowances: { gusset: 1 } } }] }),
      'unknown-choice',
      'garments.0.choices.allowances.gusset',
    ],
    [
      'an unknown rule',
      order({ rules: { 'allowance.gusset': 1 } }),
      'unknown-rule',
      'rules.allowance.gusset',
    ],
    [
      'a ratio that is no number',
      order({ rules: { 'walking.ratio': 'x' } }),
      'out-of-range',
      'rules.walking.ratio',
    ],
    ['a cloth without a width', order({ cloths: [{ role: 'outer' }] }), 'wrong-shape', 'cloths.0.width'],
    [
      'a cloth a finger wide',
      order({ cloths: [{ role: 'outer', width: 1 }] }),
      'out-of-range',
      'cloths.0.width',
    ],
    ['a list', [], 'wrong-shape', ''],
    ['null', null, 'wrong-shape', ''],
  ])('%s is refused, naming the field', (_, file, code, field) => {
    expect(faultOf(file)).toEqual({ code, field });
  });

  test('text that is not JSON is refused', () => {
    expect(readOrderText('{"format":')).toMatchObject({ ok: false, fault: { code: 'malformed-json' } });
  });

  test('whatever is in the file, it is read or refused, never thrown on', () => {
    fc.assert(
      fc.property(
        fc.jsonValue(),
        fc.constantFrom('measures', 'garments', 'rules', 'cloths', 'client', 'unit'),
        (value, key) => {
          expect(typeof readOrder(order({ [key]: value })).ok).toBe('boolean');
        },
      ),
    );
  });

  test('rules and a garment’s own allowances move the cut line', () => {
    const widthOf = (file: unknown) => {
      const result = readOrder(file);
      if (!result.ok) throw new Error(result.fault.message);
      return draftOrder(result.value).figures.find(({ id }) => id === 'skirt-front/hip')?.mm ?? NaN;
    };
    expect(widthOf(order({ rules: { 'allowance.side': 1.5 } })) - widthOf(order())).toBeCloseTo(
      inches(0.5),
      1,
    );
    const own = order({
      rules: { 'allowance.side': 1.5 },
      garments: [{ style: 'fitted-dress', choices: { allowances: { side: '3/4' } } }],
    });
    expect(widthOf(own) - widthOf(order())).toBeCloseTo(-inches(0.25), 1);
  });

  test('a figure set by hand is drawn, and keeps what was computed and why', () => {
    const result = readOrder(
      order({
        garments: [
          { style: 'fitted-dress', figures: { 'bodice-front/waist': { value: 9.5, why: 'long lunch' } } },
        ],
      }),
    );
    if (!result.ok) throw new Error(result.fault.message);
    const { figures } = JSON.parse(JSON.stringify(draftJson(draftOrder(result.value), 'in'))) as ReturnType<
      typeof draftJson
    >;
    const waist = figures.find(({ id }) => id === 'bodice-front/waist');
    expect(waist).toMatchObject({ by: 'hand', why: 'long lunch' });
    expect(waist?.mm).toBeCloseTo(inches(9.5), 1);
    expect(
      readOrder(
        order({
          garments: [{ style: 'fitted-dress', figures: { 'bodice-front/waist': { value: '9 1/0' } } }],
        }),
      ),
    ).toMatchObject({
      ok: false,
      fault: { field: 'garments.0.figures.bodice-front/waist' },
    });
  });
});

describe('a draft as JSON', () => {
  const result = readOrder(order());
  if (!result.ok) throw new Error(result.fault.message);
  const json = JSON.parse(JSON.stringify(draftJson(draftOrder(result.value), 'in'))) as ReturnType<
    typeof draftJson
  >;

  test('has the shape of the contract', () => {
    expect(Object.keys(json).sort()).toEqual([
      'coverage',
      'figures',
      'findings',
      'pieces',
      'rounds',
      'seams',
    ]);
    for (const piece of json.pieces) {
      expect(Object.keys(piece)).toEqual(
        expect.arrayContaining([
          'id',
          'name',
          'role',
          'cut',
          'grain',
          'stitch',
          'outline',
          'edges',
          'notches',
          'darts',
          'levels',
        ]),
      );
      expect(piece.grain).toEqual([0, 1]);
      const area = piece.outline.reduce((sum, [x, y], index) => {
        const [nx, ny] = piece.outline[(index + 1) % piece.outline.length] ?? [0, 0];
        return sum + (x * ny - y * nx) / 2;
      }, 0);
      expect(area).toBeGreaterThan(0);
      if (piece.cut.layers === 'fold') expect(Math.min(...piece.outline.map(([x]) => x))).toBe(0);
    }
    expect(json.figures.find(({ id }) => id === 'bodice-front/bust')?.working).toBe(
      '(bust 36 + ease 2) ÷ 4 + front share 1/4 + side seam 1 = 10 3/4',
    );
    expect(json.rounds.map(({ level }) => level)).toEqual(['bust', 'waist', 'hip']);
  });

  test('points of an edge run as long as the edge, within its sampling', () => {
    for (const { edges } of json.pieces) {
      for (const { length, points } of edges) {
        const sampled = points
          .slice(1)
          .reduce(
            (sum, [x, y], index) =>
              sum + Math.hypot(x - (points[index]?.[0] ?? 0), y - (points[index]?.[1] ?? 0)),
            0,
          );
        expect(Math.abs(length - sampled)).toBeLessThan(0.2);
      }
    }
  });

  test('every finding has words, a severity and a place', () => {
    for (const { message, severity, where } of json.findings) {
      expect(message.length).toBeGreaterThan(10);
      expect(message).not.toMatch(/undefined|NaN|\u2044/);
      expect(['stop', 'care', 'note']).toContain(severity);
      expect(where).toBeDefined();
    }
  });
});

test('a ticket written as an order file drafts the same garment', () => {
  const entered = (typed: string, mm: number) => ({ typed, mm });
  const ticket = sampleTicket({
    measures: {
      ...noMeasures,
      from: 'midShoulder', startLine: 'cut', observations: { ...usualObservations, shoulders: 'square' },
      values: { shoulder: entered('15 in', 381), bustSpan: entered('7 1/2 in', 190.5), shoulderToBust: entered('10 1/4 in', 260.35), frontWaistLength: entered('17 in', 431.8), backWaistLength: entered('16 in', 406.4), bust: entered('36 in', 914.4), waist: entered('72 cm', 720), hip: entered('98 cm', 980) },
    },
    choices: { pegging: entered('1/2 in', 12.7) },
    rules: { ...ruleSet(), 'allowance.side': 20, 'school.block': 'table' },
    figures: { 'skirt-front/hem': { mm: 300, why: 'to match the panel' } },
    cloths: [{ role: 'outer', name: 'Teal', colour: '#23545b', width: 1143, selvedge: 12.7, length: null, oneWay: true }],
  }); // prettier-ignore
  const read = readOrder(JSON.parse(JSON.stringify(orderFileOf(ticket))));
  const direct = orderOfTicket(ticket);
  if (!read.ok || !direct) throw new Error('both must be drafted');
  expect(draftJson(draftOrder(read.value), 'in')).toEqual(draftJson(draftOrder(direct), 'in'));
  expect(read.value.cloths).toEqual(ticket.cloths);
});

import { describe, expect, test } from '@jest/globals';
import { inches } from '../../units/length.ts';
import { sampleOrder as order } from '../../testing/sample-order.ts';
import { readOrder, readOrderText } from './read-order.ts';

const withMeasure = (id: string, value: unknown) =>
  order({ measures: { ...(order()['measures'] as object), [id]: value } });
const faultOf = (file: unknown) => {
  const result = readOrder(file);
  return result.ok ? undefined : { code: result.fault.code, field: result.fault.field };
};

describe('what a file says that is not known', () => {
  const words = (file: unknown): string => {
    const result = readOrder(file);
    return result.ok ? 'read' : `${result.fault.field}: ${result.fault.message}`;
  };

  test.each([
    [order({ clohts: [] }), 'clohts: clohts is not known; did you mean cloths?'],
    [
      order({ cloths: [{ role: 'outer', width: 45, lenght: 60 }] }),
      'cloths.0.lenght: lenght is not known in cloths.0; did you mean length?',
    ],
    [
      order({ garments: [{ style: 'fitted-dress', chocies: {} }] }),
      'garments.0.chocies: chocies is not known in garments.0; did you mean choices?',
    ],
    [
      order({ rules: { 'allowance.sides': 1 } }),
      'rules.allowance.sides: allowance.sides is not a house rule; did you mean allowance.side?',
    ],
    [order({ client: { nmae: 'A' } }), 'client.nmae: nmae is not known in client; did you mean name?'],
  ])('is refused by its name, with the nearest known one: %#', (file, said) => {
    expect(words(file)).toBe(said);
  });

  test('a byte-order mark before a file is read over', () => {
    expect(readOrderText(`\uFEFF${JSON.stringify(order())}`).ok).toBe(true);
  });

  test('a whole number with a fraction of one or more is asked about', () => {
    expect(faultOf(withMeasure('bust', '38 9/8'))).toEqual({ code: 'not-a-length', field: 'measures.bust' });
    expect(readOrder(withMeasure('bust', '38 7/8')).ok).toBe(true);
  });

  test('corrections have a sign, a fitting and a figure', () => {
    const correction = { figure: 'bodice-front/neck-width', by: '-1/2', from: 'The fitting of May' };
    const result = readOrder(order({ corrections: [correction] }));
    expect(result.ok && result.value.corrections).toEqual([
      { figure: correction.figure, mm: -inches(0.5), of: 'client', from: correction.from },
    ]);
    expect(words(order({ corrections: [{ ...correction, by: '-20' }] }))).toMatch(
      /^corrections.0.by: A correction/,
    );
  });

  test('a stop is signed off by its key, with a reason', () => {
    const key = 'seam-differs bodice side';
    const result = readOrder(order({ signedOff: { [key]: 'She asked for it' } }));
    expect(result.ok && result.value.signedOff).toEqual({ [key]: { why: 'She asked for it' } });
    expect(words(order({ signedOff: { [key]: '' } }))).toMatch(/^signedOff/);
  });
});

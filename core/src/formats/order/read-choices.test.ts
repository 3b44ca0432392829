import { describe, expect, test } from '@jest/globals';
import { plainBodice } from '../../styles/plain-bodice.ts';
import { inches } from '../../units/length.ts';
import { readChoices } from './read-choices.ts';

const read = (
  choices: Record<string, string | number | Record<string, string | number>>,
  unit: 'in' | 'cm' = 'in',
) => readChoices(plainBodice, { style: plainBodice.id, choices }, unit, 'choices');

describe('choices of a garment', () => {
  test('are lengths in any form, and options by name', () => {
    expect(read({ neckline: 'v', neckDepthFront: '4 1/2', easeBust: 2, darts: ' side ' })).toEqual({
      ok: true,
      value: {
        choices: { neckline: 'v', neckDepthFront: inches(4.5), easeBust: inches(2), darts: 'side' },
        allowances: {},
      },
    });
    expect(read({ easeBust: 5 }, 'cm')).toMatchObject({ value: { choices: { easeBust: 50 } } });
  });

  test('allowances stand among them by seam role', () => {
    expect(read({ allowances: { side: '3/4', hem: 0 } })).toMatchObject({
      value: { choices: {}, allowances: { side: inches(0.75), hem: 0 } },
    });
  });

  test.each([
    [{ neckline: 'deep' }, 'choices.neckline', 'round, v, square, sweetheart'],
    [{ neckline: 3 }, 'choices.neckline', 'one of'],
    [{ easeBust: '40' }, 'choices.easeBust', 'out of range'],
    [{ easeBust: 'much' }, 'choices.easeBust', 'not a length'],
    [{ topLevel: '4' }, 'choices.topLevel', 'not a choice of plain-bodice'],
    [{ constructor: '1' }, 'choices.constructor', 'not a choice'],
    [{ easeBust: { side: 1 } }, 'choices.easeBust', 'or the name of an option'],
    [{ allowances: { collar: 1 } }, 'choices.allowances.collar', 'not a seam role'],
    [{ allowances: { side: '9' } }, 'choices.allowances.side', 'out of range'],
    [{ allowances: '1' }, 'choices.allowances', 'by seam role'],
  ])('%j is refused by name, with what there is', (choices, field, words) => {
    const result = read(choices);
    expect(result).toMatchObject({ ok: false, fault: { field } });
    expect(result.ok ? '' : result.fault.message).toContain(words);
  });
});

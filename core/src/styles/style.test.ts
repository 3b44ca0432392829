import { describe, expect, test } from '@jest/globals';
import { plainBodice } from './plain-bodice.ts';
import { styleBook } from './style-book.ts';
import { isAsked, optionsInOrder, withDefaults, type ChoiceValues } from '../garment/choice.ts';

describe('what a style asks', () => {
  test.each(Object.values(styleBook))('$name: what only goes with another choice names one that there is', ({ choices }) => {
    for (const [id, { when }] of Object.entries(choices))
      for (const [other, option] of Object.entries(when ?? {})) {
        const asked = choices[other];
        if (asked?.kind !== 'option') throw new Error(`${id} waits for ${other}, which is no option`);
        expect(Object.keys(asked.options)).toEqual(expect.arrayContaining([option].flat()));
      }
  }); // prettier-ignore

  test('a hem is shaped only where the bodice goes on below the waist', () => {
    const { choices } = plainBodice;
    const asked = (values: ChoiceValues) =>
      Object.keys(choices).filter((id) => {
        const choice = choices[id];
        return choice && isAsked(choice, withDefaults(choices, values));
      });
    expect(asked({})).not.toContain('easeHem');
    expect(asked({ below: 'hem' })).toEqual(expect.arrayContaining(['easeHem', 'lengthBelow']));
  });

  test('one word leaves nothing to choose', () => {
    const words = { label: 'Net', group: 'Bodice', help: '', kind: 'option', usual: 'plain' } as const;
    expect(isAsked({ ...words, options: { plain: 'plain' } }, {})).toBe(false);
    expect(isAsked({ ...words, options: { plain: 'plain', crossed: 'crossed' } }, {})).toBe(true);
  });

  test('counts are offered from the least, words as they are written', () => {
    const words = { label: 'Buttons', group: 'Bodice', help: '', kind: 'option' } as const;
    const order = (options: Record<string, string>) =>
      optionsInOrder({ ...words, options, usual: '' }).map(([id]) => id);
    expect(order({ '10': 'ten', '2': 'two', '1.5': 'one and a half' })).toEqual(['1.5', '2', '10']);
    expect(order({ straight: 'straight', around: 'around', curved: 'curved' })).toEqual([
      'straight',
      'around',
      'curved',
    ]);
  });
});

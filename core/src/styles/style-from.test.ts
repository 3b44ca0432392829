import { describe, expect, test } from '@jest/globals';
import { bodiceBook, partBook } from '../parts/part-book.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';
import { styleFrom } from './style-from.ts';

const words = { id: 'tried', name: 'Tried', summary: '' };

describe('a style from its data', () => {
  test('has the choices of its parts, each asked with the parts that have it', () => {
    const { choices } = styleFrom({ ...words, parts: { bodice: 'bodice-strapless' } });
    expect(choices['topLevel']).toBeDefined();
    expect(choices['skirtLength']?.when).toEqual({
      skirt: ['skirt-circle', 'skirt-gathered', 'skirt-tiered', 'skirt-pleated', 'skirt-ball'],
    });
    expect(choices['skirtRatio']?.when).toEqual({ skirt: ['skirt-gathered'] });
    expect(choices['sleeve']).toBeUndefined();
    expect(choices['collar']).toBeUndefined();
  });

  test('what it does without is neither asked nor waited for', () => {
    const { choices } = styleFrom({
      ...words,
      parts: { bodice: 'bodice-darted', skirt: 'skirt-fitted' },
      without: ['darts', 'below'],
    });
    for (const id of ['darts', 'below', 'lengthBelow', 'easeHem']) expect(choices[id]).toBeUndefined();
    expect(choices['armholeTight']?.when).toBeUndefined();
    expect(choices['skirt']).toMatchObject({ usual: 'skirt-fitted' });
  });

  test('changes words, range and usual value, and is drafted by them', () => {
    const { turtleneckBodice, plainBodice } = {
      turtleneckBodice: styleBook['turtleneck-bodice'],
      plainBodice: styleBook['plain-bodice'],
    };
    expect(turtleneckBodice?.usual).toEqual({
      neckDepthFront: turtleneckBodice?.choices['neckDepthFront']?.usual,
      neckDepthBack: turtleneckBodice?.choices['neckDepthBack']?.usual,
    });
    expect(plainBodice?.usual).toEqual({});
    const chosen = recipeOf({ id: 'turtleneck-bodice' }).chosen(draftInput(withArm(middleBody)));
    expect(chosen['neckDepthFront']).toBe(turtleneckBodice?.choices['neckDepthFront']?.usual);
    expect(chosen).toMatchObject({ collar: 'collar-stand', sleeve: 'none', skirt: 'none' });
  });

  test('needs the measures and the cloths of the parts that it is made of', () => {
    const { requires, derives, checks, cloths } = styleFrom({
      ...words,
      parts: { bodice: 'bodice-darted', skirt: 'skirt-fitted', sleeve: 'sleeve-set-in' },
    });
    expect(requires).toEqual(expect.arrayContaining(['hip', 'upperArm', 'bust']));
    const all = [...requires, ...derives, ...checks];
    expect(new Set(all).size).toBe(all.length);
    expect(cloths).toEqual(['outer', 'lining', 'stay']);
  });
});

test('every part has an id of its own that starts with its family', () => {
  const all = [...bodiceBook.map(({ id }) => ['bodice', id]), ...partBook.map(({ slot, id }) => [slot, id])];
  // From the waist down two families are sewn on.
  const family = (id: string) => (id === 'trousers' ? 'skirt' : id.split('-')[0]);
  for (const [slot = '', id = ''] of all) expect(family(id)).toBe(slot);
  expect(new Set(all.map(([, id]) => id)).size).toBe(all.length);
});

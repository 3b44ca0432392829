import { describe, expect, test } from '@jest/globals';
import { recipeOf } from '../../styles/recipe-book.ts';
import { draftInput, middleBody, withArm } from '../../testing/bodies.ts';
import { draftGap } from '../../testing/draft-gap.ts';
import { inches } from '../../units/length.ts';
import { readStyle } from './read-style.ts';
import { styleFileOf } from './write-style.ts';

const composed = {
  unit: 'in',
  styleId: 'plain-bodice',
  choices: {
    sleeve: { option: 'sleeve-set-in', typed: 'sleeve-set-in' },
    sleeveTo: { option: 'elbow', typed: 'elbow' },
    skirt: { option: 'skirt-gathered', typed: 'skirt-gathered' },
    skirtLength: { mm: inches(22.5), typed: '22 1/2 in' },
  },
} as const;

describe('a style of the house as a file', () => {
  test('read back it is the same garment on any body', () => {
    const file = JSON.parse(JSON.stringify(styleFileOf(composed, ' Market dress '))) as unknown;
    const back = readStyle(file);
    if (!back.ok) throw new Error(back.fault.message);
    expect(back.value.file).toMatchObject({ name: 'Market dress', style: 'plain-bodice' });
    const values = withArm(middleBody);
    const own = {
      sleeve: 'sleeve-set-in',
      sleeveTo: 'elbow',
      skirt: 'skirt-gathered',
      skirtLength: inches(22.5),
    };
    const draft = (choices: typeof own) =>
      recipeOf({ id: 'plain-bodice' }).draft(draftInput(values, choices));
    expect(draftGap(draft(own), draft(back.value.choices as typeof own)).mm).toBe(0);
  });

  test('written by hand, its bare numbers are in its own unit, on a ticket in whatever unit', () => {
    const checked = readStyle({
      format: 'ample-bolt/style',
      version: 1,
      unit: 'cm',
      name: 'Lighthouse skirt',
      style: 'circle-skirt',
      choices: { skirtLength: 60, bandHeight: '4', easeWaist: '1/2 in', circle: 0.5 },
    });
    if (!checked.ok) throw new Error(checked.fault.message);
    expect(checked.value.choices).toEqual({
      skirtLength: 600,
      bandHeight: 40,
      easeWaist: inches(0.5),
      circle: '0.5',
    });
    expect(checked.value.typed).toEqual({
      skirtLength: '60 cm',
      bandHeight: '4 cm',
      easeWaist: '1/2 in',
      circle: '0.5',
    });
  });

  const good = styleFileOf(composed, 'Market dress');
  test.each([
    ['a file of something else', { ...good, format: 'ample-bolt/order' }, 'format'],
    ['a version from later', { ...good, version: 2 }, 'version'],
    ['no name', { ...good, name: '  ' }, 'name'],
    ['a style that the book has not', { ...good, style: 'ball-gown' }, 'style'],
    ['a choice that the style has not', { ...good, choices: { wings: '2 in' } }, 'choices.wings'],
    ['a length out of its range', { ...good, choices: { skirtLength: '9 yd' } }, 'choices.skirtLength'],
    ['a part that does not exist', { ...good, choices: { skirt: 'skirt-hoop' } }, 'choices.skirt'],
    ['something more', { ...good, client: 'Ada' }, 'client'],
    ['a list', [], ''],
  ])('%s is refused by its field', (_, file, field) => {
    const checked = readStyle(file);
    expect(checked.ok ? 'read' : checked.fault.field).toBe(field);
  });
});

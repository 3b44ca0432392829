import { expect, test } from '@jest/globals';
import type { ChoiceValues } from './choice.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { keyLengths } from './key-lengths.ts';

function lengths(id: string, choices: ChoiceValues = {}) {
  const style = styleBook[id];
  if (!style) throw new Error(`no style ${id}`);
  const draft = recipeOf(style).draft(draftInput(withArm(middleBody), choices));
  const found = Object.fromEntries(keyLengths(draft).map(({ of, mm }) => [of, mm]));
  return { draft, found };
}

test('a dress is as long as it was chosen, and its hem as round as its pieces', () => {
  const { found } = lengths('fitted-dress', { length: 1000 });
  expect(found['length']).toBeCloseTo(1000, 0);
  expect(found['hem-round']).toBeGreaterThan(700);
});

test('a half circle hems at π times the radius of its hem', () => {
  const { draft, found } = lengths('plain-bodice', {
    skirt: 'skirt-circle',
    circle: '0.5',
    skirtLength: 600,
  });
  const waist = draft.rounds.find(({ level }) => level === 'waist')?.finished ?? 0;
  expect(Math.abs((found['hem-round'] ?? 0) - (waist + Math.PI * 600))).toBeLessThan(4);
  const bare = lengths('plain-bodice').found;
  expect(found['length']).toBeCloseTo((bare['length'] ?? 0) + 600, 0);
});

test('a bodice that ends at the waist is as round there as it is finished', () => {
  const { draft, found } = lengths('bustier-bodice');
  const waist = draft.rounds.find(({ level }) => level === 'waist')?.finished ?? 0;
  expect(found['lower-round']).toBeCloseTo(waist, 0);
  expect(found['hem-round']).toBeUndefined();
});

test('a longer skirt does not lengthen the zip, a longer sleeve is longer', () => {
  expect(lengths('fitted-dress', { length: 1100 }).found['zip']).toBeCloseTo(
    lengths('fitted-dress', { length: 950 }).found['zip'] ?? 0,
    3,
  );
  const sleeve = (sleeveLonger: number) =>
    lengths('plain-bodice', { sleeve: 'sleeve-set-in', sleeveLonger }).found['sleeve'] ?? 0;
  expect(sleeve(25) - sleeve(0)).toBeCloseTo(25, 6);
});

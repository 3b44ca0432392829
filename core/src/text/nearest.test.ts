import { expect, test } from '@jest/globals';
import { nearestOf } from './nearest.ts';

test.each([
  ['lenght', ['length', 'width', 'selvedge'], 'length'],
  ['Waist', ['waist', 'waistToHip'], 'waist'],
  ['chocies', ['choices', 'figures'], 'choices'],
  ['colour', ['count', 'polygon', 'name'], undefined],
])('%s among %j was meant to be %s', (word, known, meant) => {
  expect(nearestOf(word, known)).toBe(meant);
});

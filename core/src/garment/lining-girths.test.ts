import { expect, test } from '@jest/globals';
import { recipeOf } from '../styles/recipe-book.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';

const draft = (figures = {}) =>
  recipeOf({ id: 'fitted-dress' }).draft({ ...draftInput(middleBody), figures });

test('a lining that is made tighter than the outer by hand is stopped as the outer would be', () => {
  expect(draft().findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  const figure = draft().figures.find(({ id }) => id === 'lining-skirt-front/hip');
  if (!figure) throw new Error('no hip figure of the lining');
  const tighter = { [figure.id]: { mm: figure.cut - inches(0.5), why: 'to save cloth' } };
  const found = draft(tighter).findings.find(
    ({ code, where }) => code === 'round-differs' && where.subject === 'hip',
  );
  expect(found).toMatchObject({ severity: 'stop', where: { piece: 'lining-skirt-front' } });
  expect(found && findingWords(found, 'in').message).toMatch(/^Finished hip of the lining is/);
});

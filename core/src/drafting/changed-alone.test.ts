import { expect, test } from '@jest/globals';
import type { HandFigures } from '../pieces/hand-figure.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';

const draftWith = (figures: HandFigures) =>
  recipeOf({ id: 'fitted-dress' }).draft({ ...draftInput(middleBody), figures });
const { figures: computed } = draftWith({});
const moved = (id: string, by: number): HandFigures => {
  const figure = computed.find((each) => each.id === id);
  if (!figure) throw new Error(`no ${id}`);
  return { [id]: { mm: figure.mm + by, why: 'by hand' } };
};
const told = (figures: HandFigures) =>
  draftWith(figures).findings.filter(({ code }) => code === 'pair-changed-alone' || code === 'hem-not-level');

test('nothing is said of a draft that no hand has touched, nor of a pair that is changed alike', () => {
  expect(told({})).toEqual([]);
  const both = {
    ...moved('skirt-front/hip-line', inches(0.5)),
    ...moved('skirt-back/hip-line', inches(0.5)),
  };
  expect(told(both).filter(({ code }) => code === 'pair-changed-alone')).toEqual([]);
});

test('a length that front and back had alike, and that a hand changes on one alone, is pointed out', () => {
  const [alone] = told(moved('skirt-front/length', inches(1))).filter(
    ({ code }) => code === 'pair-changed-alone',
  );
  expect(alone).toMatchObject({
    severity: 'care',
    where: { figure: 'skirt-front/length', subject: 'skirt-back/length' },
    remedy: { kind: 'clear-figure', figure: 'skirt-front/length' },
    orElse: { kind: 'set-figure', figure: 'skirt-back/length' },
  });
  expect(alone && findingWords(alone, 'in').message).toMatch(
    /is set by hand to 26.*; Skirt back, length, which was like it, is still 25/,
  );
});

test('a hem that a hand lets down at the centre alone no longer hangs level', () => {
  const [hem] = told(moved('skirt-front/length', inches(1))).filter(({ code }) => code === 'hem-not-level');
  expect(hem).toMatchObject({ severity: 'care', where: { piece: 'skirt-front' } });
  expect(hem?.found).toBeCloseTo(inches(1), 1);
  // Out and in it moves no end down.
  expect(told(moved('skirt-front/hip', inches(0.5)))).toEqual([]);
});

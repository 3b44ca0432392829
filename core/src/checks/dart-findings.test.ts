import { describe, expect, test } from '@jest/globals';
import { ruleSet } from '../rules/catalogue.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import { plainBodice } from '../styles/plain-bodice.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';

describe('darts inside their pieces', () => {
  test.each(Object.values(styleBook))('$name: every dart of an ordinary body ends inside', (style) => {
    const { findings } = recipeOf(style).draft(draftInput(middleBody));
    expect(findings.filter(({ code }) => code === 'dart-past-side')).toEqual([]);
  });

  test('a span as wide as the body takes the dart past the side: a stop that asks for the span, and nothing is drawn', () => {
    const wide = { ...middleBody, bustSpan: inches(21) };
    const rules = ruleSet({ 'school.block': 'table' });
    const { findings } = recipeOf(plainBodice).draft({ ...draftInput(wide), rules });
    const past = findings.find(({ code }) => code === 'measures-impossible');
    expect(past).toMatchObject({
      severity: 'stop',
      where: { measure: 'bustSpan' },
    });
    expect(past && findingWords(past, 'in').message).toMatch(
      /^Bust span 21.* belong to no body: nothing is drawn/,
    );
  });
});

import { describe, expect, test } from '@jest/globals';
import { ruleSet } from '../rules/catalogue.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { evaluate } from '../workings/working.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';

/** Below this the drawing is said to agree with its sum. */
const AS_ADDED = 0.11;

const schools = ['solved', 'table'] as const;
const allowances = ['pattern', 'cloth', 'both'] as const;

describe.each(Object.values(styleBook))('figures of the $name', (style) => {
  const input = draftInput(middleBody);

  test.each(schools)('have workings that come to what was drawn, by the %s block', (school) => {
    const { figures } = recipeOf(style).draft({ ...input, rules: ruleSet({ 'school.block': school }) });
    expect(figures.length).toBeGreaterThan(5);
    const missed = figures.filter(({ mm, working }) => Math.abs(evaluate(working) - mm) > AS_ADDED);
    expect(missed.map(({ id }) => id)).toEqual([]);
  });

  test('have an id each, a finite length and a place on a piece', () => {
    const { figures, pieces } = recipeOf(style).draft(input);
    expect(new Set(figures.map(({ id }) => id)).size).toBe(figures.length);
    expect(figures.filter(({ mm }) => !Number.isFinite(mm)).map(({ id }) => id)).toEqual([]);
    const homeless = figures.filter(({ id }) => !pieces.some(({ piece }) => id.startsWith(`${piece.id}/`)));
    expect(homeless.map(({ id }) => id)).toEqual([]);
  });

  test('where the shop adds its allowance moves no stitch line', () => {
    const [pattern, ...others] = allowances.map((value) =>
      recipeOf(style).draft({ ...input, rules: ruleSet({ 'school.allowance': value }) }),
    );
    const edges = pattern?.pieces.map(({ piece }) => piece.edges);
    for (const other of others) expect(other.pieces.map(({ piece }) => piece.edges)).toEqual(edges);
  });
});

import { describe, expect, test } from '@jest/globals';
import { ruleSet } from '../rules/catalogue.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { plainBodice as bodice } from '../styles/plain-bodice.ts';
import { styleBook } from '../styles/style-book.ts';
import type { Style } from '../styles/style.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { inches } from '../units/length.ts';
import type { Draft } from './draft.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';

const onCloth = ruleSet({ 'school.allowance': 'cloth' });
const draftOf = (style: Style, rules = onCloth, figures: HandFigures = {}): Draft =>
  recipeOf(style).draft({ ...draftInput(middleBody), rules, figures });
const figureOf = ({ figures }: Draft, id: string) => {
  const found = figures.find((each) => each.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

describe('figures of a shop that adds the allowance on the cloth', () => {
  test.each(Object.values(styleBook))(
    '$name: each is on the stitch line, by a sum without allowance',
    (style) => {
      const { figures } = draftOf(style);
      for (const { id, mm, stitch, working } of figures) {
        expect([id, mm]).toEqual([id, stitch]);
        expect([id, Math.abs(working.mm - mm) < 0.01]).toEqual([id, true]);
        expect(JSON.stringify(working)).not.toContain('allowance.');
      }
    },
  );

  test('pieces are the same, whichever line the figures are on', () => {
    expect(draftOf(bodice).pieces).toEqual(draftOf(bodice, ruleSet()).pieces);
  });

  test('a waist set by hand on the stitch line is the one set an allowance wider on the cut line', () => {
    const id = 'bodice-front/waist';
    const { mm, cut } = figureOf(draftOf(bodice), id);
    const wider = mm + inches(0.5);
    const byStitch = draftOf(bodice, onCloth, { [id]: { mm: wider, why: '', line: 'stitch' } });
    expect(figureOf(byStitch, id).mm).toBeCloseTo(wider, 1);
    const byCut = draftOf(bodice, ruleSet(), { [id]: { mm: cut + inches(0.5), why: '' } });
    expect(figureOf(byCut, id).mm - figureOf(byStitch, id).mm).toBeCloseTo(cut - mm, 0);
  });

  test('a figure keeps the line that it was set on when the shop changes over', () => {
    const id = 'bodice-front/waist';
    const set = { [id]: { mm: figureOf(draftOf(bodice), id).mm + 10, why: '', line: 'stitch' as const } };
    expect(draftOf(bodice, ruleSet(), set).pieces).toEqual(draftOf(bodice, onCloth, set).pieces);
  });
});

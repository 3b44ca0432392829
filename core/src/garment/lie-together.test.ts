import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from './choice.ts';
import { boxOf, type Box } from '../geometry/ring.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { lieTogether, lyingAt } from './lie-together.ts';

const overlap = (a: Box, b: Box): boolean =>
  Math.min(a.maxX, b.maxX) - Math.max(a.minX, b.minX) > 1e-6 &&
  Math.min(a.maxY, b.maxY) - Math.max(a.minY, b.minY) > 1e-6;

describe.each(Object.values(styleBook))('$name', (style) => {
  const parts = style.lacks.armhole ? {} : { sleeve: 'sleeve-set-in' };
  const { pieces } = recipeOf(style).draft(draftInput(withArm(middleBody), parts));

  test.each([0.5, 1.6, 3])('all its pieces lie apart from each other, at an aspect of %s', (aspect) => {
    const { pieces: lying, width, height } = lieTogether(pieces, aspect);
    expect(lying.map(({ drafted }) => drafted)).toEqual(expect.arrayContaining([...pieces]));
    expect(lying).toHaveLength(pieces.length);
    const boxes = lying.map((each) => boxOf(each.drafted.outline.map(lyingAt(each))));
    for (const [index, box] of boxes.entries()) {
      expect(box.minX).toBeGreaterThan(-1e-6);
      expect(box.maxX).toBeLessThan(width + 1e-6);
      expect(box.maxY).toBeLessThan(height + 1e-6);
      expect(boxes.slice(index + 1).some((other) => overlap(box, other))).toBe(false);
    }
  });
});

test('legs lie below their band with their sides to each other, and the tiers of a skirt below one another', () => {
  const boxesOf = (id: string, choices: ChoiceValues) => {
    const { pieces: lying } = lieTogether(recipeOf({ id }).draft(draftInput(middleBody, choices)).pieces, 1);
    return (piece: string) => {
      const found = lying.find(({ drafted }) => drafted.piece.id === piece);
      if (!found) throw new Error(`no ${piece}`);
      return { ...boxOf(found.drafted.outline.map(lyingAt(found))), turn: found.turn };
    };
  };
  const legs = boxesOf('trousers', {});
  expect(legs('trousers-front').minY).toBeGreaterThan(legs('waistband-front').maxY);
  expect(legs('trousers-back').minX).toBeGreaterThan(legs('trousers-front').maxX);
  expect(legs('trousers-back').turn).toBe('mirrored');
  const tiers = boxesOf('plain-bodice', { skirt: 'skirt-tiered', tiers: '3' });
  expect(tiers('skirt-tier-2').minY).toBeGreaterThan(tiers('skirt-front').maxY);
  expect(tiers('skirt-tier-3').minY).toBeGreaterThan(tiers('skirt-tier-2').maxY);
});

test('a skirt lies below its bodice, and front and back have their sides to each other', () => {
  const style = styleBook['fitted-dress'];
  if (!style) throw new Error('no dress');
  const { pieces: lying } = lieTogether(recipeOf(style).draft(draftInput(middleBody)).pieces, 1);
  const box = (id: string) => {
    const found = lying.find(({ drafted }) => drafted.piece.id === id);
    if (!found) throw new Error(`no ${id}`);
    return boxOf(found.drafted.outline.map(lyingAt(found)));
  };
  expect(box('skirt-front').minY).toBeGreaterThan(box('bodice-front').maxY);
  expect(box('bodice-back').minX).toBeGreaterThan(box('bodice-front').maxX);
  expect(lying.find(({ drafted }) => drafted.piece.id === 'bodice-back')?.turn).toBe('mirrored');
});

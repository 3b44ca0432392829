import { describe, expect, test } from '@jest/globals';
import { roleLength } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { bustierPencilGown } from './bustier-pencil-gown.ts';
import { recipeOf } from './recipe-book.ts';

describe('the bustier pencil gown', () => {
  expectStyleSound(bustierPencilGown, [{}, { cups: 'seam' }]);

  test('falls to the ankle, is cut in three cloths, and its slit lets a stride through', () => {
    const { pieces, findings } = recipeOf(bustierPencilGown).draft(draftInput(middleBody));
    const all = pieces.map(({ piece }) => piece);
    const skirt = all.find(({ id }) => id === 'skirt-back');
    if (!skirt) throw new Error('it has no skirt');
    expect(roleLength(skirt, 'slit')).toBeGreaterThan(inches(6));
    expect(findings.map(({ code }) => code)).not.toContain('hem-below-stride');
    expect([...new Set(all.map(({ role }) => role))].sort()).toEqual(['lining', 'outer', 'stay']);
  });
});

import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../../garment/choice.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../../testing/expect-sound.ts';
import { lengthByLibrary } from '../../testing/length-by-library.ts';
import { inches } from '../../units/length.ts';

const draftOf = (choices: ChoiceValues) =>
  recipeOf({ id: 'gathered-skirt' }).draft(draftInput(middleBody, { skirt: 'skirt-tiered', ...choices }));
type Draft = ReturnType<typeof draftOf>;

/** How many times an edge is there around the body. */
const around = ({ cut }: Piece): number => (cut.layers === 'fold' ? 2 : 1) * cut.copies;

/** Round of an edge over the panels that have it, by another library. */
const roundOf = ({ pieces }: Draft, edge: string, tier: number): number =>
  pieces
    .map(({ piece }) => piece)
    .filter(({ id }) => ['skirt-front', 'skirt-back', 'skirt-side'].some((panel) => id === (tier === 1 ? panel : `${panel}-${tier}`)))
    .reduce((sum, piece) => sum + around(piece) * lengthByLibrary(edgeOf(piece, edge)), 0); // prettier-ignore

describe('a tiered skirt', () => {
  test.each([
    ['2', 1.25],
    ['3', 1.5],
    ['4', 1.75],
  ])('of %s tiers, each %s times the one above, and as long in all as it is chosen', (tiers, ratio) => {
    const draft = draftOf({ tiers, tierRatio: String(ratio), skirtLength: inches(32) });
    if (ratio > 1.25) expectTrue(draft);
    expectCuttable(draft);
    const waist = (middleBody.waist ?? 0) + inches(0.5);
    // Common practice: each tier is the one above times its gathers.
    for (let tier = 1; tier <= Number(tiers); tier++) {
      const upper = roundOf(draft, tier === 1 ? 'waist' : 'upper', tier);
      expect(upper / (waist * ratio ** tier)).toBeCloseTo(1, 6);
      expect(roundOf(draft, tier === Number(tiers) ? 'hem' : 'lower', tier)).toBeCloseTo(upper, 6);
    }
    const centre = draft.pieces
      .map(({ piece }) => piece)
      .filter(({ part, face }) => part === 'skirt' && face === 'front')
      .reduce((sum, piece) => sum + lengthByLibrary(edgeOf(piece, 'centre-front')), 0);
    expect(centre).toBeCloseTo(inches(32), 6);
  });

  test('marks the end of its zip in whatever tier it lies', () => {
    const notched = (tiers: string, skirtLength: number) =>
      draftOf({ tiers, skirtLength })
        .pieces.map(({ piece }) => piece)
        .filter(({ notches }) => notches.some(({ edge }) => edge === 'centre-back'))
        .map(({ id }) => id);
    expect(notched('2', inches(24))).toEqual(['skirt-back']);
    expect(notched('4', inches(20))).toEqual(['skirt-back-2']);
  });
});

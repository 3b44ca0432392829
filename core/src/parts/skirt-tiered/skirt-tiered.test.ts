import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../../garment/choice.ts';
import { keyLengths } from '../../garment/key-lengths.ts';
import { boxOf } from '../../geometry/ring.ts';
import { timesInGarment } from '../../pieces/girth.ts';
import { edgeOf } from '../../pieces/piece.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../../testing/expect-sound.ts';
import { lengthByLibrary } from '../../testing/length-by-library.ts';
import { inches } from '../../units/length.ts';

const draftOf = (choices: ChoiceValues) =>
  recipeOf({ id: 'gathered-skirt' }).draft(draftInput(middleBody, { skirt: 'skirt-tiered', ...choices }));
type Draft = ReturnType<typeof draftOf>;

/** Round of an edge over the pieces of a tier, by another library. */
const roundOf = ({ pieces }: Draft, edge: string, tier: number): number =>
  pieces
    .map(({ piece }) => piece)
    .filter((piece) => piece.part === 'skirt' && (tier === 1 ? piece.edges.some(({ role }) => role === 'waist') : piece.id === `skirt-tier-${tier}`))
    .reduce((sum, piece) => sum + timesInGarment(piece) * lengthByLibrary(edgeOf(piece, edge)), 0); // prettier-ignore

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
    // Pieced from widths of cloth: pieces = ⌈length ÷ usable width⌉, here an even number of them. Common practice.
    for (const { piece } of draft.pieces.filter((each) => each.piece.cut.layers === 'pair'))
      if (piece.part === 'skirt')
        expect(boxOf(piece.edges.flatMap(({ path }) => path.map(({ a }) => a))).maxX).toBeLessThanOrEqual(
          inches(40),
        );
    expect(keyLengths(draft).find(({ of }) => of === 'length')?.mm).toBeCloseTo(inches(32 + 1.25), 6);
  });

  test('marks the end of its zip in whatever tier it lies', () => {
    const notched = (tiers: string, skirtLength: number) =>
      draftOf({ tiers, skirtLength })
        .pieces.map(({ piece }) => piece)
        .filter(
          ({ part, notches }) =>
            part === 'skirt' && notches.some(({ edge }) => edge === 'centre-back' || edge === 'join-left'),
        )
        .map(({ id }) => id);
    expect(notched('2', inches(24))).toEqual(['skirt-back']);
    expect(notched('4', inches(20))).toEqual(['skirt-tier-2']);
  });
});

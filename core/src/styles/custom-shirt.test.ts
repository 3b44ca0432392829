import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { edgeOf, type Piece } from '../pieces/piece.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { lengthByLibrary } from '../testing/length-by-library.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import { customShirt } from './custom-shirt.ts';
import { recipeOf } from './recipe-book.ts';

const draftOf = (choices: ChoiceValues) =>
  recipeOf(customShirt).draft(draftInput(withArm(middleBody), choices));
type Draft = ReturnType<typeof draftOf>;
const pieceOf = ({ pieces }: Draft, id: string): Piece => {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};
const long = (draft: Draft, piece: string, edge: string) =>
  lengthByLibrary(edgeOf(pieceOf(draft, piece), edge));

expectStyleSound(customShirt, [{ darts: 'darts' }]);

describe('a shirt', () => {
  // Common practice: 6 of ease slim, 7 to 8 usual, 10 old style.
  test.each([['slim', 6], ['usual', 7.5], ['old', 10]] as const)('cut %s has %s of ease at the chest, and what its pleats let go', (shirtFit, ease) => {
    const chest = draftOf({ shirtFit, backPleat: 0 }).rounds.find(({ level }) => level === 'bust');
    expect(chest?.ease).toBeCloseTo(inches(ease), 0);
    const pleated = draftOf({ shirtFit, backPleat: inches(1) }).rounds.find(({ level }) => level === 'bust');
    expect((pleated?.ease ?? 0) - (chest?.ease ?? 0)).toBeCloseTo(inches(4), 0);
  }); // prettier-ignore

  test('its back takes up its pleat under a yoke of two layers, from neck to armhole', () => {
    const draft = draftOf({ backPleat: inches(1) });
    const yoke = pieceOf(draft, 'yoke-back');
    expect(yoke.cut).toEqual({ copies: 2, layers: 'fold' });
    expect(long(draft, 'bodice-back', 'top') - long(draft, 'yoke-back', 'yoke')).toBeCloseTo(inches(2), 1);
    expect(pieceOf(draft, 'bodice-back').notches.filter(({ edge }) => edge === 'top')).toHaveLength(2);
  });

  test('its collar stands on the neck and half of the placket, and falls from the stand to where the centres meet', () => {
    for (const placket of [1, 1.5].map(inches)) {
      const draft = draftOf({ placket, collarPoint: inches(1) });
      const neck = long(draft, 'bodice-front', 'neck') + long(draft, 'yoke-back', 'neck');
      expect(long(draft, 'collar-stand', 'neck')).toBeCloseTo(neck + placket / 2, 1);
      expect(long(draft, 'collar', 'neck')).toBeCloseTo(long(draft, 'collar-stand', 'top') - placket / 2, 1);
      expect(long(draft, 'placket', 'band')).toBeCloseTo(long(draft, 'bodice-front', 'front-edge'), 1);
    }
  });

  test('is drawn from a short set of measures, and its tail falls at the centre alone', () => {
    const { shoulder, frontWaistLength, bust, waist, hip } = middleBody;
    const { upperArm, armLength, wrist } = withArm(middleBody);
    const short = { shoulder, frontWaistLength, bust, waist, hip, upperArm, armLength, wrist } as typeof middleBody;
    const draft = recipeOf(customShirt).draft(draftInput(short));
    expect(draft.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    const [even, tailed] = [draftOf({ shirtTail: 0 }), draftOf({ shirtTail: inches(3) })];
    expect(long(tailed, 'bodice-back', 'side')).toBeCloseTo(long(even, 'bodice-back', 'side'), 6);
    expect(long(tailed, 'bodice-back', 'centre-back') - long(even, 'bodice-back', 'centre-back')).toBeCloseTo(inches(3), 6);
  }); // prettier-ignore
});

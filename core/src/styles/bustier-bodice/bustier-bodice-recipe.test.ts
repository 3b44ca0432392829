import { describe, expect, test } from '@jest/globals';
import { necklineShapes } from '../../drafting/bodice/neckline.ts';
import type { MeasureValues } from '../../measures/measure-set.ts';
import { draftInput, middleBody, ordinaryBody } from '../../testing/bodies.ts';
import { expectCuttable } from '../../testing/expect-sound.ts';
import { expectStyleSound } from '../../testing/style-suite.ts';
import { bustierBodice } from './bustier-bodice.ts';
import { bustierBodiceRecipe } from './bustier-bodice-recipe.ts';

const draft = (values: MeasureValues = middleBody) => bustierBodiceRecipe.draft(draftInput(values));

describe('the bustier bodice', () => {
  test('has a centre and a side panel in front and behind, and its inside whole', () => {
    expect(draft().pieces.map(({ piece: { id, cut } }) => `${id} ${cut.layers} ${cut.copies}`)).toEqual([
      'bodice-front-centre fold 1',
      'bodice-front-side pair 2',
      'bodice-back-centre pair 2',
      'bodice-back-side pair 2',
      'facing-front fold 1',
      'facing-back pair 2',
      'lining-bodice-front fold 1',
      'lining-bodice-back pair 2',
      'stay-facing-front fold 1',
      'stay-facing-back pair 2',
    ]);
  });

  expectStyleSound(
    bustierBodice,
    bustierBodiceRecipe,
    Object.keys(necklineShapes).map((neckline) => ({ neckline })),
  );

  test('panels have no dart left, and a straight body is split all the same', () => {
    const straight = ordinaryBody({ bust: 36, bustToWaist: 1, waistToHipRound: 4, height: 64, cup: 1 });
    for (const each of [draft(), draft(straight)]) {
      const outer = each.pieces.filter(({ piece }) => piece.id.startsWith('bodice'));
      expect(outer.flatMap(({ piece }) => piece.darts)).toEqual([]);
      expectCuttable(each);
    }
  });
});

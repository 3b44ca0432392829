import { describe, expect, test } from '@jest/globals';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { draftInput, middleBody } from '@ample-bolt/core/testing/bodies';
import { edgesToCut } from './edges-to-cut.ts';
import type { PieceToCut } from './pieces-to-cut.ts';
import { plainBodice } from '@ample-bolt/core/styles/plain-bodice';
import { recipeOf } from '@ample-bolt/core/styles/recipe-book';

const { pieces } = recipeOf(plainBodice).draft({
  ...draftInput(middleBody),
  rules: ruleSet({ 'school.neckCut': 'later' }),
});
const toCut = pieces
  .filter(({ piece }) => piece.role === 'outer' && piece.id.startsWith('bodice'))
  .map((drafted): PieceToCut => ({ drafted, cut: drafted.piece.id === 'bodice-front', ready: true }));

describe('edges left for later', () => {
  test('are listed by piece and seam, and open once their piece is cut', () => {
    expect(edgesToCut(toCut, []).map(({ id, ready, cut }) => [id, ready, cut])).toEqual([
      ['bodice-front/neck', true, false],
      ['bodice-front/shoulder', true, false],
      ['bodice-back/neck', false, false],
      ['bodice-back/shoulder', false, false],
    ]);
  });

  test('one that was cut is ticked off', () => {
    const [neck] = edgesToCut(toCut, ['bodice-front', 'bodice-front/neck']);
    expect(neck?.cut).toBe(true);
  });

  test('there are none where all is cut with its piece', () => {
    const whole = recipeOf(plainBodice)
      .draft(draftInput(middleBody))
      .pieces.map((drafted): PieceToCut => ({ drafted, cut: true, ready: true }));
    expect(edgesToCut(whole, [])).toEqual([]);
  });
});

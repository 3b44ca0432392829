import { describe, expect, test } from '@jest/globals';
import type { MeasureValues } from '../measures/measure-set.ts';
import { draftInput, middleBody, ordinaryBody } from '../testing/bodies.ts';
import { expectCuttable } from '../testing/expect-sound.ts';
import { roleLength } from '../pieces/piece.ts';
import { inches } from '../units/length.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { bustierBodice } from './bustier-bodice.ts';
import { recipeOf } from './recipe-book.ts';

const draft = (values: MeasureValues = middleBody) => recipeOf(bustierBodice).draft(draftInput(values));

const missing = (): never => {
  throw new Error('no such piece');
};

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

  expectStyleSound(bustierBodice, [
    {},
    { seam: 'shoulder', underBust: 'build' },
    { underBust: 'tape', neckline: 'sweetheart' },
    { seam: 'neck', neckline: 'square' },
    { seam: 'neck', neckline: 'v', underBust: 'build' },
  ]);

  test('under the bust each edge of the front’s seam takes what goes with the build: slim ½, full 1½. Common practice', () => {
    const opening = (build: 'slim' | 'full') => {
      const input = draftInput(middleBody, { underBust: 'build' });
      const observations = { ...input.person.observations, build };
      const { pieces } = recipeOf(bustierBodice).draft({
        ...input,
        person: { ...input.person, observations },
      });
      const level = (id: string) =>
        pieces.find(({ piece }) => piece.id === id)?.piece.levels.find(({ name }) => name === 'underBust')
          ?.path ?? [];
      // The side panel lies with x = 0 through the bust point, half the span out from the centre.
      const span = (middleBody.bustSpan ?? 0) / 2;
      return (level('bodice-front-side')[0]?.x ?? 0) + span - (level('bodice-front-centre').at(-1)?.x ?? 0);
    };
    // The corner at the bust point is rounded, and reaches a little into this level.
    expect(Math.abs(opening('slim') - 2 * inches(0.5))).toBeLessThan(3);
    expect(Math.abs(opening('full') - 2 * inches(1.5))).toBeLessThan(3);
  });

  test('from the neckline, the side panel has the rest of the neck and the whole shoulder', () => {
    const { pieces, seams } = recipeOf(bustierBodice).draft(draftInput(middleBody, { seam: 'neck' }));
    const of = (id: string) => pieces.find(({ piece }) => piece.id === id)?.piece ?? missing();
    expect(roleLength(of('bodice-front-centre'), 'shoulder')).toBe(0);
    expect(roleLength(of('bodice-front-side'), 'neck')).toBeCloseTo(
      roleLength(of('bodice-front-centre'), 'neck'),
      6,
    );
    expect(seams.filter(({ ok }) => !ok)).toEqual([]);
  });

  test('from the shoulder, the seam parts it in the middle', () => {
    const { pieces } = recipeOf(bustierBodice).draft(draftInput(middleBody, { seam: 'shoulder' }));
    const shoulder = (id: string) =>
      roleLength(pieces.find(({ piece }) => piece.id === id)?.piece ?? missing(), 'shoulder');
    expect(shoulder('bodice-front-centre')).toBeCloseTo(shoulder('bodice-front-side'), 6);
  });

  test('panels have no dart left, and a straight body is split all the same', () => {
    const straight = ordinaryBody({ bust: 36, bustToWaist: 1, waistToHipRound: 4, height: 64, cup: 1 });
    for (const each of [draft(), draft(straight)]) {
      const outer = each.pieces.filter(({ piece }) => piece.id.startsWith('bodice'));
      expect(outer.flatMap(({ piece }) => piece.darts)).toEqual([]);
      expectCuttable(each);
    }
  });
});

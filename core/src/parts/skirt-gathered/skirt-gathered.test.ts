import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../../garment/choice.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { styleBook } from '../../styles/style-book.ts';
import { draftInput, middleBody, withArm } from '../../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../../testing/expect-sound.ts';
import { lengthByLibrary } from '../../testing/length-by-library.ts';
import { inches } from '../../units/length.ts';

const body = { ...withArm(middleBody), offShoulderRound: inches(41) };
const draftOf = (id: string, choices: ChoiceValues, values = body) =>
  recipeOf({ id }).draft(draftInput(values, { skirt: 'skirt-gathered', ...choices }));
const skirtOf = ({ pieces }: ReturnType<typeof draftOf>): Piece[] =>
  pieces.map(({ piece }) => piece).filter(({ part }) => part === 'skirt');
/** How many times an edge is there around the body. */
const around = ({ cut }: Piece): number => (cut.layers === 'fold' ? 2 : 1) * cut.copies;

describe.each(Object.values(styleBook).filter(({ lacks }) => lacks.waist === undefined))(
  'a gathered skirt on the $name',
  ({ id }) => {
    test.each(['1.5', '2', '2.5'])('%s to 1: so many times the waist around, and as wide at the hem', (skirtRatio) => {
      for (const skirtParts of ['2', '4']) {
        const draft = draftOf(id, { skirtRatio, skirtParts });
        expectTrue(draft);
        expectCuttable(draft);
        const panels = skirtOf(draft);
        const round = (edge: 'waist' | 'hem') =>
          panels.reduce((sum, panel) => sum + around(panel) * lengthByLibrary(edgeOf(panel, edge)), 0);
        const waist = draft.seams
          .filter((seam) => seam.id.startsWith('skirt to waist'))
          .reduce((sum, { lengthB }) => sum + 2 * lengthB, 0);
        // Common practice: the skirt is the waist times its gathers, whatever panels it is cut in.
        expect(round('waist')).toBeCloseTo(Number(skirtRatio) * waist, 1);
        expect(round('hem')).toBeCloseTo(round('waist'), 6);
      }
    }); // prettier-ignore
  },
);

describe('the gathered skirt', () => {
  test('is cut on the fold in front, with its zip behind, and a side panel is notched where the side is', () => {
    const draft = draftOf('plain-bodice', { skirtParts: '4' });
    const [front, back, side] = ['skirt-front', 'skirt-back', 'skirt-side'].map((id) =>
      skirtOf(draft).find((piece) => piece.id === id),
    );
    if (!front || !back || !side) throw new Error('a panel is missing');
    expect([front.cut.layers, back.cut.layers, side.cut.layers]).toEqual(['fold', 'pair', 'pair']);
    expect(back.notches.map(({ edge }) => edge)).toContain('centre-back');
    const [notch] = side.notches;
    const backShare = lengthByLibrary(edgeOf(back, 'waist'));
    expect(notch?.at).toBeCloseTo(backShare, 6);
  });

  test('that the hip does not pass is a stop, and fuller it passes', () => {
    const values = { ...body, waist: inches(24), hip: inches(44), waistToHip: inches(8) };
    const stops = (skirtRatio: string) =>
      draftOf('plain-bodice', { skirtRatio }, values).findings.filter(
        ({ code }) => code === 'skirt-tight-at-hip',
      );
    expect(stops('1.5')).toMatchObject([
      { severity: 'stop', remedy: { choice: 'skirtRatio', option: '2.5' } },
    ]);
    expect(stops('2.5')).toEqual([]);
  });
});

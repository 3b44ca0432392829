import { describe, expect, test } from '@jest/globals';
import { endOf, startOf } from '../geometry/curve.ts';
import { distance } from '../geometry/point.ts';
import { edgeOf, edgesWithRole, roleLength, type Piece } from '../pieces/piece.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { expectStyleSound } from '../testing/style-suite.ts';
import { inches } from '../units/length.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { oneShoulderTop } from './one-shoulder-top.ts';
import { recipeOf } from './recipe-book.ts';

const pieceOf = (id: string, choices: ChoiceValues = {}): Piece => {
  const found = recipeOf(oneShoulderTop)
    .draft(draftInput(middleBody, choices))
    .pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};
/** Where the shoulder that stays lies: right of the centre is positive. */
const shoulderSide = (piece: Piece): number => Math.sign(startOf(edgeOf(piece, 'shoulder').path).x);

describe('the one-shoulder top', () => {
  expectStyleSound(oneShoulderTop, [{}, { shoulder: 'right', bareSideLower: 0, neckWidth: inches(4.5) }]);

  test('is cut whole on single cloth, one shoulder and one armhole to each piece', () => {
    for (const id of ['bodice-front', 'bodice-back']) {
      const piece = pieceOf(id);
      expect(piece.cut).toEqual({ copies: 1, layers: 'single' });
      expect(edgesWithRole(piece, 'shoulder')).toHaveLength(1);
      expect(edgesWithRole(piece, 'armhole')).toHaveLength(1);
      expect(edgesWithRole(piece, 'neck')).toHaveLength(0);
    }
  });

  test('a width from side to side has the allowances of both its sides', () => {
    const { figures } = recipeOf(oneShoulderTop).draft(draftInput(middleBody));
    // 1 in at the side, and 1 in for the zip at the other: the house's usual.
    for (const id of ['bodice-front/bust', 'bodice-back/bust', 'bodice-front/waist', 'bodice-back/waist']) {
      const figure = figures.find((each) => each.id === id);
      expect((figure?.cut ?? 0) - (figure?.stitch ?? 0)).toBeGreaterThan(inches(1.95));
      expect((figure?.cut ?? 0) - (figure?.stitch ?? 0)).toBeLessThan(inches(2.1));
    }
  });

  test('front and back face each other: the wearer’s left is right of the centre in front, left of it behind', () => {
    expect([shoulderSide(pieceOf('bodice-front')), shoulderSide(pieceOf('bodice-back'))]).toEqual([1, -1]);
    const right = { shoulder: 'right' };
    expect([
      shoulderSide(pieceOf('bodice-front', right)),
      shoulderSide(pieceOf('bodice-back', right)),
    ]).toEqual([-1, 1]);
  });

  test('the edge runs from the neck point below the other arm: lower, the bare side is as much shorter, in front and behind', () => {
    const bare = (id: string, drop: number) =>
      edgesWithRole(pieceOf(id, { bareSideLower: drop }), 'side')
        .filter((edge) => edge.id.endsWith('-other'))
        .reduce((sum, edge) => sum + distance(startOf(edge.path), endOf(edge.path)), 0);
    for (const id of ['bodice-front', 'bodice-back'])
      expect(Math.abs(bare(id, 0) - bare(id, inches(0.75)) - inches(0.75))).toBeLessThan(1.5);
    const front = pieceOf('bodice-front');
    const top = edgeOf(front, 'top').path;
    expect(endOf(top)).toEqual(startOf(edgeOf(front, 'shoulder').path));
    expect(startOf(top).x).toBeLessThan(0);
  });

  test('set lower than the bust line on the bare side it is a stop with the most that there is', () => {
    const { findings } = recipeOf(oneShoulderTop).draft(draftInput(middleBody, { bareSideLower: inches(3) }));
    const low = findings.find(({ code }) => code === 'top-too-low');
    expect(low).toMatchObject({ severity: 'stop', remedy: { kind: 'set-choice', choice: 'bareSideLower' } });
    const most = low?.expected ?? 0;
    const again = recipeOf(oneShoulderTop).draft(draftInput(middleBody, { bareSideLower: most }));
    expect(again.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test('the zip’s allowance is in the bare side, and the lining is the same without a hem', () => {
    const allowance = (other: boolean) =>
      edgesWithRole(pieceOf('bodice-front'), 'side').find(({ id }) => id.endsWith('-other') === other)
        ?.allowance;
    expect(allowance(true)).toBeCloseTo(inches(1), 6);
    expect(roleLength(pieceOf('lining-bodice-front'), 'top')).toBe(
      roleLength(pieceOf('bodice-front'), 'top'),
    );
  });
});

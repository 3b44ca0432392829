import { describe, expect, test } from '@jest/globals';
import { boxOf, signedArea } from '../../../geometry/ring.ts';
import { sampleCloth } from '../../../testing/sample-cloth.ts';
import { draftInput, middleBody } from '../../../testing/bodies.ts';
import { layPiecesOn, totalArea } from '../../../lay/model/layable.ts';
import { checkLay } from '../../../lay/proof/check-lay.ts';
import { planForWork } from '../../../lay/plan/plan-lay.ts';
import type { Cloth } from '../../../lay/model/cloth.ts';
import { chalkLaid } from '../../../chalk/chalk-piece.ts';
import { markWords } from '../../../words/mark-words.ts';
import { styleOf } from '../../../styles/style-book.ts';
import { draftOrder, type DraftableOrder } from '../../../shop/draft-order.ts';
import { mayBeJoined } from './off-fold.ts';

const ordered = (cloth: Partial<Cloth>): DraftableOrder => {
  const style = styleOf('fitted-dress');
  if (!style) throw new Error('no such style');
  return {
    ...draftInput(middleBody),
    style,
    client: { name: '', kind: 'adult' },
    cloths: [sampleCloth(cloth)],
  };
};
const pieceOf = (order: DraftableOrder, id: string) => {
  const found = draftOrder(order).pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

describe('a join where a piece would lie on the fold', () => {
  const whole = pieceOf(ordered({}), 'facing-front');
  const order = ordered({ joined: ['facing-front', 'skirt-front'] });
  const half = pieceOf(order, 'facing-front');

  test('makes a pair of it, with the join’s allowance past its centre', () => {
    expect(whole.piece.cut).toEqual({ copies: 1, layers: 'fold' });
    expect(half.piece.cut).toEqual({ copies: 2, layers: 'pair' });
    const allowance = order.rules['allowance.join'];
    expect(boxOf(half.outline).minX).toBeCloseTo(-allowance, 6);
    expect(boxOf(half.stitch).minX).toBeCloseTo(0, 6);
    const { minY, maxY } = boxOf(half.outline);
    const added = signedArea(half.outline) - signedArea(whole.outline);
    expect(added).toBeGreaterThan(0);
    expect(added).toBeLessThan(allowance * (maxY - minY) * 1.05);
  });

  test('is not made in the middle of what shows', () => {
    expect(pieceOf(order, 'skirt-front').piece.cut).toEqual({ copies: 1, layers: 'fold' });
    const joinable = draftOrder(ordered({})).pieces.filter(({ piece }) => mayBeJoined(piece));
    expect(joinable.map(({ piece }) => piece.id)).toEqual(
      expect.arrayContaining(['facing-front', 'lining-skirt-front']),
    );
    expect(joinable.every(({ piece }) => piece.role !== 'outer' || /facing/.test(piece.id))).toBe(true);
    // A net shows as the outer cloth does.
    for (const [part, role] of [
      ['net', 'net'],
      ['skirt', 'outer'],
    ] as const)
      expect(mayBeJoined({ part, role, cut: { copies: 1, layers: 'fold' } })).toBe(false);
    expect(mayBeJoined({ part: 'strip', role: 'outer', cut: { copies: 1, layers: 'fold' } })).toBe(true);
    // Of another cloth's piece nothing is joined.
    expect(
      pieceOf(ordered({ role: 'lining', joined: ['facing-front'] }), 'facing-front').piece.cut.copies,
    ).toBe(1);
  });

  test('is laid, proved and chalked like any other pair', () => {
    const [cloth = sampleCloth()] = order.cloths;
    const drafted = draftOrder(order).pieces;
    const pieces = layPiecesOn(cloth, drafted);
    expect(totalArea(pieces)).toBeGreaterThan(totalArea(layPiecesOn(cloth, draftOrder(ordered({})).pieces)));
    const lay = planForWork({ pieces, cloth, fold: 'half', seed: 1, shrinkPercent: 0, buyIn: 'yd' }, 100);
    expect(checkLay(lay, pieces, cloth)).toEqual([]);
    const marks = chalkLaid(drafted, { startLine: 'stitch', line: 'stitch' }, [lay], [cloth]);
    const words = marks
      .filter(({ piece }) => piece === 'facing-front')
      .map((mark) => markWords(mark, 'in').title);
    expect(words).toContain('Allowance, join at the fold');
    expect(words.join()).not.toContain('centre back');
  });
});

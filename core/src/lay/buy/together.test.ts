import { describe, expect, test } from '@jest/globals';
import { moveRing } from '../../geometry/ring.ts';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { layFaultWords } from '../../words/lay-fault-words.ts';
import { pieceName } from '../../words/names.ts';
import { checkLay } from '../proof/check-lay.ts';
import type { Lay } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { planForWork } from '../plan/plan-lay.ts';
import { leftBy } from './left-by.ts';
import { dealtOut, isSharedWith, numberedPieces, wholeLay } from './together.ts';

const cloth = sampleCloth();
const pieces = [samplePanel('front', 'fold', 9, 20), samplePanel('back', 'pair', 12, 20)];
const [anna, bela, cora] = [3, 5, 12].map((number) => ({ id: `ticket-${number}`, number }));
if (!anna || !bela || !cora) throw new Error('three tickets');
const all = [...pieces, ...[bela, cora].flatMap(({ number }) => numberedPieces(number, pieces))];
const whole = planForWork({ pieces: all, cloth, fold: 'half', seed: 1, shrinkPercent: 0, buyIn: 'yd' }, 200);
const dealt = dealtOut(whole, anna, [bela, cora]);
const shareOf = (id: string): Lay => {
  const found = dealt.find(({ ticket }) => ticket === id);
  if (!found) throw new Error(`nothing for ${id}`);
  return found.lay;
};

describe('several tickets on one cloth', () => {
  test('are laid as one: what one leaves open, another one fills', () => {
    expect(checkLay(whole, all, cloth)).toEqual([]);
    // Of three panels 14 in wide a row has room; each ticket has two of them.
    const panels = [samplePanel('back', 'pair', 14, 20)];
    const laid = (own: readonly LayPiece[]) =>
      planForWork({ pieces: own, cloth, fold: 'open', seed: 1, shrinkPercent: 0, buyIn: 'yd' }, 200).length;
    expect(laid(panels)).toBeCloseTo(inches(20), 0);
    expect(laid([3, 5, 12].flatMap((number) => numberedPieces(number, panels)))).toBeCloseTo(inches(40), 0);
  });

  test('each has its own pieces by their own ids, and proves by itself beside the others', () => {
    for (const { lay } of dealt) {
      expect(checkLay(lay, pieces, cloth)).toEqual([]);
      expect(lay.placements).toHaveLength(3);
      expect(lay.beside?.flatMap(({ placements }) => placements)).toHaveLength(6);
      expect([lay.length, lay.buy]).toEqual([whole.length, whole.buy]);
    }
    expect(dealt.map(({ lay }) => lay.boughtBy)).toEqual([undefined, 3, 3]);
  });

  test('once one is laid elsewhere the others stay where they are, on less cloth, and one of them buys it', () => {
    const measuring = { cloth, shrinkPercent: 0, buyIn: 'yd' as const };
    const after = [bela, cora].map((own) => leftBy(shareOf(own.id), own, [anna.id], measuring));
    const [first, second] = after;
    if (!first || !second) throw new Error('two are left');
    for (const lay of after) {
      expect(checkLay(lay, pieces, cloth)).toEqual([]);
      expect(lay.beside).toHaveLength(1);
      expect(lay.length).toBeLessThanOrEqual(whole.length);
      expect(lay.utilisation).toBeLessThan(whole.utilisation);
    }
    expect(first.placements).toEqual(shareOf(bela.id).placements);
    expect([first.boughtBy, second.boughtBy]).toEqual([undefined, bela.number]);
    expect(first.length).toBe(second.length);
    const alone = leftBy(second, cora, [bela.id], measuring);
    expect([alone.beside, alone.boughtBy]).toEqual([undefined, undefined]);
    expect(checkLay(alone, pieces, cloth)).toEqual([]);
    // Whoever buys goes on to, where another one goes.
    expect(leftBy(shareOf(cora.id), cora, [bela.id], measuring).boughtBy).toBe(anna.number);
  });

  test('whoever looks at it, it is the same lay on the table', () => {
    const places = (lay: Lay) => lay.placements.map(({ polygon }) => JSON.stringify(polygon)).sort();
    for (const { lay } of dealt) expect(places(wholeLay(lay))).toEqual(places(whole));
    const seen = wholeLay(shareOf(bela.id));
    expect(new Set(seen.placements.map(({ piece }) => piece))).toEqual(
      new Set(['front', 'back', '3:front', '3:back', '12:front', '12:back']),
    );
    // Dealt out again by another ticket, that one buys.
    const again = dealtOut(seen, bela, [anna, cora]);
    expect(again.map(({ ticket, lay }) => [ticket, lay.boughtBy])).toEqual([
      [bela.id, undefined],
      [anna.id, 5],
      [cora.id, 5],
    ]);
  });

  test('a piece that comes to lie on what another ticket has is found, and said with that ticket', () => {
    const share = shareOf(anna.id);
    const theirs = share.beside?.[0]?.placements.find(({ piece }) => piece === 'back');
    const onto: Lay = {
      ...share,
      placements: share.placements.map((each) =>
        each.piece === 'back' && each.copy === 0 && theirs
          ? { ...each, polygon: moveRing(theirs.polygon, 3, 3) }
          : each,
      ),
    };
    const found = checkLay(onto, pieces, cloth).filter(({ code }) => code === 'overlap');
    expect(found.map(({ pieces: [first, second] }) => [first, second])).toContainEqual([
      'back 1',
      '5:back 1',
    ]);
    expect(found[0] && layFaultWords(found[0], 'in')).toContain('Nº 5 back');
    // What the others have between themselves is theirs to prove.
    const apart: Lay = { ...share, beside: [...(share.beside ?? []), ...(share.beside ?? [])] };
    expect(checkLay(apart, pieces, cloth)).toEqual([]);
  });

  test('a lay knows with whom it is shared, and a piece whose it is', () => {
    expect(isSharedWith(shareOf(anna.id), [cora.id, bela.id])).toBe(true);
    expect(isSharedWith(shareOf(anna.id), [bela.id])).toBe(false);
    expect(isSharedWith(whole, [])).toBe(true);
    expect(wholeLay(whole)).toBe(whole);
    expect(pieceName('5:bodice-front')).toBe('Nº 5 bodice front');
  });
});

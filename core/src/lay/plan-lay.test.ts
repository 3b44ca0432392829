import { describe, expect, test } from '@jest/globals';
import { sampleCloth, samplePanel } from '../testing/sample-cloth.ts';
import { boxOf } from '../geometry/ring.ts';
import { inches } from '../units/length.ts';
import { checkLay } from './check-lay.ts';
import { compareWidths, usualWidths } from './compare-widths.ts';
import { chalkedPlacements, folds, outlineCount } from './lay.ts';
import { layObstacle, planForWork, planLay, type LayTask } from './plan-lay.ts';
import type { LayPiece } from './layable.ts';

const cloth = sampleCloth();
const task = (pieces: readonly LayPiece[], change: Partial<LayTask> = {}): LayTask => ({
  pieces,
  cloth,
  fold: 'open',
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
  ...change,
});
/** The search lays whole cells of half a centimetre; a few of them are lost between pieces. */
const CELLS = 20;

describe('lays of rectangles', () => {
  test('a pair that fits side by side takes one length, whichever way the cloth is folded', () => {
    const pieces = [samplePanel('back', 'pair', 10, 20)];
    for (const fold of ['open', 'half'] as const) {
      const lay = planForWork(task(pieces, { fold }), 4);
      expect(lay.length).toBeGreaterThanOrEqual(inches(20) - 1e-6);
      expect(lay.length).toBeLessThan(inches(20) + CELLS);
      expect(lay.bound).toBeLessThanOrEqual(lay.length);
    }
  });

  test('three pairs of ten on 44 usable inches need two lengths when open', () => {
    const pieces = ['a', 'b', 'c'].map((id) => samplePanel(id, 'pair', 10, 20));
    const lay = planForWork(task(pieces), 12);
    expect(lay.length).toBeLessThan(inches(40) + CELLS);
    expect(lay.length).toBeGreaterThanOrEqual(inches(40) - 1e-6);
    expect(lay.utilisation).toBeCloseTo((6 * 10 * 20) / (44 * 40), 1);
  });

  test('on double cloth a pair is chalked once and cut twice, the twin mirrored below it', () => {
    const lay = planForWork(task([samplePanel('back', 'pair', 10, 20)], { fold: 'half' }), 2);
    expect(lay.placements).toHaveLength(2);
    expect(outlineCount(lay)).toBe(1);
    const [chalked] = chalkedPlacements(lay);
    const under = lay.placements.find((placement) => placement !== chalked);
    expect(under?.mirrored).not.toBe(chalked?.mirrored);
    const [fold = NaN] = lay.sections[0]?.foldLines ?? [];
    const [over, below] = [boxOf(chalked?.polygon ?? []), boxOf(under?.polygon ?? [])];
    expect(over.minX - fold).toBeCloseTo(fold - below.maxX, 6);
  });

  test('a piece on the fold is opened around it', () => {
    for (const fold of ['half', 'width'] as const) {
      const lay = planForWork(task([samplePanel('front', 'fold', 10, 20)], { fold }), 2);
      const [placement] = lay.placements;
      const [line = NaN] = lay.sections[0]?.foldLines ?? [];
      const box = boxOf(placement?.polygon ?? []);
      expect(placement?.onFold).toBe(true);
      expect([line - box.minX, box.maxX - line]).toEqual([
        expect.closeTo(inches(10), 6),
        expect.closeTo(inches(10), 6),
      ]);
    }
  });

  test('every fold holds what it promises on a whole set', () => {
    const pieces = [
      samplePanel('front', 'fold', 11, 24),
      samplePanel('back', 'pair', 10, 24),
      samplePanel('cuff', 'pair', 4, 9),
    ];
    for (const fold of folds) {
      const lay = planForWork(task(pieces, { fold }), 10);
      expect(checkLay(lay, pieces, cloth)).toEqual([]);
      expect(lay.placements).toHaveLength(5);
    }
  });

  test('what is bought covers the lay and its shrinkage, in quarters of a yard', () => {
    const pieces = [samplePanel('back', 'pair', 10, 20)];
    const plain = planForWork(task(pieces), 2);
    const shrinking = planForWork(task(pieces, { shrinkPercent: 45 }), 2);
    for (const { buy, length } of [plain, shrinking]) {
      expect(buy.unit).toBe('yd');
      expect((buy.amount * 4) % 1).toBe(0);
      expect(buy.amount * inches(36)).toBeGreaterThanOrEqual(length);
    }
    expect(shrinking.buy.amount).toBeGreaterThan(plain.buy.amount);
    expect(planForWork(task(pieces, { buyIn: 'm' }), 2).buy.unit).toBe('m');
  });

  test('lays come better and better, and can be had at any time', () => {
    const pieces = [
      samplePanel('a', 'pair', 13, 21),
      samplePanel('b', 'fold', 9, 17),
      samplePanel('c', 'pair', 6, 11),
    ];
    const lengths: number[] = [];
    for (const { lay, work } of planLay(task(pieces))) {
      lengths.push(lay.length);
      if (work > 25) break;
    }
    expect(lengths.length).toBeGreaterThan(1);
    expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
  });
});

describe('cloth that will not do', () => {
  test('is said before anything is planned, with what it would need', () => {
    const wide = task([samplePanel('front', 'fold', 23, 20)], { fold: 'half' });
    expect(layObstacle(wide)).toMatchObject({ code: 'cloth-too-narrow', severity: 'stop' });
    expect(layObstacle(task([samplePanel('front', 'fold', 20, 20)], { fold: 'half' }))).toBeUndefined();
  });

  test('other widths of the trade are tried, and the narrow ones left out', () => {
    expect(usualWidths).toEqual([36, 45, 54, 60].map(inches));
    const plans = compareWidths(
      task([samplePanel('front', 'fold', 20, 20), samplePanel('back', 'pair', 12, 20)]),
      4,
    );
    expect(plans.map(({ width }) => width)).toEqual([45, 54, 60].map(inches));
    const lengths = plans.map(({ length }) => length);
    expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
  });
});

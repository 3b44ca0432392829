import { describe, expect, test } from '@jest/globals';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { boxOf } from '../../geometry/ring.ts';
import { inches } from '../../units/length.ts';
import { checkLay } from '../proof/check-lay.ts';
import type { Cloth, Flaw } from '../model/cloth.ts';
import { sampleLay } from '../../testing/sample-lay.ts';
import { compareWidths, usualWidths, withOwnWidth } from './compare-widths.ts';
import { chalkedPlacements, outlineCount, type Fold, type Section } from '../model/lay.ts';
import { layObstacle, planForWork, planLay } from './plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';
import type { LayPiece } from '../model/layable.ts';
import { noFitCache } from '../no-fit/no-fit-cache.ts';
import { garmentPieces } from '../../testing/garment-pieces.ts';

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
/** What is lost between pieces: outlines are grown a hair for the search. mm. */
const HAIRS = 1;

describe('lays of rectangles', () => {
  test('a pair that fits side by side takes one length, whichever way the cloth is folded', () => {
    const pieces = [samplePanel('back', 'pair', 10, 20)];
    for (const fold of ['open', 'half'] as const) {
      const lay = planForWork(task(pieces, { fold }), 4);
      expect(lay.length).toBeGreaterThanOrEqual(inches(20) - 1e-6);
      expect(lay.length).toBeLessThan(inches(20) + HAIRS);
      expect(lay.bound).toBeLessThanOrEqual(lay.length);
    }
  });

  test('three pairs of ten on 44 usable inches need two lengths when open', () => {
    const pieces = ['a', 'b', 'c'].map((id) => samplePanel(id, 'pair', 10, 20));
    const lay = planForWork(task(pieces), 300);
    expect(lay.length).toBeLessThan(inches(40) + HAIRS);
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
    for (const fold of ['open', 'half', 'width', 'two'] as const) {
      const lay = planForWork(task(pieces, { fold }), 200);
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
      if (work > 300) break;
    }
    expect(lengths.length).toBeGreaterThan(1);
    expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
  });
});

describe('every way to fold', () => {
  const times = (piece: LayPiece, copies: number): LayPiece => ({ ...piece, cut: { ...piece.cut, copies } });
  /** Curved pieces of which every one is cut four times, or twice on the fold, so that no fold is closed to them. */
  const curved = garmentPieces(16, 2)
    .filter(({ cut }) => cut.layers === 'pair')
    .map((piece) => times(piece, 4));
  const ways: readonly (readonly [Fold, number])[] = [
    ['open', 1],
    ['half', 2],
    ['width', 2],
    ['two', 2],
    ['four', 4],
    ['cross', 2],
  ];

  test.each(ways)('%s: the lay is proved, and one outline cuts up to %i', (fold, most) => {
    const lay = planForWork(task(curved, { fold, cloth: sampleCloth({ width: inches(60) }) }), 400);
    expect(checkLay(lay, curved, sampleCloth({ width: inches(60) }))).toEqual([]);
    const copies = lay.placements.length;
    expect(copies).toBe(curved.reduce((sum, { cut }) => sum + cut.copies, 0));
    expect(outlineCount(lay)).toBeGreaterThanOrEqual(copies / most);
    if (fold !== 'width' && fold !== 'two') expect(outlineCount(lay)).toBe(copies / most);
    expect(lay.length).toBeGreaterThanOrEqual(lay.bound);
  });

  test('what each fold cuts is not what another one would: a fold that is not there is found', () => {
    const four = planForWork(task(curved, { fold: 'four' }), 1);
    const [section] = four.sections;
    if (!section) throw new Error('a lay has a section');
    const codes = (changed: Partial<Section>) =>
      checkLay({ ...four, sections: [{ ...section, ...changed }] }, curved, cloth).map(({ code }) => code);
    expect(codes({ fold: 'half' })).toContain('unreal-fold');
    expect(codes({ foldLines: [section.foldLines[0] ?? 0, (section.foldLines[1] ?? 0) + 10] })).toContain(
      'unreal-fold',
    );
    expect(codes({ to: section.to / 2 })).toContain('out-of-section');
  });

  test('on half-pieces two folds lie side by side, both on a crease', () => {
    const pieces = [samplePanel('front', 'fold', 10, 20), samplePanel('skirt', 'fold', 9, 20)];
    const lay = planForWork(task(pieces, { fold: 'two' }), 200);
    expect(checkLay(lay, pieces, cloth)).toEqual([]);
    expect(lay.length).toBeLessThan(inches(20) + HAIRS);
    expect(new Set(lay.placements.map(({ onFold }) => onFold))).toEqual(new Set([true]));
  });

  test('random garments are proved in every fold that they allow', () => {
    for (const seed of [1, 2, 3]) {
      const pieces = garmentPieces(9, seed);
      const wide = sampleCloth({ width: inches(60), oneWay: seed === 2 });
      const cache = noFitCache();
      for (const [fold] of ways) {
        const own = task(pieces, { fold, cloth: wide, seed });
        if (layObstacle(own)) continue;
        for (const { lay, work, improved } of planLay(own, cache)) {
          if (improved) expect([seed, fold, checkLay(lay, pieces, wide)]).toEqual([seed, fold, []]);
          if (work > 100) break;
        }
      }
    }
  });
});

describe('cloth with flaws', () => {
  const pieces = garmentPieces(9, 3);
  const wide = sampleCloth({ width: inches(60) });
  const flaws: readonly Flaw[] = [
    { from: 200, to: 260, left: 500, right: 620 },
    { from: 240, to: 300, left: 600, right: 640 },
    { from: 700, to: 720, left: 100, right: 130 },
  ];
  const flawed: Cloth = { ...wide, flaws };

  test.each(['open', 'half', 'width'] as const)('%s: nothing is laid over them, on any layer', (fold) => {
    const own = pieces.filter(({ cut }) => fold !== 'half' || cut.layers === 'pair');
    const lay = planForWork(task(own, { fold, cloth: flawed }), 300);
    expect(checkLay(lay, own, flawed)).toEqual([]);
    expect(lay.length).toBeGreaterThan(300);
  });

  test('a lay that was made without them is found out', () => {
    const whole: readonly Flaw[] = [{ from: 0, to: 5000, left: 700, right: 760 }];
    const lay = planForWork(task(pieces, { cloth: wide }), 100);
    const codes = checkLay(lay, pieces, { ...wide, flaws: whole }).map(({ code }) => code);
    expect(new Set(codes)).toEqual(new Set(['on-a-flaw']));
  });

  test('cloth with a flaw is not folded across', () => {
    const twice = pieces.filter(({ cut }) => cut.layers === 'pair');
    expect(layObstacle(task(twice, { fold: 'cross', cloth: flawed }))).toMatchObject({
      code: 'flaw-forbids-fold',
    });
  });
});

describe('folded to width', () => {
  test('is never longer than folded in half, for as many steps again', () => {
    for (const seed of [1, 2]) {
      const pieces = garmentPieces(9, seed).filter(({ cut }) => cut.layers === 'pair');
      const wide = { ...task(pieces, { cloth: sampleCloth({ width: 1500 }) }), seed };
      const half = planForWork({ ...wide, fold: 'half' }, 150);
      const width = planForWork({ ...wide, fold: 'width' }, 1600);
      expect(width.length).toBeLessThanOrEqual(half.length + 0.01);
    }
  });
});

describe('cloth that will not do', () => {
  test('is said before anything is planned, with what it would need', () => {
    const wide = task([samplePanel('front', 'fold', 23, 20)], { fold: 'half' });
    expect(layObstacle(wide)).toMatchObject({ code: 'cloth-too-narrow', severity: 'stop' });
    expect(layObstacle(task([samplePanel('front', 'fold', 20, 20)], { fold: 'half' }))).toBeUndefined();
  });

  test('other widths of the trade are tried, and the narrow ones left out', () => {
    expect(usualWidths).toEqual([36, 44, 45, 54, 58, 60, 72].map(inches));
    const plans = compareWidths(
      task([samplePanel('front', 'fold', 20, 20), samplePanel('back', 'pair', 12, 20)]),
      4,
    );
    expect(plans.map(({ width }) => width)).toEqual([44, 45, 54, 58, 60, 72].map(inches));
    const own = (width: number) => withOwnWidth(plans, sampleLay('open', 700, { width })).map((plan) => Math.round(plan.width / 25.4)); // prettier-ignore
    expect(own(inches(54))).toEqual([44, 45, 54, 58, 60, 72]);
    expect(own(inches(50))).toEqual([44, 45, 50, 54, 58, 60, 72]);
    expect(withOwnWidth(plans, sampleLay('open', 700, { width: inches(54) }))[2]?.length).toBe(700);
    const lengths = plans.map(({ length }) => length);
    expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
  });
});

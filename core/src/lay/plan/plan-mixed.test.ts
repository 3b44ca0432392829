import { describe, expect, test } from '@jest/globals';
import { boxOf } from '../../geometry/ring.ts';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { checkLay } from '../proof/check-lay.ts';
import { moveOutline, pushTight } from '../hand/hand-lay.ts';
import { outlineCount } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { layObstacle, planForWork, planLay } from './plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';

/** A belt is single, and as long as half the cloth. */
const belt: LayPiece = { ...samplePanel('belt', 'pair', 4, 30), cut: { copies: 1, layers: 'single' } };
const pieces = [
  samplePanel('front', 'fold', 9, 20),
  samplePanel('back', 'pair', 12, 20),
  samplePanel('sleeve', 'pair', 8, 14),
  belt,
];
const cloth = sampleCloth();
const task = (change: Partial<LayTask> = {}): LayTask => ({
  pieces,
  cloth,
  fold: 'mixed',
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
  ...change,
});

describe('cloth that is folded again along the length', () => {
  const lay = planForWork(task(), 600);

  test('holds: what is double first, then what is single, each in its section', () => {
    expect(checkLay(lay, pieces, cloth)).toEqual([]);
    expect(lay.sections.map(({ fold }) => fold)).toEqual(['half', 'open']);
    const [first, second] = lay.sections;
    expect(second?.from).toBe(first?.to);
    expect(second?.to).toBe(lay.length);
    const singles = lay.placements.filter(({ section }) => section === 1);
    expect(singles.map(({ piece }) => piece)).toEqual(['belt']);
    for (const { polygon } of singles)
      expect(boxOf(polygon).minY).toBeGreaterThanOrEqual((first?.to ?? NaN) - 0.01);
  });

  test('chalks fewer outlines than open cloth, where half fold alone cannot be', () => {
    expect(layObstacle(task({ fold: 'half' }))).toMatchObject({ code: 'fold-cuts-too-many' });
    const open = planForWork(task({ fold: 'open' }), 300);
    expect(outlineCount(lay)).toBe(4);
    expect(outlineCount(open)).toBe(6);
    expect(lay.length).toBeGreaterThanOrEqual(inches(20) + inches(30) - 1e-6);
  });

  test('is searched in the same way by the same seed, and only ever gets shorter', () => {
    const again = planForWork(task(), 600);
    expect(again).toEqual(lay);
    let before = Infinity;
    for (const { work, lay: found } of planLay(task())) {
      expect(found.length).toBeLessThanOrEqual(before);
      before = found.length;
      if (work > 400) break;
    }
  });

  test('a fold that reaches into the next section, and a piece out of its own, are found out', () => {
    const [first, second] = lay.sections;
    if (!first || !second) throw new Error('two sections');
    const late = { ...lay, sections: [{ ...first, to: first.to + 5 }, second] };
    expect(checkLay(late, pieces, cloth).map(({ code }) => code)).toContain('unreal-fold');
    const index = lay.placements.findIndex(({ piece }) => piece === 'belt');
    const moved = moveOutline(lay, index, 0, -60, task());
    expect(checkLay(moved, pieces, cloth).map(({ code }) => code)).toContain('out-of-section');
  });

  test('pushed tight, nothing leaves its section', () => {
    const index = lay.placements.findIndex(({ piece }) => piece === 'belt');
    const apart = moveOutline(lay, index, 0, 70, task());
    const tight = pushTight(apart, new Set(), task());
    expect(checkLay(tight, pieces, cloth)).toEqual([]);
    expect(tight.length).toBeLessThan(apart.length - 60);
  });

  test('is not offered where one fold does for all, nor on cloth with places of its own', () => {
    expect(layObstacle(task({ pieces: pieces.slice(0, 3) }))).toMatchObject({ code: 'nothing-to-refold' });
    expect(layObstacle(task({ pieces: [belt] }))).toMatchObject({ code: 'nothing-to-refold' });
    const flawed = sampleCloth({ flaws: [{ from: 10, to: 20, left: 10, right: 20 }] });
    expect(layObstacle(task({ cloth: flawed }))).toMatchObject({ code: 'places-forbid-refolding' });
  });
});

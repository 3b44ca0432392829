import { describe, expect, test } from '@jest/globals';
import { sampleCloth, samplePanel } from '../testing/sample-cloth.ts';
import { inches } from '../units/length.ts';
import type { Cloth } from './cloth.ts';
import type { LayPiece } from './layable.ts';
import { sectionOf, spreadTasks } from './spread.ts';

const cloth = (width: number): Cloth => sampleCloth({ width: inches(width) });
const panel = (id: string, layers: 'fold' | 'pair', wide: number): LayPiece =>
  samplePanel(id, layers, wide, 20);
const front = panel('front', 'fold', 10);
const back = panel('back', 'pair', 9);
const sleeve = panel('sleeve', 'pair', 7);

describe('ways to spread a cloth', () => {
  test('open cloth is one layer from selvedge to selvedge, every copy by itself', () => {
    const [task, ...others] = spreadTasks([front, back], cloth(45), 'open');
    expect(others).toEqual([]);
    expect(task?.spread).toMatchObject({ double: null, single: { from: 0, to: inches(44) } });
    expect(task?.items.map(({ piece, zone }) => `${piece} ${zone}`).sort()).toEqual([
      'back single',
      'back single',
      'front single',
    ]);
  });

  test('folded in half all of it lies double, and a pair is one outline', () => {
    const [task] = spreadTasks([front, back], cloth(45), 'half');
    expect(task?.spread.double).toEqual({ from: 0, to: inches(22) });
    expect(task?.items.map(({ piece, atFold }) => [piece, atFold])).toEqual([
      ['front', true],
      ['back', false],
    ]);
  });

  test('folded to width the fold is as deep as what lies on it, and the rest stays single', () => {
    const tasks = spreadTasks([front, back, sleeve], cloth(60), 'width');
    expect(tasks.length).toBeGreaterThan(1);
    for (const { spread, items } of tasks) {
      const depth = spread.double?.to ?? NaN;
      expect(depth).toBeGreaterThanOrEqual(inches(10));
      expect(spread.single).toEqual({ from: depth, to: inches(59) - depth });
      // A piece cut on the fold is always on it; a pair is one outline on double cloth and two beside it.
      expect(items.filter(({ piece }) => piece === 'front')).toMatchObject([
        { atFold: true, zone: 'double' },
      ]);
      for (const id of ['back', 'sleeve']) {
        const own = items.filter(({ piece }) => piece === id);
        expect(own).toHaveLength(own[0]?.zone === 'double' ? 1 : 2);
      }
    }
    // Each pair is tried both ways.
    const zones = tasks.map(({ items }) => items.find(({ piece }) => piece === 'back')?.zone);
    expect(new Set(zones)).toEqual(new Set(['double', 'single']));
  });

  test('what does not fit across is not offered', () => {
    expect(spreadTasks([panel('wide', 'fold', 23)], cloth(45), 'half')).toEqual([]);
    expect(spreadTasks([panel('wide', 'fold', 23)], cloth(45), 'open')).toEqual([]);
    expect(spreadTasks([panel('wide', 'fold', 22)], cloth(45), 'open')).toHaveLength(0);
    expect(spreadTasks([panel('half', 'fold', 20)], cloth(45), 'half')).toHaveLength(1);
    // Nothing to fold for: a single piece alone has no use for a fold.
    expect(spreadTasks([], cloth(45), 'width')).toEqual([]);
  });

  test('the section says where the cloth is folded and what of it lies double', () => {
    const [half] = spreadTasks([front, back], cloth(45), 'half');
    if (!half) throw new Error('expected a spread');
    expect(sectionOf(half.spread, cloth(45), 900)).toEqual({
      fold: 'half',
      from: 0,
      to: 900,
      foldLines: [inches(22.5)],
      doubled: [[inches(0.5), inches(44.5)]],
    });
    for (const { spread } of spreadTasks([front, back], cloth(60), 'width')) {
      const { foldLines, doubled } = sectionOf(spread, cloth(60), 500);
      const [from, to] = doubled[0] ?? [NaN, NaN];
      expect(foldLines).toEqual([expect.closeTo((from + to) / 2, 9)]);
      expect(from).toBeCloseTo(inches(0.5), 9);
    }
  });
});

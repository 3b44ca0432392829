import { describe, expect, test } from '@jest/globals';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import type { Cloth } from '../model/cloth.ts';
import type { LayItem } from './lay-item.ts';
import type { LayPiece } from '../model/layable.ts';
import { openedLength, sectionOf, layoutTasks, type LayoutTask } from './fold-layout.ts';

const cloth = (width: number, change: Partial<Cloth> = {}): Cloth =>
  sampleCloth({ width: inches(width), ...change });
const panel = (id: string, layers: 'fold' | 'pair', wide: number): LayPiece =>
  samplePanel(id, layers, wide, 20);
const front = panel('front', 'fold', 10);
const back = panel('back', 'pair', 9);
const sleeve = panel('sleeve', 'pair', 7);
const twice = (piece: LayPiece): LayPiece => ({
  ...piece,
  cut: { ...piece.cut, copies: 2 * piece.cut.copies },
});

const layersOf = ({ orientations }: LayItem): number => 2 ** (orientations[0]?.through.length ?? 0);
const only = (tasks: readonly LayoutTask[]): LayoutTask => {
  const [task, ...others] = tasks;
  if (!task || others.length > 0) throw new Error(`${tasks.length} ways to layout, not one`);
  return task;
};

describe('ways to layout a cloth', () => {
  test('open cloth is one layer from selvedge to selvedge, every copy by itself', () => {
    const { layout, items } = only(layoutTasks([front, back], cloth(45), 'open'));
    expect(layout).toMatchObject({ double: [], single: [{ from: 0, to: inches(44) }], creases: [] });
    expect(items.map((item) => [item.piece, layersOf(item)])).toEqual([
      ['front', 1],
      ['back', 1],
      ['back', 1],
    ]);
  });

  test('folded in half all of it lies double, and a pair is one outline', () => {
    const { layout, items } = only(layoutTasks([front, back], cloth(45), 'half'));
    expect(layout.double).toMatchObject([{ from: 0, to: inches(22) }]);
    expect(items.map((item) => [item.piece, item.orientations[0]?.onFold?.at, layersOf(item)])).toEqual([
      ['front', 0, 1],
      ['back', undefined, 2],
    ]);
  });

  test('folded to width the fold is as deep as what lies on it, and the rest stays single', () => {
    const tasks = layoutTasks([front, back, sleeve], cloth(60), 'width');
    expect(tasks.length).toBeGreaterThan(1);
    for (const { layout, items } of tasks) {
      const depth = layout.double[0]?.to ?? NaN;
      expect(depth).toBeGreaterThanOrEqual(inches(10));
      expect(layout.single).toMatchObject([{ from: depth, to: inches(59) - depth }]);
      // A piece cut on the fold is always on it; a pair is one outline on double cloth and two beside it.
      expect(items.filter(({ piece }) => piece === 'front')).toMatchObject([
        { orientations: [{ onFold: { at: 0 } }, { onFold: { at: 0 } }] },
      ]);
      for (const id of ['back', 'sleeve']) {
        const own = items.filter(({ piece }) => piece === id);
        expect(own.map(layersOf)).toEqual(own.length === 1 ? [2] : [1, 1]);
      }
    }
    // Each pair is tried both ways, and one of the depths is half the cloth, so that no half fold can be shorter.
    const counts = tasks.map(({ items }) => items.filter(({ piece }) => piece === 'back').length);
    expect(new Set(counts)).toEqual(new Set([1, 2]));
    expect(tasks.some(({ layout }) => layout.double[0]?.to === inches(29.5))).toBe(true);
  });

  test('by two folds a half-piece lies on either, its back to the selvedge that is folded in', () => {
    const tasks = layoutTasks([front, panel('skirt', 'fold', 9)], cloth(45), 'two');
    for (const { layout, items } of tasks) {
      const [left, right] = layout.creases;
      expect(left?.at).toBe(0);
      const orientations = items[0]?.orientations ?? [];
      expect(new Set(orientations.map(({ onFold }) => onFold?.at))).toEqual(new Set([0, right?.at]));
      for (const { onFold, from, to, state } of orientations) {
        const isLeft = onFold?.at === 0;
        expect(isLeft ? from : to).toBe(onFold?.at);
        // Drawn from its fold outwards; turned over where the fold is on its right.
        expect(state.x).toBe(isLeft ? 1 : -1);
      }
    }
    expect(tasks.length).toBeGreaterThan(0);
    expect(layoutTasks([panel('wide', 'fold', 12)], cloth(45), 'two')).toEqual([]);
  });

  test('folded in four one outline cuts four, and a half-piece on the fold two', () => {
    const { layout, items } = only(layoutTasks([twice(front), twice(sleeve)], cloth(45), 'four'));
    expect(items.map((item) => [item.piece, layersOf(item)])).toEqual([
      ['front', 2],
      ['sleeve', 4],
    ]);
    expect(openedLength(layout, 500)).toBe(1000);
    // What is wanted once would be cut twice.
    expect(layoutTasks([front, twice(sleeve)], cloth(45), 'four')).toEqual([]);
  });

  test('a cross fold keeps the full width, and one-way cloth is never folded across', () => {
    const { layout, items } = only(layoutTasks([panel('wide', 'pair', 40)], cloth(45), 'cross'));
    expect(layout.double).toMatchObject([{ from: 0, to: inches(44) }]);
    expect(items.map(layersOf)).toEqual([2]);
    for (const fold of ['cross', 'four'] as const)
      expect(layoutTasks([twice(sleeve)], cloth(45, { oneWay: true }), fold)).toEqual([]);
  });

  test('what does not fit across is not offered', () => {
    expect(layoutTasks([panel('wide', 'fold', 23)], cloth(45), 'half')).toEqual([]);
    expect(layoutTasks([panel('wide', 'fold', 23)], cloth(45), 'open')).toEqual([]);
    expect(layoutTasks([panel('whole', 'fold', 22)], cloth(45), 'open')).toHaveLength(1);
    expect(layoutTasks([panel('half', 'fold', 20)], cloth(45), 'half')).toHaveLength(1);
    // Nothing to fold for: a single piece alone has no use for a fold.
    expect(layoutTasks([], cloth(45), 'width')).toEqual([]);
  });

  test('the section says where the cloth is folded and what of it lies double', () => {
    const { layout } = only(layoutTasks([front, back], cloth(45), 'half'));
    expect(sectionOf(layout, cloth(45), 900)).toEqual({
      fold: 'half',
      from: 0,
      to: 900,
      foldLines: [inches(22.5)],
      doubled: [[expect.closeTo(inches(0.5), 9), expect.closeTo(inches(44.5), 9)]],
    });
    for (const fold of ['width', 'two'] as const)
      for (const task of layoutTasks([front, back], cloth(60), fold)) {
        const { foldLines, doubled } = sectionOf(task.layout, cloth(60), 500);
        expect(foldLines).toEqual(doubled.map(([from, to]) => expect.closeTo((from + to) / 2, 9)));
        expect(doubled[0]?.[0]).toBeCloseTo(inches(0.5), 9);
        if (fold === 'two') expect(doubled[1]?.[1]).toBeCloseTo(inches(59.5), 9);
      }
    const across = only(layoutTasks([twice(sleeve)], cloth(45), 'four'));
    expect(sectionOf(across.layout, cloth(45), 400)).toMatchObject({
      to: 800,
      foldLines: [inches(22.5), 400],
    });
  });
});

import { describe, expect, test } from '@jest/globals';
import { readCloths } from '../../formats/order/read-cloths.ts';
import { clothFileOf } from '../../formats/order/write-order.ts';
import { boxOf, moveRing } from '../../geometry/ring.ts';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { checkLay } from '../proof/check-lay.ts';
import type { Cloth } from '../model/cloth.ts';
import { moveOutline, pushTight, snappedMove } from '../hand/hand-lay.ts';
import type { Fold, Lay, LayWay } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { figuresAcross, pastFigure } from './on-figures.ts';
import { layObstacle, planForWork } from '../plan/plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';

/** Panels are drawn from their centre line out: it is their left side as drawn, and their right one mirrored or turned about. */
const pieces: readonly LayPiece[] = [
  samplePanel('front', 'fold', 9, 20),
  samplePanel('back', 'pair', 10, 20),
  samplePanel('sleeve', 'pair', 7, 12),
];
const striped = sampleCloth({ repeatAcross: inches(3) });
const taskOn = (cloth: Cloth, fold: LayWay): LayTask => ({
  pieces,
  cloth,
  fold,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
});
const laidOn = (cloth: Cloth, fold: LayWay): Lay => planForWork(taskOn(cloth, fold), 150);
const codes = (lay: Lay, cloth: Cloth) => [...new Set(checkLay(lay, pieces, cloth).map(({ code }) => code))];
/** Where the centre line of each placement lies across the cloth, read off its sides. */
const centres = ({ placements }: Lay): number[] =>
  placements.map(({ piece, polygon, mirrored, rotation }) => {
    const { minX, maxX } = boxOf(polygon);
    if (piece === 'front') return (minX + maxX) / 2;
    return mirrored === (rotation === 180) ? minX : maxX;
  });

describe('stripes across the cloth', () => {
  test.each(['open', 'half', 'width'] as const)(
    '%s: every centre line lies on one, on every layer',
    (fold: Fold) => {
      const lay = laidOn(striped, fold);
      expect(codes(lay, striped)).toEqual([]);
      for (const at of centres(lay)) {
        const count = (at - inches(22.5)) / inches(3);
        expect(Math.abs(count - Math.round(count)) * inches(3)).toBeLessThan(0.6);
      }
      // Without the stripes it is another lay, that does not match.
      expect(codes(laidOn(sampleCloth(), fold), { ...striped, repeatAcross: inches(2.9) })).toContain('off-the-figure'); // prettier-ignore
    },
  );

  test('where the fold cannot lie on one it is said; folded to width it is made to', () => {
    const off = { ...striped, figureAt: inches(0.7) };
    expect(layObstacle(taskOn(off, 'half'))?.code).toBe('fold-off-figure');
    const lay = laidOn(off, 'width');
    expect(codes(lay, off)).toEqual([]);
    const [fold = 0] = lay.sections[0]?.foldLines ?? [];
    expect(Math.abs(pastFigure(fold, { repeat: inches(3), at: inches(0.7) }))).toBeLessThan(0.2);
    for (const at of centres(lay)) expect(Math.abs(pastFigure(at, { repeat: inches(3), at: inches(0.7) }))).toBeLessThan(0.6); // prettier-ignore
  });

  test('a piece that is moved off is a fault; dragged, it goes from stripe to stripe', () => {
    const lay = laidOn(striped, 'open');
    const index = lay.placements.findIndex(({ piece }) => piece === 'sleeve');
    const off = { ...lay, placements: lay.placements.map((each, at) => (at === index ? { ...each, polygon: moveRing(each.polygon, 12, 0) } : each)) }; // prettier-ignore
    expect(codes(off, striped)).toContain('off-the-figure');
    const task = taskOn(striped, 'open');
    for (const across of [-130, 20, 50, 200]) {
      const way = snappedMove(lay, index, across, 0, 5, task);
      expect(Math.abs(way.across - across)).toBeLessThanOrEqual(inches(1.5) + 1e-6);
      expect(codes(moveOutline(lay, index, way.across, 0, task), striped)).not.toContain('off-the-figure');
    }
  });

  test('are kept to when everything is pushed tight; a matched level keeps its own too', () => {
    const both = { ...striped, repeat: inches(4), matched: true };
    const own = pieces.map((piece) => ({ ...piece, levels: { waist: 100 } }));
    const task = { ...taskOn(both, 'open'), pieces: own };
    const lay = planForWork(task, 60);
    const index = lay.placements.findIndex(({ piece }) => piece === 'sleeve');
    const apart = moveOutline(lay, index, 0, inches(40), task);
    expect(checkLay(pushTight(apart, new Set(), task), own, both)).toEqual([]);
    // Where only the stripes run across, pieces still come together along the cloth.
    const loose = moveOutline(laidOn(striped, 'open'), index, 0, inches(41), taskOn(striped, 'open'));
    const tight = pushTight(loose, new Set(), taskOn(striped, 'open'));
    expect(codes(tight, striped)).toEqual([]);
    expect(tight.length).toBeLessThan(loose.length - inches(20));
  });

  test('have a figure in the middle of the width unless one was measured to, and come back from their file', () => {
    expect(figuresAcross(striped)).toEqual({ repeat: inches(3), at: inches(22.5) });
    expect(figuresAcross(sampleCloth())).toBeUndefined();
    const back = readCloths([clothFileOf({ ...striped, figureAt: 40 })], 'in');
    expect(back.ok && back.value[0]).toMatchObject({ repeatAcross: inches(3), figureAt: 40 });
    const fields = [{ repeatAcross: 0.05 }, { repeatAcross: 3, figureAt: 50 }, { repeatAcross: 'wide' }].map(
      (change) => {
        const read = readCloths([{ role: 'outer', width: 45, ...change }], 'in');
        return read.ok ? undefined : read.fault.field;
      },
    );
    expect(fields).toEqual(['cloths.0.repeatAcross', 'cloths.0.figureAt', 'cloths.0.repeatAcross']);
  });
});

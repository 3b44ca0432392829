import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boxOf, moveRing, type Ring } from '../../geometry/ring.ts';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import { checkLay } from './check-lay.ts';
import { pushTight } from '../hand/hand-lay.ts';
import { planForWork } from '../plan/plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';
import { gapBetween, grownRing } from './spacing.ts';

const square: Ring = [
  { x: 0, y: 0 },
  { x: 100, y: 0 },
  { x: 100, y: 100 },
  { x: 0, y: 100 },
];
const fraying = sampleCloth({ width: 1500, spacing: 12 });
const taskOn = (cloth: LayTask['cloth'], fold: LayTask['fold']): LayTask => ({
  pieces: garmentPieces(9, 3).filter(({ cut }) => fold !== 'half' || cut.layers === 'pair'),
  cloth,
  fold,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
});

describe('room between pieces', () => {
  test('is measured from side to side and from corner to corner', () => {
    const gap = (dx: number, dy: number) => gapBetween(square, moveRing(square, dx, dy), 50);
    expect(gap(107, 0)).toBeCloseTo(7, 9);
    expect(gap(103, 104)).toBeCloseTo(5, 9);
    expect(gap(100, 40)).toBe(0);
    expect(gap(200, 0)).toBe(Infinity);
  });

  test('a grown ring holds all that is within its reach', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        (mm, angle) => {
          const box = boxOf(grownRing(square, mm));
          expect(box.minX).toBeCloseTo(-mm, 1);
          const [dx, dy] = [Math.cos(angle), Math.sin(angle)].map((part) => (160 + 2 * mm) * part);
          const beside = moveRing(square, dx ?? 0, dy ?? 0);
          const near = gapBetween(square, beside, 200);
          const grownNear = gapBetween(grownRing(square, mm / 2), grownRing(beside, mm / 2), 200);
          expect(grownNear).toBeLessThanOrEqual(near - mm + 0.1);
        },
      ),
      { seed: 4, numRuns: 100 },
    );
  });

  test.each(['open', 'width', 'half'] as const)(
    '%s: the search keeps it, in the first lay and later',
    (fold) => {
      for (const work of [1, 300]) {
        const task = taskOn(fraying, fold);
        expect(checkLay(planForWork(task, work), task.pieces, fraying)).toEqual([]);
      }
    },
  );

  test('a lay without it is found out, and costs less cloth', () => {
    const plain = taskOn({ ...fraying, spacing: 0 }, 'open');
    const lay = planForWork(plain, 400);
    expect(new Set(checkLay(lay, plain.pieces, fraying).map(({ code }) => code))).toEqual(
      new Set(['too-close']),
    );
    expect(lay.length).toBeLessThan(planForWork(taskOn(fraying, 'open'), 400).length);
  });

  test('a hand that pushes everything tight keeps it', () => {
    const task = taskOn(fraying, 'open');
    const tight = pushTight(planForWork(task, 1), new Set(), task);
    expect(checkLay(tight, task.pieces, fraying)).toEqual([]);
  });
});

import { describe, expect, test } from '@jest/globals';
import { boxOf, signedArea, type Ring } from '../../geometry/ring.ts';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { checkLay } from '../proof/check-lay.ts';
import type { Cloth, Panel } from './cloth.ts';
import { layObstacle, planForWork } from '../plan/plan-lay.ts';
import type { LayTask } from './lay-task.ts';
import type { LayPiece } from './layable.ts';
import { pocketsOf } from './obstacles.ts';
import type { Fold } from './lay.ts';
import { folds } from './lay.ts';

const taskOn = (cloth: Cloth, pieces: readonly LayPiece[], fold: Fold = 'open'): LayTask => ({
  pieces,
  cloth,
  fold,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
});
const codesOf = (lay: Parameters<typeof checkLay>[0], pieces: readonly LayPiece[], cloth: Cloth) =>
  new Set(checkLay(lay, pieces, cloth).map(({ code }) => code));

/** A leftover: a skirt was cut out of one side of it, and its end is slanted. */
const outline: Ring = [
  { x: 0, y: 0 },
  { x: 500, y: 0 },
  { x: 700, y: 600 },
  { x: 1500, y: 800 },
  { x: 1500, y: 3000 },
  { x: 0, y: 3500 },
];
const leftover = sampleCloth({ width: 1500, selvedge: 0, length: 3500, outline });

describe('a leftover of any outline', () => {
  const pieces = garmentPieces(9, 3);

  test('its pockets and itself make up the box around it, and none lies on it', () => {
    const box = boxOf(outline);
    const pockets = pocketsOf(leftover);
    expect(pockets).toHaveLength(2);
    const area = pockets.reduce((sum, ring) => sum + signedArea(ring), signedArea(outline));
    expect(area).toBeCloseTo((box.maxX - box.minX) * (box.maxY - box.minY), -2);
    expect(pocketsOf({ ...leftover, outline: undefined })).toEqual([]);
  });

  test('one that reaches neither edge has no cloth beside it either, and is laid on', () => {
    const small = outline.map(({ x, y }) => ({ x: 120 + x, y: 200 + y }));
    const cloth = sampleCloth({ width: 1700, selvedge: 0, length: 4000, outline: small });
    const pockets = pocketsOf(cloth);
    const area = pockets.reduce((sum, ring) => sum + signedArea(ring), signedArea(small));
    expect(area).toBeCloseTo(1700 * 4000, -2);
    const lay = planForWork(taskOn(cloth, pieces), 300);
    expect(checkLay(lay, pieces, cloth)).toEqual([]);
    expect(Math.min(...lay.placements.map(({ polygon }) => boxOf(polygon).minY))).toBeGreaterThanOrEqual(200);
  });

  test.each(['open', 'width', 'half'] as const)(
    '%s: everything lies on the cloth that there is, on any layer',
    (fold) => {
      const own = pieces.filter(({ cut }) => fold !== 'half' || cut.layers === 'pair');
      const lay = planForWork(taskOn(leftover, own, fold), 600);
      expect(checkLay(lay, own, leftover)).toEqual([]);
    },
  );

  test('a lay of straight cloth is found out', () => {
    const straight = { ...leftover };
    delete (straight as { outline?: Ring }).outline;
    const lay = planForWork(taskOn(straight, pieces), 300);
    expect(codesOf(lay, pieces, leftover)).toEqual(new Set(['off-the-cloth']));
  });

  test('a flaw past the end of the lay keeps nothing from being short', () => {
    const pair = [samplePanel('back', 'pair', 10, 20)];
    const flawed = sampleCloth({ flaws: [{ from: 3000, to: 3100, left: 200, right: 900 }] });
    expect(planForWork(taskOn(flawed, pair), 50).length).toBeLessThan(inches(20) + 1);
  });
});

describe('a panel', () => {
  const front = samplePanel('front', 'fold', 9, 22);
  const pieces = [front, samplePanel('back', 'pair', 10, 22), samplePanel('sleeve', 'pair', 8, 16)];
  const panel: Panel = {
    from: inches(4),
    to: inches(28),
    left: inches(12),
    right: inches(32),
    piece: 'front',
  };
  const worked = sampleCloth({ panels: [panel] });

  test('carries its piece, middle on middle, and nothing else', () => {
    const lay = planForWork(taskOn(worked, pieces), 100);
    expect(checkLay(lay, pieces, worked)).toEqual([]);
    const box = boxOf(lay.placements.find(({ piece }) => piece === 'front')?.polygon ?? []);
    expect((box.minX + box.maxX) / 2).toBeCloseTo(inches(22), 3);
    expect(box.minY).toBeGreaterThanOrEqual(panel.from);
    expect(box.maxY).toBeLessThanOrEqual(panel.to);
  });

  test('the search goes on though a piece is held on what keeps the others away', () => {
    const many = [front, ...garmentPieces(9, 3).map((piece) => ({ ...piece, id: `other-${piece.id}` }))];
    const [first, lay] = [1, 400].map((work) => planForWork(taskOn(worked, many), work));
    if (!first || !lay) throw new Error('no lay');
    expect(checkLay(first, many, worked)).toEqual([]);
    expect(checkLay(lay, many, worked)).toEqual([]);
    expect(lay.length).toBeLessThan(0.98 * first.length);
  });

  test('lies on the fold where the motif’s middle does, and not where it does not', () => {
    const middle = worked.width / 2;
    const centred = sampleCloth({ panels: [{ ...panel, left: middle - 250, right: middle + 250 }] });
    const lay = planForWork(taskOn(centred, pieces, 'half'), 200);
    expect(checkLay(lay, pieces, centred)).toEqual([]);
    expect(lay.placements.find(({ piece }) => piece === 'front')?.onFold).toBe(true);
    expect(layObstacle(taskOn(worked, pieces, 'half'))).toMatchObject({ code: 'panel-not-kept' });
    for (const fold of folds) {
      const task = taskOn(worked, pieces, fold);
      if (!layObstacle(task)) expect(checkLay(planForWork(task, 60), pieces, worked)).toEqual([]);
    }
  });

  test('a piece beside it, or another on it, is found out', () => {
    const lay = planForWork(taskOn(sampleCloth(), pieces), 200);
    const found = codesOf(lay, pieces, worked);
    expect(found).toContain('on-a-panel');
    expect(found).toContain('off-its-panel');
  });

  test('too short for its piece it is said before anything is planned', () => {
    const short = sampleCloth({ panels: [{ ...panel, to: inches(20) }] });
    expect(layObstacle(taskOn(short, pieces))).toMatchObject({ code: 'panel-not-kept', severity: 'stop' });
    // Of a piece that the garment does not have only its place is kept.
    const other = sampleCloth({ panels: [{ ...panel, piece: 'train' }] });
    expect(checkLay(planForWork(taskOn(other, pieces), 100), pieces, other)).toEqual([]);
  });
});

import { describe, expect, test } from '@jest/globals';
import { boxOf } from '../../geometry/ring.ts';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { checkLay } from '../proof/check-lay.ts';
import {
  canTurnOver,
  halfTurnOutline,
  isMovable,
  moveOutline,
  pushTight,
  snappedMove,
  turnOver,
} from './hand-lay.ts';
import type { Fold, Lay } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { planForWork, planLay } from '../plan/plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';

const cloth = sampleCloth();
const measuring = { cloth, shrinkPercent: 0, buyIn: 'yd' } as const;
const front = samplePanel('front', 'fold', 10, 20);
const back = samplePanel('back', 'pair', 9, 20);
const sleeve = samplePanel('sleeve', 'pair', 6, 12);
const pieces = [front, back, sleeve];
const task = (fold: Fold, laid: readonly LayPiece[] = pieces): LayTask => ({
  pieces: laid,
  fold,
  seed: 1,
  ...measuring,
});
const plan = (fold: Fold): Lay => planForWork(task(fold), 200);
const indexOf = ({ placements }: Lay, piece: string, copy = 0): number =>
  placements.findIndex((placement) => placement.piece === piece && placement.copy === copy);
const boxAt = (lay: Lay, piece: string, copy = 0) =>
  boxOf(lay.placements[indexOf(lay, piece, copy)]?.polygon ?? []);
const faults = (lay: Lay) => checkLay(lay, pieces, cloth).map(({ code }) => code);

describe('outlines moved by hand', () => {
  test('on folded cloth the other hand goes along, mirrored in the fold', () => {
    const lay = plan('half');
    const moved = moveOutline(lay, indexOf(lay, 'back'), -7, 40, measuring);
    expect(boxAt(moved, 'back').minX).toBeCloseTo(boxAt(lay, 'back').minX - 7, 9);
    expect(boxAt(moved, 'back', 1).minX).toBeCloseTo(boxAt(lay, 'back', 1).minX + 7, 9);
    for (const copy of [0, 1])
      expect(boxAt(moved, 'back', copy).minY).toBeCloseTo(boxAt(lay, 'back', copy).minY + 40, 9);
    expect(faults(moved)).not.toContain('not-on-double-cloth');
  });

  test('on open cloth each copy is moved by itself', () => {
    const lay = plan('open');
    const moved = moveOutline(lay, indexOf(lay, 'back'), 3, 5, measuring);
    expect(boxAt(moved, 'back', 1)).toEqual(boxAt(lay, 'back', 1));
  });

  test('a half-piece stays on its fold', () => {
    const lay = plan('half');
    const moved = moveOutline(lay, indexOf(lay, 'front'), 50, 300, measuring);
    expect(boxAt(moved, 'front').minX).toBeCloseTo(boxAt(lay, 'front').minX, 9);
    expect(faults(moved)).not.toContain('off-the-fold');
  });

  test('length, what to buy and how much is used follow', () => {
    const lay = plan('open');
    const moved = moveOutline(lay, indexOf(lay, 'sleeve'), 0, 2 * lay.length, measuring);
    expect(moved.length).toBeCloseTo(boxAt(moved, 'sleeve').maxY, 9);
    expect(moved.sections.at(-1)?.to).toBe(moved.length);
    expect(moved.buy.amount).toBeGreaterThan(lay.buy.amount);
    expect(moved.utilisation * moved.length).toBeCloseTo(lay.utilisation * lay.length, 6);
    expect(faults(moved)).toEqual([]);
  });

  test('moved onto another it is a fault of the lay, and moved back it is none', () => {
    const lay = plan('open');
    const [a, b] = [boxAt(lay, 'back'), boxAt(lay, 'front')];
    const onto = moveOutline(lay, indexOf(lay, 'back'), b.minX - a.minX, b.minY - a.minY, measuring);
    expect(faults(onto)).toContain('overlap');
    const home = moveOutline(onto, indexOf(lay, 'back'), a.minX - b.minX, a.minY - b.minY, measuring);
    expect(faults(home)).toEqual([]);
  });

  test('half turned it keeps its place and its outline; so it does turned over with its other hand', () => {
    const lay = planForWork(
      task(
        'half',
        garmentPieces(9, 1).filter(({ cut }) => cut.layers === 'pair'),
      ),
      60,
    );
    const laid = garmentPieces(9, 1).filter(({ cut }) => cut.layers === 'pair');
    const codes = (each: Lay) => checkLay(each, laid, cloth).map(({ code }) => code).filter((code) => code !== 'overlap'); // prettier-ignore
    lay.placements.forEach((placement, index) => {
      const turned = halfTurnOutline(lay, index, measuring);
      expect(codes(turned)).toEqual([]);
      expect(turned.placements[index]?.rotation).not.toBe(placement.rotation);
      const over = turnOver(lay, index, measuring);
      expect([canTurnOver(lay, index, laid), codes(over)]).toEqual([true, []]);
      expect(boxOf(over.placements[index]?.polygon ?? []).minX).toBeCloseTo(boxOf(placement.polygon).minX, 6);
    });
    const open = plan('open');
    expect(canTurnOver(open, indexOf(open, 'back'), pieces)).toBe(false);
  });

  test('a move snaps to what is near, and to nothing that is not', () => {
    const lay = plan('open');
    const index = indexOf(lay, 'sleeve');
    const { minX } = boxAt(lay, 'sleeve');
    const toEdge = lay.usable[0] - minX;
    expect(snappedMove(lay, index, toEdge + 4, 0, 6, task('open')).across).toBeCloseTo(toEdge, 9);
    expect(snappedMove(lay, index, 10_000, 10_000, 6, task('open'))).toEqual({
      across: 10_000,
      along: 10_000,
    });
  });

  test('pushed tight what was pulled apart touches again; what is held stays', () => {
    for (const fold of ['open', 'half', 'width'] as const) {
      const lay = plan(fold);
      const apart = lay.placements.reduce(
        (loose, _, index) => moveOutline(loose, index, 0, (150 * index) / 2, measuring),
        lay,
      );
      const tight = pushTight(apart, new Set(), task(fold));
      expect([fold, faults(tight)]).toEqual([fold, []]);
      expect(tight.length).toBeLessThan(lay.length + 2);
      const held = indexOf(apart, 'front');
      expect(boxAt(pushTight(apart, new Set([held]), task(fold)), 'front')).toEqual(boxAt(apart, 'front'));
    }
  });

  test('cloth that is folded across is not moved by hand', () => {
    const twice = { ...sleeve, cut: { copies: 4, layers: 'pair' } } as const;
    expect(isMovable(planForWork(task('four', [twice]), 1))).toBe(false);
    expect(isMovable(plan('width'))).toBe(true);
  });
});

describe('what is held, and the rest laid around it', () => {
  test.each(['open', 'half', 'width'] as const)('%s: it stays where it is, and the lay is proved', (fold) => {
    const lay = plan(fold);
    const first = indexOf(lay, 'front');
    const moved = moveOutline(lay, first, fold === 'open' ? 120 : 0, inches(14), measuring);
    const placements = moved.placements.filter((_, index) => index === first);
    let last = moved;
    for (const step of planLay({ ...task(fold), holding: { lay: moved, placements } })) {
      last = step.lay;
      if (step.improved) expect(faults(step.lay)).toEqual([]);
      if (step.work > 250) break;
    }
    const [held, now] = [boxAt(moved, 'front'), boxAt(last, 'front')];
    for (const side of ['minX', 'maxX', 'minY', 'maxY'] as const)
      expect(now[side]).toBeCloseTo(held[side], 1);
  });

  test('of a lay that is folded otherwise nothing can be held', () => {
    const lay = plan('half');
    const holding = { lay, placements: lay.placements.slice(0, 1) };
    expect(() => planForWork({ ...task('open'), holding }, 1)).toThrow('nothing to search');
  });
});

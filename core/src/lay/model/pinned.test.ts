import { describe, expect, test } from '@jest/globals';
import { chalkLaid } from '../../chalk/chalk-piece.ts';
import { readCloths } from '../../formats/order/read-cloths.ts';
import { clothFileOf } from '../../formats/order/write-order.ts';
import { boxOf, moveRing } from '../../geometry/ring.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { findingWords } from '../../words/finding-words.ts';
import { layFaultWords } from '../../words/lay-fault-words.ts';
import { markWords } from '../../words/mark-words.ts';
import { checkLay } from '../proof/check-lay.ts';
import type { Cloth } from './cloth.ts';
import { folds, type Lay, type LayWay } from './lay.ts';
import { layPiecesOn } from './layable.ts';
import { noFitCache } from '../no-fit/no-fit-cache.ts';
import { cutWith, pinnedOf, spanOver } from './pinned.ts';
import { layObstacle, planForWork } from '../plan/plan-lay.ts';
import type { LayTask } from './lay-task.ts';
import { waistcoat } from '../../styles/waistcoat.ts';
import { recipeOf } from '../../styles/recipe-book.ts';

const drafted = recipeOf(waistcoat).draft(draftInput(middleBody)).pieces;
const outer = sampleCloth({ width: inches(54) });
const lining = sampleCloth({ role: 'lining', width: inches(54), under: 'outer' });
const cache = noFitCache();

const taskOn = (cloth: Cloth, fold: LayWay, lays: readonly Lay[]): LayTask => ({
  pieces: layPiecesOn(cloth, drafted, {
    cloths: [outer, cloth],
    lays: Object.fromEntries(lays.map((lay) => [lay.role, lay])),
  }),
  cloth,
  fold,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
});
const laid = (cloth: Cloth, fold: LayWay, lays: readonly Lay[] = []): Lay =>
  planForWork(taskOn(cloth, fold, lays), 40, cache);

const pairs = drafted.flatMap((each) => {
  const above = each.piece.role === 'lining' ? cutWith(each, 'outer', drafted) : undefined;
  return above ? [{ own: each.piece, above: above.piece }] : [];
});

describe('a lining pinned under its outer cloth', () => {
  test('has pieces that are cut with those above, and others that are not', () => {
    expect(pairs.length).toBeGreaterThan(1);
    expect(cutWith(drafted[0]!, 'outer', drafted)).toBeUndefined();
  });

  test.each(['open', 'half', 'width'] as const)('lies as they do, laid %s, and is proved', (fold) => {
    const above = laid(outer, fold);
    const task = taskOn(lining, fold, [above]);
    const under = laid(lining, fold, [above]);
    expect(checkLay(under, task.pieces, lining)).toEqual([]);
    const { from: start = NaN } = pinnedOf(task.pieces) ?? {};
    for (const { own, above: template } of pairs) {
      const there = above.placements
        .filter(({ piece }) => piece === template.id)
        .map(({ polygon }) => boxOf(polygon));
      const here = under.placements
        .filter(({ piece }) => piece === own.id)
        .map(({ polygon }) => boxOf(polygon));
      expect(here).toHaveLength(own.cut.copies);
      for (const box of here)
        expect(
          there.some((each) => Math.hypot(each.minX - box.minX, each.minY - start - box.minY) < 0.03),
        ).toBe(true);
    }
  });

  test('folded in half on cloth of another width its fold lies under the fold above', () => {
    const wider = { ...lining, width: inches(60) };
    const above = laid(outer, 'half');
    const under = laid(wider, 'half', [above]);
    const { pieces } = taskOn(wider, 'half', [above]);
    expect(checkLay(under, pieces, wider)).toEqual([]);
    const from = (lay: Lay, width: number, id: string) =>
      boxOf(lay.placements.find(({ piece }) => piece === id)?.polygon ?? []).minX - width / 2;
    const [pair] = pairs;
    expect(from(under, wider.width, pair?.own.id ?? '')).toBeCloseTo(
      from(above, outer.width, pair?.above.id ?? ''),
      1,
    );
  });

  test('starts where the first of what is cut through both does', () => {
    const above = laid(outer, 'open');
    const late = {
      ...above,
      length: above.length + 300,
      placements: above.placements.map((each) => ({ ...each, polygon: moveRing(each.polygon, 0, 300) })),
    };
    const { pieces } = taskOn(lining, 'open', [late]);
    expect(pinnedOf(pieces)?.from).toBeGreaterThanOrEqual(300);
    const under = laid(lining, 'open', [late]);
    expect(checkLay(under, pieces, lining)).toEqual([]);
    expect(Math.min(...under.placements.map(({ polygon }) => boxOf(polygon).minY))).toBeCloseTo(0, 1);
  });

  test('keeps what is cut through both within its own width, where it is the narrower', () => {
    const narrow = { ...lining, width: inches(44) };
    for (const fold of ['open', 'half'] as const) {
      const task = taskOn(outer, fold, []);
      const pieces = layPiecesOn(outer, drafted, { cloths: [outer, narrow], lays: {} });
      const above = planForWork({ ...task, pieces }, 40, cache);
      const under = { ...taskOn(narrow, fold, [above]), cloth: narrow };
      expect(layObstacle(under)).toBeUndefined();
      const lay = planForWork(under, 40, cache);
      expect(checkLay(lay, under.pieces, narrow)).toEqual([]);
      const [left, right] = spanOver(narrow, outer.width, fold);
      for (const { polygon, piece } of above.placements.filter(({ piece }) =>
        pairs.some(({ above: { id } }) => id === piece),
      )) {
        // prettier-ignore
        const { minX, maxX } = boxOf(polygon);
        expect([piece, minX >= left - 0.02, maxX <= right + 0.02]).toEqual([piece, true, true]);
      }
    }
    const strip = { ...lining, width: inches(12) };
    const pieces = layPiecesOn(outer, drafted, { cloths: [outer, strip], lays: {} });
    const obstacle = layObstacle({ ...taskOn(outer, 'open', []), pieces });
    expect(obstacle && findingWords(obstacle, 'in').message).toMatch(/too narrow for a piece that is cut through both/); // prettier-ignore
  });

  test('is faulty once it lies elsewhere than what it is cut with', () => {
    const [first, second] = [
      laid(outer, 'open'),
      planForWork({ ...taskOn(outer, 'open', []), seed: 5 }, 90, cache),
    ];
    const under = laid(lining, 'open', [first]);
    const faults = checkLay(under, taskOn(lining, 'open', [second]).pieces, lining);
    expect(faults.map(({ code }) => code)).toContain('off-its-pins');
    // With no lay above it there is nothing that it could be cut with.
    const alone = checkLay(under, taskOn(lining, 'open', []).pieces, lining);
    expect(new Set(alone.map(({ code }) => code))).toEqual(new Set(['off-its-pins']));
    expect(layFaultWords(faults.find(({ code }) => code === 'off-its-pins')!, 'in')).toMatch(/does not lie under what it is cut with/); // prettier-ignore
  });

  test('says what to do first where the cloth above has no plan, another fold, or is too wide', () => {
    const said = (cloth: Cloth, fold: LayWay, lays: readonly Lay[]) => {
      const obstacle = layObstacle(taskOn(cloth, fold, lays));
      return obstacle && findingWords(obstacle, 'in');
    };
    expect(said(lining, 'open', [])?.remedy).toBe('Take a plan of the outer first.');
    const open = laid(outer, 'open');
    expect(said(lining, 'open', [open])).toBeUndefined();
    for (const fold of [...folds.filter((each) => each !== 'open'), 'mixed'] as const)
      expect(said(lining, fold, [open])?.message).toMatch(/folded as that is/);
    expect(said({ ...lining, width: inches(30) }, 'open', [open])?.message).toMatch(/beyond the edge/);
    expect(said(lining, 'mixed', [{ ...open, fold: 'mixed' }])?.message).toMatch(
      /folded across or folded again/,
    );
  });

  test('is not chalked: it is cut through both, and trimmed', () => {
    const above = laid(outer, 'open');
    const lays = [above, laid(lining, 'open', [above])];
    const marks = (under: Cloth) =>
      chalkLaid(drafted, { startLine: 'stitch', line: 'stitch' }, lays, [outer, under]).filter(
        ({ piece }) => piece === pairs[0]?.own.id,
      );
    expect(marks(lining).map(({ kind }) => kind)).toEqual(['trace', 'label']);
    expect(markWords(marks(lining)[0]!, 'in').title).toMatch(/^With the /);
    const alone = sampleCloth({ role: 'lining', width: inches(54) });
    expect(marks(alone)[0]?.kind).toBe('place');
  });

  test('is kept in the order file, and refused under what is not there or pinned itself', () => {
    const files = [outer, lining].map(clothFileOf);
    expect(readCloths(files, 'in')).toEqual({ ok: true, value: [outer, lining] });
    const alone = readCloths([clothFileOf(lining)], 'in');
    expect(alone).toMatchObject({ ok: false, fault: { field: 'cloths.0.under' } });
    const stay = { ...clothFileOf(lining), role: 'stay' as const, under: 'lining' as const };
    expect(readCloths([...files, stay], 'in')).toMatchObject({
      ok: false,
      fault: { field: 'cloths.2.under' },
    });
  });
});

import { describe, expect, test } from '@jest/globals';
import { readCloths } from '../../formats/order/read-cloths.ts';
import { clothFileOf } from '../../formats/order/write-order.ts';
import { readPieces } from '../../formats/pieces/read-pieces.ts';
import { point } from '../../geometry/point.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { layFaultWords } from '../../words/lay-fault-words.ts';
import { checkLay } from '../proof/check-lay.ts';
import { canTurnOver, turnOver } from './hand-lay.ts';
import type { Fold } from '../model/lay.ts';
import { layPiecesOn, type LayPiece } from '../model/layable.ts';
import { layObstacle, planForWork } from '../plan/plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';
import { plainBodice } from '../../styles/plain-bodice.ts';
import { recipeOf } from '../../styles/recipe-book.ts';

const cloth = sampleCloth({ width: inches(21), selvedge: inches(0.5) });
/** Half of a rectangle 20 × 30 in, cut from corner to corner: with its own half turn it fills it, with its mirror it does not. */
const wedge = (copies: number, layers: 'single' | 'pair', eitherFace: boolean): LayPiece => ({
  id: 'wedge',
  cut: { copies, layers },
  outline: [point(0, 0), point(inches(19.9), 0), point(0, inches(30))],
  ...(eitherFace ? { eitherFace } : {}),
});
const task = (piece: LayPiece, fold: Fold = 'open', on = cloth): LayTask => ({
  pieces: [piece],
  cloth: on,
  fold,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
});

describe('cloth that is alike on both sides', () => {
  test('gives a pair from one rectangle, where a face that shows needs more', () => {
    const faced = planForWork(task(wedge(2, 'pair', false)), 300);
    const either = planForWork(task(wedge(2, 'pair', true)), 300);
    expect(either.length).toBeLessThan(inches(30.4));
    expect(faced.length).toBeGreaterThan(inches(40));
    expect(checkLay(either, [wedge(2, 'pair', true)], cloth)).toEqual([]);
    // The same lay on cloth with a face has two of one hand.
    const codes = checkLay(either, [wedge(2, 'pair', false)], cloth).map(({ code }) => code);
    expect(codes).toEqual(['not-mirrored-in-pairs']);
  });

  test('cuts two single ones at once where it is folded, and a hand may turn one over', () => {
    const wide = sampleCloth();
    expect(layObstacle(task(wedge(2, 'single', false), 'half', wide))?.code).toBe('fold-cuts-too-many');
    const piece = wedge(2, 'single', true);
    const folded = planForWork(task(piece, 'half', wide), 20);
    expect(checkLay(folded, [piece], wide)).toEqual([]);
    const open = planForWork(task(piece, 'open', wide), 20);
    expect([canTurnOver(open, 0, [piece]), canTurnOver(open, 0, [wedge(2, 'single', false)])]).toEqual([
      true,
      false,
    ]);
    const over = turnOver(open, 0, task(piece, 'open', wide));
    expect(over.placements[0]?.mirrored).not.toBe(open.placements[0]?.mirrored);
    const faults = checkLay(
      { ...over, placements: over.placements.map((each) => ({ ...each })) },
      [piece],
      wide,
    );
    expect(faults.map(({ code }) => code).filter((code) => code !== 'overlap')).toEqual([]);
  });

  test('elsewhere a single piece that is turned over is of the wrong hand, unless it has none', () => {
    const piece = wedge(1, 'single', false);
    const lay = planForWork(task(piece), 10);
    const over = turnOver(lay, 0, task(piece));
    const [fault] = checkLay(over, [piece], cloth);
    expect(fault?.code).toBe('of-the-wrong-hand');
    expect(layFaultWords(fault!, 'in')).toMatch(/turned over/);
    const even: LayPiece = { ...piece, outline: [point(-200, 0), point(200, 0), point(0, 300)] };
    const laid = planForWork(task(even), 10);
    expect(checkLay(turnOver(laid, 0, task(even)), [even], cloth)).toEqual([]);
  });

  test('is said in both kinds of file, and holds for all pieces but what is cut through two cloths', () => {
    const both = sampleCloth({ bothSides: true });
    expect(readCloths([clothFileOf(both)], 'in')).toEqual({ ok: true, value: [both] });
    const { pieces } = recipeOf(plainBodice).draft(draftInput(middleBody));
    expect(layPiecesOn(both, pieces).every(({ eitherFace }) => eitherFace)).toBe(true);
    expect(layPiecesOn(sampleCloth(), pieces).some(({ eitherFace }) => eitherFace)).toBe(false);
    const file = { format: 'ample-bolt/pieces', version: 1, unit: 'cm', width: 60, bothSides: true, pieces: [{ name: 'wedge', polygon: [[0, 0], [50, 0], [0, 70]], count: 2 }] }; // prettier-ignore
    const read = readPieces(file);
    expect(read.ok && [read.value.cloth.bothSides, read.value.pieces[0]?.eitherFace]).toEqual([true, true]);
  });
});

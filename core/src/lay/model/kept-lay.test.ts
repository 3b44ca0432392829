import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ringGap } from '../../geometry/distance-to-ring.ts';
import { layPiecesOn } from './layable.ts';
import { keptLay, laidLay } from './kept-lay.ts';
import type { Lay } from './lay.ts';
import { planForWork } from '../plan/plan-lay.ts';
import { checkKept } from '../proof/check-kept.ts';
import { dealtOut, numberedPieces } from '../buy/together.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { inches } from '../../units/length.ts';
import type { ChoiceValues } from '../../garment/choice.ts';
import type { LayManner } from './lay-manner.ts';

const cloth = sampleCloth({ width: inches(60) });
const piecesOf = (choices: ChoiceValues = {}) =>
  recipeOf(fittedDress).draft(draftInput(middleBody, choices)).pieces;
const drafted = piecesOf();
const taskOn = (own = cloth, pieces = layPiecesOn(own, drafted)) => ({
  pieces,
  cloth: own,
  fold: 'half' as const,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd' as const,
});

/** The greatest distance between outlines of two lays, mm. */
const apart = (a: Lay, b: Lay): number =>
  Math.max(
    ...a.placements.map(({ polygon }, index) => {
      const other = b.placements[index]?.polygon;
      return other ? Math.max(ringGap(polygon, other), ringGap(other, polygon)) : Infinity;
    }),
  );

describe('a kept lay', () => {
  const manners: readonly LayManner[] = ['grain', 'bias', 'crosswise', 'block'];
  test.each(manners)('lies as it was laid, with %s', (manner) => {
    const own = { ...cloth, manners: ['bodice-front', 'skirt-back'].map((piece) => ({ piece, manner })) };
    const task = { ...taskOn(own), fold: 'open' as const };
    const lay = planForWork(task, 1);
    // As it comes back from the database.
    const kept = JSON.parse(JSON.stringify(keptLay(lay))) as ReturnType<typeof keptLay>;
    expect(apart(lay, laidLay(kept, task.pieces))).toBeLessThan(1e-6);
    expect(checkKept(kept, task.pieces, own)).toEqual([]);
    expect(JSON.stringify(kept).length * 8).toBeLessThan(JSON.stringify(lay).length);
  });

  test('on double cloth has both layers again', () => {
    const task = taskOn();
    const lay = planForWork(task, 1);
    expect(apart(lay, laidLay(keptLay(lay), task.pieces))).toBeLessThan(1e-6);
    expect(checkKept(keptLay(lay), task.pieces, cloth)).toEqual([]);
  });

  test('no longer holds once a piece is drawn otherwise, however little, though all should still lie apart', () => {
    const roomy = planForWork(taskOn(), 1);
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 20, noNaN: true }), (shorter) => {
        const before = recipeOf(fittedDress).chosen(draftInput(middleBody));
        const length = Number(before.length) - shorter;
        const pieces = layPiecesOn(cloth, piecesOf({ length }));
        const codes = new Set(checkKept(keptLay(roomy), pieces, cloth).map(({ code }) => code));
        expect(codes).toContain('not-the-outline');
      }),
      { numRuns: 8 },
    );
    const without = layPiecesOn(cloth, drafted).filter(({ id }) => id !== 'skirt-back');
    expect(checkKept(keptLay(roomy), without, cloth)).toEqual([
      { code: 'unknown-piece', pieces: ['skirt-back'] },
    ]);
  });

  test('of two tickets has the other one as it was laid, whatever that is drafted like now', () => {
    const own = layPiecesOn(cloth, drafted);
    const theirs = numberedPieces(7, own);
    const whole = planForWork({ ...taskOn(), fold: 'open', pieces: [...own, ...theirs] }, 1);
    const [first] = dealtOut(whole, { id: 'a', number: 3 }, [{ id: 'b', number: 7 }]);
    if (!first) throw new Error('not dealt out');
    const again = laidLay(keptLay(first.lay), own);
    const beside = (lay: Lay): Lay => ({ ...lay, placements: lay.beside?.[0]?.placements ?? [] });
    expect(beside(again).placements).toHaveLength(own.reduce((sum, { cut }) => sum + cut.copies, 0));
    expect(apart(beside(first.lay), beside(again))).toBeLessThan(1e-6);
  });
});

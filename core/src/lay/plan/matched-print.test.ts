import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boxOf } from '../../geometry/ring.ts';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import { checkLay } from '../proof/check-lay.ts';
import { moveOutline, snappedMove } from '../hand/hand-lay.ts';
import type { Fold, Lay } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
import { figureStart, matchedLevels } from '../model/matched-levels.ts';
import { layObstacle, planForWork } from './plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';
import { inPhase } from '../search/strip.ts';

/** Every piece but the smallest has a waist line, each at a height of its own. */
const pieces: readonly LayPiece[] = garmentPieces(9, 3).map((piece, index, all) => {
  const { minY, maxY } = boxOf(piece.outline);
  return index === all.length - 1
    ? piece
    : { ...piece, levels: { waist: minY + (0.2 + 0.09 * index) * (maxY - minY) } };
});
const striped = sampleCloth({ width: 1500, repeat: 110, matched: true });
const taskOf = (fold: Fold, cloth = striped, own = pieces): LayTask => ({
  pieces: own,
  cloth,
  fold,
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
});
const foldable = (fold: Fold) =>
  fold === 'half' ? pieces.filter(({ cut }) => cut.layers === 'pair') : pieces;
const codesOf = (lay: Lay, own: readonly LayPiece[]) => checkLay(lay, own, striped).map(({ code }) => code);

/** The level of a placement on the cloth, found by hand: a mark on the outline, turned as the placement says. */
function levelOf({ placements }: Lay, piece: LayPiece, copy: number): number {
  const placement = placements.find((each) => each.piece === piece.id && each.copy === copy);
  if (!placement) throw new Error('not laid');
  const { minY, maxY } = boxOf(piece.outline);
  const level = piece.levels?.waist ?? NaN;
  const box = boxOf(placement.polygon);
  return placement.rotation === 0 ? box.minY + level - minY : box.minY + maxY - level;
}

describe('a print that is matched around the body', () => {
  test.each(['open', 'width', 'half'] as const)(
    '%s: levels lie whole repeats apart, in the first lay and after a search',
    (fold) => {
      const own = foldable(fold);
      const lengths = [1, 400].map((work) => {
        const lay = planForWork(taskOf(fold, striped, own), work);
        expect(checkLay(lay, own, striped)).toEqual([]);
        const levels = own
          .filter(({ levels: known }) => known !== undefined)
          .flatMap((piece) =>
            Array.from({ length: piece.cut.copies }, (_, copy) => levelOf(lay, piece, copy)),
          );
        const [first = NaN] = levels;
        expect(levels.length).toBeGreaterThan(3);
        // The print is drawn where it comes: from the first level by whole repeats.
        const drawn = ((figureStart(lay, own, striped) ?? NaN) - first) / 110;
        expect(Math.abs(drawn - Math.round(drawn)) * 110).toBeLessThan(0.5);
        for (const level of levels) {
          const repeats = (level - first) / 110;
          expect(Math.abs(repeats - Math.round(repeats)) * 110).toBeLessThan(0.5);
        }
        return lay.length;
      });
      expect(lengths[1]).toBeLessThanOrEqual(lengths[0] ?? NaN);
    },
  );

  test('costs cloth, and is asked for: without it the same pieces lie shorter', () => {
    const plain = planForWork(taskOf('open', { ...striped, matched: false }), 400);
    expect(plain.length).toBeLessThan(planForWork(taskOf('open'), 400).length);
    expect(codesOf(plain, pieces)).toContain('off-the-repeat');
  });

  test('a piece that a hand moved by half a repeat is found out, by a whole one is not', () => {
    const lay = planForWork(taskOf('open'), 50);
    const last = lay.placements.reduce((far, { polygon }, index) => {
      const isFarther = boxOf(polygon).maxY > boxOf(lay.placements[far]?.polygon ?? []).maxY;
      return isFarther ? index : far;
    }, 0);
    const moved = (mm: number) => codesOf(moveOutline(lay, last, 0, mm, taskOf('open')), pieces);
    expect(new Set(moved(55))).toEqual(new Set(['off-the-repeat']));
    expect(moved(110)).toEqual([]);
  });

  test('around a piece that a hand locked the rest is laid in its phase', () => {
    const lay = planForWork(taskOf('open'), 50);
    const index = lay.placements.findIndex(({ piece }) => piece === pieces[0]?.id);
    // The hand moved all of it by a part of a repeat: matched still, but not where the search would have begun.
    const measuring = taskOf('open');
    const moved = lay.placements.reduce((before, _, at) => moveOutline(before, at, 0, 37, measuring), lay);
    const placement = moved.placements[index];
    if (!placement) throw new Error('no such placement');
    expect(codesOf(moved, pieces)).toEqual([]);
    const held = { ...measuring, holding: { lay: moved, placements: [placement] } };
    for (const work of [1, 200]) {
      const around = planForWork(held, work);
      expect(codesOf(around, pieces)).toEqual([]);
      const kept = around.placements.find(
        ({ piece, copy }) => piece === placement.piece && copy === placement.copy,
      );
      expect(boxOf(kept?.polygon ?? []).minY).toBeCloseTo(boxOf(placement.polygon).minY, 1);
    }
  });

  test.each(['open', 'half'] as const)('%s: dragged by hand, a piece goes from figure to figure', (fold) => {
    const own = foldable(fold);
    const lay = planForWork(taskOf(fold, striped, own), 40);
    const index = lay.placements.findIndex(({ piece }) => piece === own[0]?.id);
    for (const along of [-150, 3, 47, 60, 400]) {
      const way = snappedMove(lay, index, 0, along, 5, taskOf(fold, striped, own));
      expect(Math.abs(way.along - along)).toBeLessThanOrEqual(55 + 1e-6);
      const moved = moveOutline(lay, index, 0, way.along, taskOf(fold, striped, own));
      expect(codesOf(moved, own)).not.toContain('off-the-repeat');
    }
    // On cloth without a print it goes as far as it is dragged.
    const plain = { ...striped, matched: false };
    expect(snappedMove(lay, index, 0, 1147.3, 0, taskOf(fold, plain, own)).along).toBe(1147.3);
  });

  test('the level that most pieces have is the one; a print that is not matched has none', () => {
    const own: LayPiece[] = [
      { ...(pieces[0] as LayPiece), id: 'a', levels: { bust: 10, waist: 200 } },
      { ...(pieces[0] as LayPiece), id: 'b', levels: { bust: 20 } },
    ];
    expect([...matchedLevels(own, striped)]).toEqual([
      ['a', 10],
      ['b', 20],
    ]);
    expect(matchedLevels(own, { ...striped, matched: false }).size).toBe(0);
    expect(matchedLevels(own, { ...striped, repeat: 0 }).size).toBe(0);
  });

  test('is not folded across, nor folded again', () => {
    for (const fold of ['cross', 'four', 'mixed'] as const)
      expect(layObstacle({ ...taskOf('open'), fold })?.severity).toBe('stop');
  });

  test('the nearest place in phase is never outside where there is one inside', () => {
    const mm = fc.double({ min: 0, max: 2000, noNaN: true });
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        mm,
        mm,
        (repeat, part, wanted, bottom) => {
          const phase = 0.999 * part * repeat;
          const place = inPhase(phase, repeat, wanted, bottom);
          const count = (place - phase) / repeat;
          expect(Math.abs(count - Math.round(count))).toBeLessThan(1e-6);
          if (phase > bottom) expect(place).toBe(phase);
          else expect(place).toBeLessThanOrEqual(bottom + 1e-6);
          if (wanted >= phase && wanted <= bottom - repeat)
            expect(Math.abs(place - wanted)).toBeLessThanOrEqual(repeat / 2 + 1e-6);
        },
      ),
      { seed: 3, numRuns: 500 },
    );
  });
});

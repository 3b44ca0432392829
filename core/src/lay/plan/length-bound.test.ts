import { describe, expect, test } from '@jest/globals';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { inches } from '../../units/length.ts';
import { usableWidth } from '../model/cloth.ts';
import { folds } from '../model/lay.ts';
import { lengthBound, wideStretch } from './length-bound.ts';
import { layObstacle, planForWork } from './plan-lay.ts';

const triangle = [
  { x: 0, y: 0 },
  { x: 500, y: 1000 },
  { x: -500, y: 1000 },
];

describe('a length that no lay can beat', () => {
  test('two pieces wider than half of the cloth lie after each other', () => {
    const front = samplePanel('front', 'fold', 12, 30);
    const back = samplePanel('back', 'fold', 11.5, 28);
    expect(lengthBound([front, back], inches(44))).toBeCloseTo(inches(58), 6);
    // On wider cloth they lie side by side, and the longer one is the bound.
    expect(lengthBound([front, back], inches(60))).toBeCloseTo(inches(30), 6);
    const lay = planForWork(
      { pieces: [front, back], cloth: sampleCloth(), fold: 'half', seed: 1, shrinkPercent: 0, buyIn: 'yd' },
      60,
    );
    expect(lay.length).toBeGreaterThanOrEqual(lay.bound);
    expect(lay.length).toBeLessThan(lay.bound + 2);
  });

  test('of a piece that narrows only what is sure to be wide is counted', () => {
    expect(wideStretch(triangle, 1000)).toBe(0);
    const cut = [{ x: 300, y: 600 }, { x: 500, y: 1000 }, { x: -500, y: 1000 }, { x: -300, y: 600 }]; // prettier-ignore
    expect(wideStretch(cut, 1000)).toBeCloseTo(400, 6);
    // Two legs are wide together, but another piece can lie between them.
    const legs = [[-400, 0], [-150, 0], [-150, 500], [150, 500], [150, 0], [400, 0], [400, 700], [-400, 700]].map(([x = 0, y = 0]) => ({ x, y })); // prettier-ignore
    expect(wideStretch(legs, 1000)).toBeCloseTo(200, 6);
  });

  test('no lay that is found is shorter, however the cloth is folded', () => {
    for (const [seed, width] of [
      [1, 700],
      [2, 900],
      [3, 1143],
    ] as const) {
      // prettier-ignore
      const pieces = garmentPieces(9, seed);
      const cloth = sampleCloth({ width });
      for (const fold of folds) {
        const task = { pieces, cloth, fold, seed, shrinkPercent: 0, buyIn: 'yd' } as const;
        if (layObstacle(task)) continue;
        expect(planForWork(task, 120).length).toBeGreaterThanOrEqual(lengthBound(pieces, usableWidth(cloth)));
      }
    }
  });
});

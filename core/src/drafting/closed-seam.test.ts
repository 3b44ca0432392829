import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { curveLength, endDirection, startDirection } from '../geometry/curve.ts';
import { angleBetween, distance, point, rotateDirection, subtract, unitVector } from '../geometry/point.ts';
import { drawClosedSeam, openingAt, type SeamToDraw } from './closed-seam.ts';

const waist = (darts: SeamToDraw['darts'], target: number): SeamToDraw => ({
  from: point(250, 400),
  leaving: point(-1, 0),
  to: point(0, 400),
  arriving: point(-1, 0),
  darts,
  target,
});
const down = point(0, 1);

describe('drawClosedSeam', () => {
  test('without darts it is one curve and says how far it is from its target', () => {
    const { stretches, mouths, solved, residual } = drawClosedSeam(waist([], 240));
    expect([stretches.length, mouths.length, solved]).toEqual([1, 0, false]);
    expect(residual).toBeCloseTo(10, 6);
  });

  test('the stretches alone measure the target, whatever the darts', () => {
    fc.assert(
      fc.property(fc.integer({ min: 170, max: 240 }), fc.integer({ min: 0, max: 2 }), (target, more) => {
        const tips = [point(90, 260), point(150, 270), point(200, 280)].slice(0, more + 1);
        const { stretches, mouths, solved } = drawClosedSeam(
          waist(
            tips.map((tip) => ({ tip, axis: down, weight: 1 / tips.length })),
            target,
          ),
        );
        expect(solved).toBe(true);
        expect(stretches.reduce((sum, stretch) => sum + curveLength(stretch), 0)).toBeCloseTo(target, 3);
        for (const { outer, tip, inner } of mouths)
          expect(distance(outer, tip)).toBeCloseTo(distance(inner, tip), 6);
      }),
    );
  });

  test('closed, the seam runs on without a kink across the dart', () => {
    const { stretches, mouths } = drawClosedSeam(
      waist([{ tip: point(90, 260), axis: down, weight: 1 }], 215),
    );
    const [outer, inner] = stretches;
    const [mouth] = mouths;
    if (!outer || !inner || !mouth) throw new Error('expected one dart');
    const turn = angleBetween(
      unitVector(subtract(mouth.outer, mouth.tip)),
      unitVector(subtract(mouth.inner, mouth.tip)),
    );
    expect(angleBetween(rotateDirection(endDirection(outer), turn), startDirection(inner))).toBeCloseTo(0, 6);
  });

  test('a target that no dart can reach is said to be unsolved', () => {
    expect(drawClosedSeam(waist([{ tip: point(90, 390), axis: down, weight: 1 }], 100)).solved).toBe(false);
  });

  test('a dart stands open by its share of its length', () => {
    const mouth = { outer: point(110, 400), tip: point(100, 200), inner: point(90, 400), mm: 20 };
    expect(openingAt(mouth, 300)).toBeCloseTo(10, 9);
    expect(openingAt(mouth, 150)).toBe(0);
  });
});

import { describe, expect, test } from '@jest/globals';
import { curveLength, endDirection, endOf, startDirection, startOf } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { edgeLength, edgeOf, roleLength } from '../../pieces/piece.ts';
import { inches } from '../../units/length.ts';
import { allowancesFrom } from '../../pieces/allowances.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import { draftHabitPanel } from './habit-skirt-panel.ts';
import { draftPanel, extendSide, planPanelSide, type PanelPlan } from './panel.ts';
import { minus } from '../../workings/working.ts';
import { plainLength } from '../../testing/plain-length.ts';

const allowances = allowancesFrom(ruleSet(), {});
const plan = (change: Partial<PanelPlan> = {}): PanelPlan => {
  const numbers = {
    which: 'front',
    scale: 1,
    waist: inches(7.5),
    hip: inches(10.25),
    hipDepth: inches(8.5),
    length: inches(23),
    pegging: inches(1),
    dip: 0,
    dartOut: undefined,
    slit: 0,
    zipEnd: undefined,
    ...change,
  } as const;
  const { waist, hip, hipDepth, length, pegging, slit } = numbers;
  return {
    ...numbers,
    sums: {
      waist: plainLength(waist),
      hip: plainLength(hip),
      hipDepth: plainLength(hipDepth),
      length: plainLength(length),
      hemBy: minus(plainLength(pegging)),
      slit: plainLength(slit),
      zipEnd: undefined,
    },
  };
};
const draft = (change: Partial<PanelPlan> = {}) => {
  const panel = plan(change);
  return draftPanel(panel, planPanelSide(panel), allowances);
};

describe('a skirt panel', () => {
  test.each([
    [0.5, 0],
    [1.2, 1],
    [2.5, 2],
    [4, 2],
  ])(
    'a drop of %d in from hip to waist is shaped with %d darts, the waist measuring what the bodice does',
    (drop, darts) => {
      const { piece, waist } = draft({ waist: inches(10.25 - drop) });
      expect(piece.darts).toHaveLength(darts);
      expect(waist.solved).toBe(true);
      expect(roleLength(piece, 'waist')).toBeCloseTo(inches(10.25 - drop), 2);
    },
  );

  test('a figure wider at the waist than at the hip is drawn too', () => {
    const { piece, waist } = draft({ waist: inches(10.75) });
    expect([piece.darts.length, waist.solved]).toEqual([0, true]);
    expect(roleLength(piece, 'waist')).toBeCloseTo(inches(10.75), 2);
  });

  test('the first dart meets the bodice’s', () => {
    const { piece } = draft({ dartOut: inches(3.1) });
    const [first] = piece.darts.filter(({ id }) => id === 'waist-dart-1');
    expect(endOf(edgeOf(piece, first?.legs[0] ?? '').path).x).toBeCloseTo(inches(3.1), 6);
  });

  test.each([
    ['below the bodice’s dart', inches(3.1), inches(3.1)],
    ['past the middle of its waist, under a bodice that has none', undefined, 0.55 * inches(7.5)],
  ])('by hand its one dart lies %s, half its intake further out', (_, dartOut, expected) => {
    const piece = draftHabitPanel(
      { ...plan({ dartOut }), intake: inches(1), dartLength: inches(5) },
      allowances,
    );
    const [dart] = piece.darts;
    expect(endOf(edgeOf(piece, dart?.legs[0] ?? '').path).x).toBeCloseTo(expected + inches(0.5), 6);
  });

  test('the side is vertical at the hip, and the hem square to it', () => {
    const { side } = planPanelSide(plan());
    const overHip = side.slice(0, 1);
    expect(endOf(overHip)).toEqual(point(inches(10.25), inches(8.5)));
    expect(endDirection(overHip)).toEqual(point(0, 1));
    const { piece } = draft();
    const [hem, seam] = [edgeOf(piece, 'hem').path, edgeOf(piece, 'side').path];
    const [a, b] = [startDirection(hem), endDirection(seam)];
    expect(a.x * b.x + a.y * b.y).toBeCloseTo(0, 6);
  });

  test('without pegging the hem is as wide as the hip', () => {
    const { piece } = draft({ pegging: 0 });
    expect(endOf(edgeOf(piece, 'side').path).x).toBeCloseTo(inches(10.25), 6);
  });

  test('a back panel keeps the zip’s allowance outside its centre and dips at the waist', () => {
    const { piece } = draft({ which: 'back', dip: inches(0.25) });
    expect(piece.cut).toEqual({ copies: 2, layers: 'pair' });
    expect(edgeOf(piece, 'centre-back').allowance).toBe(inches(1));
    expect(startOf(edgeOf(piece, 'waist-1').path).y).toBeCloseTo(inches(0.25), 6);
  });

  test('the hip notch stands on the hip line', () => {
    const { piece } = draft();
    const [notch] = piece.notches;
    const { side } = planPanelSide(plan());
    expect(notch?.edge).toBe('side');
    expect(notch?.at).toBeCloseTo(curveLength(side.slice(0, 1)), 3);
  });

  test('a side is carried on along its end, and left alone for a hair', () => {
    const { side } = planPanelSide(plan());
    expect(curveLength(extendSide(side, 7))).toBeCloseTo(curveLength(side) + 7, 6);
    expect(extendSide(side, 1e-9)).toBe(side);
    expect(extendSide(side, -3)).toBe(side);
  });

  test('longer skirts have longer sides', () => {
    expect(edgeLength(edgeOf(draft({ length: inches(26) }).piece, 'side'))).toBeGreaterThan(
      edgeLength(edgeOf(draft().piece, 'side')) + inches(2.9),
    );
  });
});

import { describe, expect, test } from '@jest/globals';
import { sampleCloth } from '../../testing/sample-cloth.ts';
import { point } from '../../geometry/point.ts';
import { boxOf, signedArea, type Ring } from '../../geometry/ring.ts';
import { compareWidths } from '../plan/compare-widths.ts';
import { usableSpan, usableWidth } from './cloth.ts';
import { totalArea, wholeOutline, type LayPiece } from './layable.ts';
import { lengthBound } from '../plan/length-bound.ts';
import type { LayItem } from '../fold/lay-item.ts';
import { outlineCount, rotations, type Fold } from './lay.ts';
import {
  asDrawn,
  halfTurned,
  isMirrored,
  mirroredState,
  rotationOf,
  stateOf,
  turnOutline,
  upended,
} from './outline-state.ts';
import { layObstacle, planForWork } from '../plan/plan-lay.ts';
import type { LayTask } from './lay-task.ts';
import { layoutTasks } from '../fold/fold-layout.ts';

const ring = (...pairs: [number, number][]): Ring => pairs.map(([x, y]) => point(x, y));
const half = ring([0, 0], [200, 0], [240, 400], [0, 400]);
const pieces: readonly LayPiece[] = [
  { id: 'front', cut: { copies: 1, layers: 'fold' }, outline: half },
  {
    id: 'back',
    cut: { copies: 2, layers: 'pair' },
    outline: ring([-25, 0], [180, 0], [210, 380], [-25, 380]),
  },
];
const single: LayPiece = {
  id: 'belt',
  cut: { copies: 1, layers: 'single' },
  outline: ring([0, 0], [60, 0], [60, 900], [0, 900]),
};
const cloth = sampleCloth();
const task = (change: Partial<LayTask> = {}): LayTask => ({
  pieces,
  cloth,
  fold: 'open',
  seed: 1,
  shrinkPercent: 0,
  buyIn: 'yd',
  ...change,
});

describe('outline states', () => {
  const shape = ring([0, 0], [10, 0], [10, 30]);

  test('every state keeps the area and the sense of the loop', () => {
    for (const state of [asDrawn, halfTurned, mirroredState, upended])
      expect(signedArea(turnOutline(shape, state))).toBe(signedArea(shape));
  });

  test('a state is what a lay reports, and back, on the bias as with the grain', () => {
    for (const turn of [0, 45, 90])
      for (const state of [asDrawn, halfTurned, mirroredState, upended]) {
        const rotation = rotationOf(state, turn);
        expect(rotations).toContain(rotation);
        expect(stateOf({ mirrored: isMirrored(state), rotation }, turn)).toEqual(state);
      }
  });
});

const items = (fold: Fold, laid = pieces, on = cloth): readonly LayItem[] =>
  layoutTasks(laid, on, fold)[0]?.items ?? [];

describe('what is laid', () => {
  test('on open cloth each copy has its outline, and a pair’s second is mirrored', () => {
    const open = items('open');
    expect(open.map(({ piece, copy }) => `${piece} ${copy}`)).toEqual(['front 0', 'back 0', 'back 1']);
    expect(open[1]?.orientations.map(({ state }) => state)).toEqual([asDrawn, halfTurned]);
    expect(open[2]?.orientations.map(({ state }) => state)).toEqual([mirroredState, upended]);
    expect(boxOf(open[0]?.outline ?? [])).toMatchObject({ minX: -240, maxX: 240 });
  });

  test('folded in half one outline cuts two, and half-pieces lie at the fold', () => {
    expect(
      items('half').map(({ piece, orientations }) => [
        piece,
        orientations[0]?.onFold !== null,
        orientations.length,
      ]),
    ).toEqual([
      ['front', true, 2],
      ['back', false, 4],
    ]);
  });

  test('on one-way cloth nothing has a state that turns it upside down', () => {
    for (const fold of ['open', 'half', 'two'] as const) {
      const laid = items(fold, pieces, sampleCloth({ oneWay: true }));
      expect(laid.length).toBeGreaterThan(0);
      for (const { orientations } of laid)
        expect(orientations.every(({ state }) => state.y === 1)).toBe(true);
    }
  });

  test('singles cannot be cut from cloth that is double all over', () => {
    expect(items('half', [...pieces, single])).toEqual([]);
    expect(items('open', [...pieces, single])).toHaveLength(4);
  });

  test('area counts every copy, opened', () => {
    expect(Math.abs(signedArea(wholeOutline(pieces[0]!)))).toBeCloseTo(2 * signedArea(half), 6);
    expect(totalArea(pieces)).toBeCloseTo(2 * 88_000 + 2 * Math.abs(signedArea(pieces[1]!.outline)), 3);
    expect(lengthBound([...pieces, single], 1118)).toBe(900);
  });
});

describe('planning', () => {
  test('the usable cloth lies between its selvedges', () => {
    expect(usableSpan(cloth)).toEqual([12.7, 1130.3]);
    expect(usableWidth(cloth)).toBeCloseTo(1117.6, 9);
  });

  test('a plan counts what is chalked', () => {
    expect(outlineCount(planForWork(task(), 2))).toBe(3);
    expect(outlineCount(planForWork(task({ fold: 'half' }), 2))).toBe(2);
    expect([2, 3]).toContain(outlineCount(planForWork(task({ fold: 'width' }), 2)));
  });

  test('a piece wider than the cloth, or a single on double cloth, is an obstacle that says how wide', () => {
    expect(layObstacle(task())).toBeUndefined();
    expect(layObstacle(task({ cloth: { ...cloth, width: 480 } }))).toMatchObject({
      code: 'cloth-too-narrow',
      expected: 480,
    });
    expect(layObstacle(task({ pieces: [single], fold: 'half' }))).toMatchObject({
      code: 'fold-cuts-too-many',
    });
    expect(layObstacle(task({ fold: 'cross', cloth: sampleCloth({ oneWay: true }) }))).toMatchObject({
      code: 'nap-forbids-fold',
    });
    expect(() => planForWork(task({ cloth: { ...cloth, width: 300 } }), 1)).toThrow('nothing to search');
  });

  test('other widths are compared; those too narrow are left out', () => {
    const widths = compareWidths(
      task({
        pieces: [
          ...pieces,
          { ...pieces[1]!, id: 'wide', outline: ring([0, 0], [1000, 0], [1000, 50], [0, 50]) },
        ],
      }),
      2,
    );
    expect(widths.map(({ width }) => Math.round(width / 25.4))).toEqual([44, 45, 54, 58, 60, 72]);
    expect(widths.every(({ length, buy }) => length > 0 && buy.unit === 'yd')).toBe(true);
  });
});

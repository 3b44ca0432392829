import { beforeAll, describe, expect, test } from '@jest/globals';
import { sampleCloth, samplePanel } from '../../testing/sample-cloth.ts';
import { point } from '../../geometry/point.ts';
import { boxOf, moveRing } from '../../geometry/ring.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { missesBody, missesSizes } from '../../testing/misses-size-table.ts';
import { inches } from '../../units/length.ts';
import { checkLay } from './check-lay.ts';
import type { Cloth } from '../model/cloth.ts';
import { folds, type Fold, type Lay, type Placement } from '../model/lay.ts';
import { layPiecesOn } from '../model/layable.ts';
import { layObstacle, planForWork } from '../plan/plan-lay.ts';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { recipeOf } from '../../styles/recipe-book.ts';

const cloth = sampleCloth();
const pieces = layPiecesOn(cloth, recipeOf(fittedDress).draft(draftInput(middleBody)).pieces);
const plan = (fold: Fold, on: Cloth = cloth, seed = 1, work = 60): Lay =>
  planForWork({ pieces, cloth: on, fold, seed, shrinkPercent: 0, buyIn: 'yd' }, work);

const codes = (lay: Lay, on: Cloth = cloth) => [
  ...new Set(checkLay(lay, pieces, on).map(({ code }) => code)),
];
const withPlacement = (lay: Lay, index: number, change: (placement: Placement) => Placement): Lay => ({
  ...lay,
  placements: lay.placements.map((placement, at) => (at === index ? change(placement) : placement)),
});

describe('checkLay', () => {
  let open: Lay;
  let half: Lay;
  let width: Lay;
  beforeAll(() => {
    width = plan('width');
    open = plan('open');
    half = plan('half');
  });

  test('lays that were planned hold, open and folded, both ways and one way', () => {
    expect([codes(open), codes(half), codes(width)]).toEqual([[], [], []]);
    const napped = { ...cloth, oneWay: true };
    for (const fold of ['open', 'half', 'width'] as const)
      expect(codes(plan(fold, napped), napped)).toEqual([]);
  });

  test('a piece moved onto another, over the edge or past the end is found', () => {
    const moved = (dx: number, dy: number) =>
      withPlacement(open, 0, (placement) => ({ ...placement, polygon: moveRing(placement.polygon, dx, dy) }));
    expect(
      codes({
        ...open,
        placements: open.placements.map((placement) => ({
          ...placement,
          polygon: moveRing(placement.polygon, -40, 0),
        })),
      }),
    ).toEqual(['outside-width']);
    expect(codes(moved(0, -10_000))).toContain('outside-length');
    const [first, second] = open.placements;
    if (!first || !second) throw new Error('expected placements');
    expect(
      codes(
        withPlacement(open, 0, (placement) => ({
          ...placement,
          polygon: moveRing(
            placement.polygon,
            (second.polygon[0]?.x ?? 0) - (first.polygon[0]?.x ?? 0),
            (second.polygon[0]?.y ?? 0) - (first.polygon[0]?.y ?? 0),
          ),
        })),
      ),
    ).toContain('overlap');
    expect(codes({ ...open, length: open.length - 5 })).toEqual(['outside-length']);
  });

  test('an overlap of a tenth of a millimetre is found, one of a hundredth is allowed', () => {
    const panels = [samplePanel('back', 'pair', 10, 20)];
    const task = { pieces: panels, cloth, fold: 'open', seed: 1, shrinkPercent: 0, buyIn: 'yd' } as const;
    const lay = planForWork(task, 1);
    const [first] = lay.placements;
    if (!first) throw new Error('expected a placement');
    const beside = boxOf(first.polygon);
    const reaching = (mm: number) => {
      const changed = withPlacement(lay, 1, (placement) => {
        const own = boxOf(placement.polygon);
        return {
          ...placement,
          polygon: moveRing(placement.polygon, beside.maxX - own.minX - mm, beside.minY - own.minY),
        };
      });
      return checkLay(changed, panels, cloth).map(({ code }) => code);
    };
    expect(reaching(0.1)).toEqual(['overlap']);
    expect([reaching(0.01), reaching(0), reaching(-0.1)]).toEqual([[], [], []]);
  });

  test('missing, doubled and unknown pieces are found', () => {
    expect(codes({ ...open, placements: open.placements.slice(1) })).toEqual(['wrong-count']);
    expect(codes(withPlacement(open, 0, (placement) => ({ ...placement, piece: 'sleeve' })))).toEqual(
      expect.arrayContaining(['unknown-piece', 'wrong-count']),
    );
  });

  test('an outline that is not the piece’s is found, and so is a wrong claim of how it lies', () => {
    expect(
      codes(
        withPlacement(open, 0, (placement) => ({
          ...placement,
          polygon: placement.polygon.map(({ x, y }) => ({ x: x * 0.98, y })),
        })),
      ),
    ).toContain('not-the-outline');
    const pair = open.placements.findIndex(({ piece }) => piece === 'bodice-back');
    expect(
      codes(withPlacement(open, pair, (placement) => ({ ...placement, mirrored: !placement.mirrored }))),
    ).toEqual(expect.arrayContaining(['not-the-outline', 'not-mirrored-in-pairs']));
  });

  test('an outline through other points is the same outline: another machine may sample its curves otherwise', () => {
    const halved = withPlacement(open, 0, (placement) => ({
      ...placement,
      polygon: placement.polygon.flatMap((p, index) => {
        const next = placement.polygon[(index + 1) % placement.polygon.length] ?? p;
        return [p, point((p.x + next.x) / 2, (p.y + next.y) / 2)];
      }),
    }));
    expect(codes(halved)).toEqual([]);
  });

  test('on one-way cloth nothing may be turned', () => {
    const turned = withPlacement(open, 0, (placement) => {
      const box = boxOf(placement.polygon);
      const polygon = placement.polygon.map(({ x, y }) => ({
        x: box.minX + box.maxX - x,
        y: box.minY + box.maxY - y,
      }));
      return { ...placement, polygon, rotation: placement.rotation === 0 ? 180 : 0 };
    });
    expect(codes(turned)).not.toContain('not-the-outline');
    expect(codes(turned, { ...cloth, oneWay: true })).toContain('against-the-nap');
  });

  test('folds must be real: pieces on the fold line, pairs over each other, the fold in the middle of what is double', () => {
    const [section] = half.sections;
    if (!section) throw new Error('expected a section');
    const shifted = { ...half, sections: [{ ...section, foldLines: [inches(20)] }] };
    expect(codes(shifted)).toEqual(
      expect.arrayContaining(['off-the-fold', 'not-on-double-cloth', 'unreal-fold']),
    );
    expect(codes({ ...half, sections: [{ ...section, foldLines: [], doubled: [] }] })).toEqual(
      expect.arrayContaining(['off-the-fold', 'unreal-fold']),
    );
    expect(codes({ ...half, sections: [] })).toContain('unreal-fold');
  });

  test('folded to width, the fold lies at its depth and what is beside it is cut single', () => {
    const [section] = width.sections;
    if (!section) throw new Error('expected a section');
    const [from, to] = section.doubled[0] ?? [NaN, NaN];
    expect(from).toBeCloseTo(cloth.selvedge, 6);
    expect((from + to) / 2).toBeCloseTo(section.foldLines[0] ?? NaN, 6);
    expect(
      codes({ ...width, sections: [{ ...section, doubled: [[from, cloth.width - cloth.selvedge]] }] }),
    ).toContain('unreal-fold');
    const onFold = width.placements.filter((placement) => placement.onFold);
    expect(onFold.map(({ piece }) => piece).sort()).toEqual(['bodice-front', 'facing-front', 'skirt-front']);
  });

  test('a finite cloth that is too short is found', () => {
    expect(codes(open, { ...cloth, length: open.length - 100 })).toEqual(['outside-length']);
  });
});

describe('planning', () => {
  const ends = [missesSizes[0], missesSizes[4], missesSizes[9]];

  test.each(ends)('first lays of size $size hold in every fold', (size) => {
    const own = layPiecesOn(cloth, recipeOf(fittedDress).draft(draftInput(missesBody(size))).pieces);
    for (const fold of folds) {
      const task = { pieces: own, cloth, fold, seed: 2, shrinkPercent: 0, buyIn: 'yd' } as const;
      if (layObstacle(task)) continue;
      expect([fold, checkLay(planForWork(task, 1), own, cloth)]).toEqual([fold, []]);
    }
  });

  test('the same seed and work give the same lay, more work never a longer one', () => {
    expect(plan('half', cloth, 7, 40)).toEqual(plan('half', cloth, 7, 40));
    expect(plan('half', cloth, 7, 160).length).toBeLessThanOrEqual(plan('half', cloth, 7, 40).length);
  });

  test('no lay is shorter than its bound, and it says how much of the cloth it uses', () => {
    for (const lay of [plan('open'), plan('half')]) {
      expect(lay.length).toBeGreaterThanOrEqual(lay.bound);
      expect(lay.utilisation).toBeLessThanOrEqual(1);
      expect(lay.utilisation).toBeGreaterThan(0.5);
    }
  });
});

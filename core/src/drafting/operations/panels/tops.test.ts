import { describe, expect, test } from '@jest/globals';
import { curveLength, endOf, startDirection, endDirection, startOf } from '../../../geometry/curve.ts';
import { angleBetween, distance, point } from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import { edgeLength, edgeOf, roleLength } from '../../../pieces/piece.ts';
import { closes, plainPanel as panel } from '../../../testing/plain-panel.ts';
import { cutAcross } from './cut-across.ts';
import { dartInEdge } from '../darts/dart-in-edge.ts';
import { partAtLevel, type DropPlan } from './part-at-level.ts';
import { extendCentre } from './extend-centre.ts';
import { carriedOn, footAtLength, lengthen } from './lengthen.ts';
import { nipCentreBack } from './nip-centre-back.ts';
import { onFold } from '../pieces/on-fold.ts';
import { pieceCount, strip } from '../pieces/strip.ts';
import { plainLength } from '../../../testing/plain-length.ts';

const dropToLevel = (piece: typeof panel, plan: DropPlan) => partAtLevel(piece, plan).lower;

describe('dropped to a level', () => {
  const plan = { centre: plainLength(140), shape: 'straight', peak: point(90, 120), allowance: 12 } as const;

  test('an edge on the side keeps all that lies below it, and notches count from the cut', () => {
    const dropped = dropToLevel(panel, { ...plan, end: { on: 'side', down: plainLength(20) } });
    closes(dropped);
    expect(dropped.edges.map(({ id }) => id)).toEqual(['top', 'side', 'waist', 'centre-front']);
    expect(roleLength(dropped, 'side')).toBeCloseTo(roleLength(panel, 'side') - 20, 6);
    expect(roleLength(dropped, 'waist')).toBeCloseTo(180, 6);
    expect(dropped.notches).toEqual([{ edge: 'side', at: 130, kind: 'single' }]);
  });

  test('an edge on the armhole leaves its lower part; a sweetheart passes its peak level', () => {
    const dropped = dropToLevel(panel, {
      ...plan,
      shape: 'sweetheart',
      end: { on: 'armhole', level: plainLength(110) },
    });
    closes(dropped);
    expect(endOf(edgeOf(dropped, 'top').path).y).toBeCloseTo(110, 6);
    expect(roleLength(dropped, 'armhole')).toBeLessThan(roleLength(panel, 'armhole'));
    expect(edgeOf(dropped, 'top').path[0]?.b).toEqual(point(90, 120));
  });

  test('it never drops under the bust line at the side, and a level off the armhole is an error', () => {
    const low = dropToLevel(panel, { ...plan, end: { on: 'side', down: plainLength(400) } });
    expect(endOf(edgeOf(low, 'top').path).y).toBeLessThan(250);
    expect(() => dropToLevel(panel, { ...plan, end: { on: 'armhole', level: plainLength(10) } })).toThrow(
      'armhole',
    );
  });
});

describe('lengthen', () => {
  const plan = {
    outer: point(200, 500),
    inner: point(0, 500),
    soften: 25,
    allowance: 25,
    level: 499,
    further: {},
  };
  const longer = lengthen(panel, plan);

  test('the waist becomes a level, edges run on to the hem, and the corner at the waist is gone', () => {
    closes(longer);
    expect(longer.edges.some(({ role }) => role === 'waist')).toBe(false);
    expect(longer.levels.map(({ name }) => name)).toEqual(['bust', 'waist', 'hem']);
    const side = edgeOf(longer, 'side').path;
    side.slice(1).forEach((segment, index) => {
      const before = side[index];
      if (before)
        expect(Math.abs(angleBetween(endDirection([before]), startDirection([segment])))).toBeLessThan(0.02);
    });
  });

  test('a foot is found where the edge is as long as its partner', () => {
    const { path } = edgeOf(panel, 'side');
    const foot = footAtLength(path, 215, 25, 340);
    expect(curveLength(carriedOn(path, foot, 25))).toBeCloseTo(340, 3);
    expect(foot.x).toBe(215);
  });

  test('a pointed hem passes its point in straight lines', () => {
    const pointed = lengthen(panel, { ...plan, point: point(60, 560) });
    expect(edgeOf(pointed, 'hem').path.map(({ b }) => b)).toEqual([point(60, 560), point(0, 500)]);
  });
});

describe('the centre', () => {
  test('extended, it is a front edge past the centre, cut as a pair, with the centre notched at the lower end', () => {
    const extended = extendCentre(panel, { by: plainLength(40), allowance: 12 });
    closes(extended);
    expect(extended.cut).toEqual({ copies: 2, layers: 'pair' });
    expect(startOf(edgeOf(extended, 'front-edge').path)).toEqual(point(-40, 400));
    expect(roleLength(extended, 'waist')).toBeCloseTo(220, 6);
    expect(extended.notches).toContainEqual({ edge: 'waist', at: 180, kind: 'single' });
    expect(extended.levels).toEqual(panel.levels);
    expect(extendCentre(panel, { by: plainLength(0), allowance: 12 })).toBe(panel);
  });

  test('nipped, it takes its intake of the waist, nothing at the chest, and levels start on it', () => {
    const nipped = nipCentreBack(panel, plainLength(12), 180);
    closes(nipped);
    expect(roleLength(nipped, 'waist')).toBeCloseTo(168, 6);
    expect(nipped.levels.find(({ name }) => name === 'waist')?.path[0]).toEqual(point(12, 400));
    const bust = nipped.levels.find(({ name }) => name === 'bust')?.path[0];
    expect(bust?.x).toBeGreaterThan(0);
    expect(bust?.x).toBeLessThan(12);
    expect(nipped.intakes).toEqual([{ operation: 'centre back nipped', level: 'waist', mm: 12 }]);
  });

  test('laid on the fold it carries no allowance; a nipped one cannot be', () => {
    const back = { ...panel, edges: panel.edges.map((edge) => ({ ...edge, allowance: 20 })) };
    expect(edgeOf(onFold(back), 'centre-front')).toMatchObject({ role: 'fold', allowance: 0 });
    expect(() => onFold(nipCentreBack(panel, plainLength(12), 180))).toThrow('not straight');
  });
});

describe('a dart in any edge', () => {
  const plan = {
    id: 'neck-dart',
    at: 0.5,
    intake: plainLength(12),
    length: plainLength(60),
    in: 'neck',
    pressed: 'centre',
  } as const;
  const darted = dartInEdge(panel, 'neck', plan);

  test('legs are equal, the edge is shorter by what it takes, and its parts keep their order', () => {
    closes(darted);
    const [dart] = darted.darts;
    const [a, b] = (dart?.legs ?? []).map((id) => edgeLength(edgeOf(darted, id)));
    expect(a).toBeCloseTo(b ?? 0, 9);
    // Beside the mouth the edge bends by a hair, so that it is straight once the dart is sewn.
    expect(Math.abs(roleLength(panel, 'neck') - roleLength(darted, 'neck') - 12)).toBeLessThan(0.2);
    expect(darted.edges.slice(0, 4).map(({ id }) => id)).toEqual([
      'neck-1',
      'neck-dart-outer',
      'neck-dart-inner',
      'neck-2',
    ]);
  });

  test('a dart longer than the piece has room for ends inside, and none is none', () => {
    const tip = endOf(
      edgeOf(dartInEdge(panel, 'neck', { ...plan, length: plainLength(900) }), 'neck-dart-outer').path,
    );
    expect(tip.x).toBeLessThan(180);
    expect(tip.y).toBeLessThan(400);
    expect(dartInEdge(panel, 'neck', { ...plan, intake: plainLength(0) })).toBe(panel);
  });
});

test('cut across, both parts have the line at one length, and every level goes with its part', () => {
  const path = [line(point(193.6, 250), point(0, 300))];
  const { between, beyond } = cutAcross(
    panel,
    { edge: 'side', at: distance(point(200, 180), point(193.63636, 250)) },
    { edge: 'centre-front', at: 100 },
    path,
    { id: 'cup', role: 'cup', allowance: 12 },
  );
  expect(roleLength(between, 'cup')).toBeCloseTo(roleLength(beyond, 'cup'), 9);
  expect(between.levels.map(({ name }) => name)).toEqual(['waist']);
  expect(beyond.levels.map(({ name }) => name)).toEqual(['bust']);
  expect(roleLength(between, 'side') + roleLength(beyond, 'side')).toBeCloseTo(roleLength(panel, 'side'), 6);
});

describe('strips', () => {
  const plan = {
    id: 'band',
    name: 'Band',
    role: 'outer',
    length: plainLength(600),
    width: plainLength(50),
    doubled: true,
    copies: 2,
    allowance: 12,
    notchesAt: [150, 0, 600],
  } as const;

  test('a doubled strip is cut twice as wide; notches count from its start and none lies at an end', () => {
    const made = strip(plan);
    closes(made);
    expect(edgeLength(edgeOf(made, 'end-start'))).toBe(100);
    expect(edgeLength(edgeOf(made, 'band'))).toBe(600);
    expect(made.notches).toEqual([{ edge: 'band', at: 450, kind: 'single' }]);
  });

  // ⌈length ÷ (usable width − joins)⌉: common practice, no source.
  test.each([
    [1000, 1100, 1],
    [1100, 1100, 2],
    [2150, 1100, 2],
    [2160, 1100, 3],
  ])('%d mm from cloth that gives %d is pieced from %d', (length, usable, count) => {
    expect(pieceCount(length, usable, 12)).toBe(count);
  });
});

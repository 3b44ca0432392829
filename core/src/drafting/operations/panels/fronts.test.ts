import { describe, expect, test } from '@jest/globals';
import { endOf, startOf } from '../../../geometry/curve.ts';
import { point } from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import { edgeLength, edgeOf, makePiece, roleLength, type Piece } from '../../../pieces/piece.ts';
import { closes, plainPanel } from '../../../testing/plain-panel.ts';
import { buttoned } from '../edges/buttoned.ts';
import { cutAway } from '../edges/cut-away.ts';
import { cutOut } from '../edges/cut-out.ts';
import { partAtLevel } from './part-at-level.ts';
import { evenly, notched } from '../edges/notched.ts';
import { shortenBy } from './shorten-by.ts';
import { spread, spreadLikeAFan } from './spread.ts';
import { traceWithAllowance } from '../pieces/trace.ts';
import { trimCentre } from './trim-centre.ts';
import { plainLength } from '../../../testing/plain-length.ts';

/** The plain panel with an upright side and an upright waist dart. */
const front: Piece = makePiece({
  ...plainPanel,
  edges: [
    ...plainPanel.edges.slice(0, 3),
    { id: 'side', role: 'side', path: [line(point(200, 180), point(200, 400))], allowance: 25 },
    { id: 'waist-2', role: 'waist', path: [line(point(200, 400), point(110, 400))], allowance: 12 },
    { id: 'waist-dart-1-outer', role: 'dart', path: [line(point(110, 400), point(100, 260))], allowance: 0 },
    { id: 'waist-dart-1-inner', role: 'dart', path: [line(point(100, 260), point(90, 400))], allowance: 0 },
    { id: 'waist-1', role: 'waist', path: [line(point(90, 400), point(0, 400))], allowance: 12 },
    ...plainPanel.edges.slice(-1),
  ],
  notches: [
    { edge: 'side', at: 30, kind: 'single' },
    { edge: 'side', at: 200, kind: 'single' },
  ],
  darts: [
    {
      id: 'waist-dart-1',
      in: 'waist',
      legs: ['waist-dart-1-outer', 'waist-dart-1-inner'],
      pressed: 'centre',
    },
  ],
  levels: [
    { name: 'bust', path: [point(0, 250), point(200, 250)] },
    { name: 'waist', path: [point(0, 400), point(200, 400)] },
  ],
  intakes: [{ operation: 'waist dart', level: 'waist', mm: 20 }],
});

test('shortened above the waist, every edge that met it loses as much, so that seams and legs stay equal', () => {
  const short = shortenBy(front, plainLength(40), 25);
  closes(short);
  expect(roleLength(short, 'side')).toBeCloseTo(180, 6);
  const [dart] = short.darts;
  const [a, b] = (dart?.legs ?? []).map((id) => edgeLength(edgeOf(short, id)));
  expect(a).toBeCloseTo(b ?? 0, 9);
  expect(short.edges.filter(({ role }) => role === 'hem').map(({ id }) => id)).toEqual(['hem-2', 'hem-1']);
  expect(short.levels.map(({ name }) => name)).toEqual(['bust', 'hem']);
  expect(short.notches).toEqual([{ edge: 'side', at: 30, kind: 'single' }]);
  expect(short.intakes).toEqual([]);
});

test('cut away to a strap the side loses its top, and notches count from there', () => {
  const halter = cutAway(front, { strap: plainLength(25), lower: plainLength(20) });
  closes(halter);
  expect(roleLength(halter, 'shoulder')).toBeCloseTo(25, 9);
  expect(roleLength(halter, 'side')).toBeCloseTo(200, 6);
  expect(halter.notches).toEqual([
    { edge: 'side', at: 10, kind: 'single' },
    { edge: 'side', at: 180, kind: 'single' },
  ]);
});

describe('a front that buttons', () => {
  const trimmed = trimCentre(front, { by: plainLength(15), allowance: 12 });

  test('trimmed for a strip, its edge lies inside the centre and its levels still start there', () => {
    closes(trimmed);
    const edge = edgeOf(trimmed, 'front-edge');
    for (const end of [startOf(edge.path), endOf(edge.path)]) expect(end.x).toBeCloseTo(15, 6);
    expect(trimmed.levels).toEqual(front.levels);
    expect(trimmed.cut).toEqual({ copies: 2, layers: 'pair' });
    expect(() => trimCentre(front, { by: plainLength(300), allowance: 12 })).toThrow('too narrow');
  });

  test('a heart cut out takes its wedge of the neck and its depth of the front edge', () => {
    const heart = cutOut(trimmed, { depth: plainLength(60), wedge: plainLength(20), allowance: 6 });
    closes(heart);
    expect(roleLength(trimmed, 'neck') - roleLength(heart, 'neck')).toBeCloseTo(20, 6);
    expect(edgeLength(edgeOf(trimmed, 'front-edge')) - edgeLength(edgeOf(heart, 'front-edge'))).toBeCloseTo(
      60,
      6,
    );
    expect(heart.edges.at(-1)?.id).toBe('cut-out');
    expect(() => cutOut(front, { depth: plainLength(60), wedge: plainLength(20), allowance: 6 })).toThrow(
      'front edge',
    );
  });
});

test('parted at a level, both parts have the line at one length and the yoke keeps neck and shoulder', () => {
  const { lower, upper } = partAtLevel(front, {
    centre: plainLength(120),
    end: { on: 'armhole', level: plainLength(110) },
    shape: 'straight',
    peak: point(90, 110),
    allowance: 12,
  });
  closes(lower);
  closes(upper);
  expect(roleLength(upper, 'yoke')).toBeCloseTo(roleLength(lower, 'top'), 9);
  expect(upper.edges.map(({ id }) => id)).toEqual(['neck', 'shoulder', 'armhole', 'yoke', 'centre-front']);
  expect(roleLength(upper, 'armhole') + roleLength(lower, 'armhole')).toBeCloseTo(
    roleLength(front, 'armhole'),
    9,
  );
});

describe('slash and spread', () => {
  const plain: Piece = {
    ...front,
    darts: [],
    edges: front.edges
      .filter(({ role }) => role !== 'dart')
      .map((edge) =>
        edge.id === 'waist-2' ? { ...edge, path: [line(point(200, 400), point(90, 400))] } : edge,
      ),
  };
  const parallel = spread(plain, { at: 40, upper: 25, lower: 25 });
  const gain = (after: Piece, id: string) => edgeLength(edgeOf(after, id)) - edgeLength(edgeOf(plain, id));

  test('in parallel, the two edges that the slash passes gain what it opens, all others keep their lengths', () => {
    closes(parallel);
    for (const { id } of plain.edges) {
      expect([id, Math.round(gain(parallel, id) * 1e6) / 1e6]).toEqual([
        id,
        id === 'neck' || id === 'waist-1' ? 25 : 0,
      ]);
    }
    expect(parallel.levels[0]?.path.at(-1)).toEqual(point(225, 250));
  });

  test('at one edge alone it is hinged at the other: the one gains what it opens, the other nothing', () => {
    const hinged = spread(plain, { at: 40, upper: 0, lower: 25 });
    closes(hinged);
    for (const { id } of plain.edges)
      expect([id, Math.round(gain(hinged, id) * 1e6) / 1e6 + 0]).toEqual([id, id === 'waist-1' ? 25 : 0]);
    const above = spread(plain, { at: 40, upper: 12, lower: 0 });
    expect(gain(above, 'neck')).toBeCloseTo(12, 6);
    expect(gain(above, 'waist-1')).toBeCloseTo(0, 6);
  });

  test('like a fan, every slash opens its part at the lower edge, and the side swings out', () => {
    const fan = spreadLikeAFan(plain, [20, 40, 60], 30);
    closes(fan);
    expect(gain(fan, 'neck')).toBeCloseTo(0, 6);
    expect(gain(fan, 'waist-1')).toBeCloseTo(30, 6);
    const foot = (piece: Piece) => Math.max(...piece.edges.flatMap(({ path }) => path.map(({ b }) => b.x)));
    expect(foot(fan) - foot(plain)).toBeGreaterThan(25);
  });

  test('a slash through a dart or past the piece is an error', () => {
    expect(() => spread(front, { at: 40, upper: 25, lower: 25 })).toThrow('cannot be slashed');
    expect(() => spread(plain, { at: 900, upper: 25, lower: 25 })).toThrow('cannot be slashed');
  });
});

test('traced with one allowance all round, only the fold carries none', () => {
  const net = traceWithAllowance(front, 'net', 12);
  expect(net.role).toBe('net');
  for (const { role, allowance } of net.edges) expect(allowance).toBe(role === 'fold' ? 0 : 12);
});

test('places that are even stand half a space clear of both ends; notches off their edge are left out', () => {
  expect(evenly(4, 200)).toEqual([25, 75, 125, 175]);
  expect(notched({ ...front, notches: [] }, 'side', [0, 110, 220]).notches).toEqual([
    { edge: 'side', at: 110, kind: 'single' },
  ]);
});

test('buttons stand at even distances from the first to the last, one alone in the middle', () => {
  const [top, foot] = [point(0, 40), point(0, 400)];
  const downs = (count: number) => buttoned(front, top, foot, count).buttons?.map(({ y }) => y);
  expect(downs(4)).toEqual([40, 160, 280, 400]);
  expect(downs(1)).toEqual([220]);
  expect(downs(0)).toEqual([]);
});

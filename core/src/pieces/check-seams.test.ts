import { describe, expect, test } from '@jest/globals';
import { point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { inches } from '../units/length.ts';
import { checkSeams, SEAM_TOLERANCE } from './check-seams.ts';
import { edgeOf, makePiece, turnedLoop, replaceEdge, roleLength, stitchRing, type Piece } from './piece.ts';
import { signedArea } from '../geometry/ring.ts';
import { whole } from './seam.ts';

/** A triangle whose sides are called a, b and c. */
const triangle = (id: string, size: number): Piece => {
  const corners = [point(0, 0), point(size, 0), point(0, size)];
  return {
    id,
    name: id,
    role: 'outer',
    part: 'bodice',
    cut: { copies: 1, layers: 'single' },
    grain: point(0, 1),
    edges: ['a', 'b', 'c'].map((edge, index) => ({
      id: edge,
      role: 'side',
      path: [line(corners[index] ?? point(0, 0), corners[(index + 1) % 3] ?? point(0, 0))],
      allowance: 5,
    })),
    notches: [{ edge: 'a', at: 10, kind: 'single' }],
    darts: [],
    levels: [],
    intakes: [],
  };
};
const [small, large] = [triangle('small', 100), triangle('large', 200)];

describe('checkSeams', () => {
  const check = (
    relation: Parameters<typeof checkSeams>[1][number]['relation'],
    a = ['small/a'],
    b = ['large/a'],
  ) =>
    checkSeams([small, large], [{ id: 'seam', a: whole(a), b: whole(b), relation, governing: 'waist' }])[0];

  test('equal seams must be equally long, within an eighth of an inch', () => {
    expect(SEAM_TOLERANCE).toBeCloseTo(inches(0.125), 12);
    expect(check({ kind: 'equal' })).toMatchObject({
      lengthA: 100,
      lengthB: 200,
      difference: -100,
      ok: false,
    });
    expect(check({ kind: 'equal' }, ['small/a', 'small/c'])).toMatchObject({
      lengthA: 200,
      difference: 0,
      ok: true,
    });
  });

  test('an eased seam is longer by its ease, a gathered one by its ratio', () => {
    expect(check({ kind: 'ease', mm: 3 }, ['large/a'], ['large/c'])).toMatchObject({
      difference: -3,
      ok: true,
    });
    expect(check({ kind: 'ease', mm: 4 }, ['large/a'], ['large/c'])).toMatchObject({
      difference: -4,
      ok: false,
    });
    expect(check({ kind: 'gather', ratio: 2 }, ['large/a'], ['small/a'])).toMatchObject({
      difference: 0,
      ok: true,
    });
  });

  test('an edge that is sewn twice counts twice, and of one that is sewn in part that part', () => {
    const seam = {
      id: 'seam',
      a: [{ edge: 'small/a', times: 2 }],
      b: [{ edge: 'large/a' }],
      relation: { kind: 'equal' },
      governing: 'waist',
    } as const;
    expect(checkSeams([small, large], [seam])[0]).toMatchObject({ lengthA: 200, lengthB: 200, ok: true });
    const part = { ...seam, a: [{ edge: 'small/a' }], b: [{ edge: 'large/a', from: 40, to: 140 }] };
    expect(checkSeams([small, large], [part])[0]).toMatchObject({ lengthA: 100, lengthB: 100, ok: true });
    // More than the edge is long is not sewn.
    const over = { ...part, b: [{ edge: 'large/a', from: 150, to: 260 }] };
    expect(checkSeams([small, large], [over])[0]).toMatchObject({ lengthB: 50, difference: 50, ok: false });
  });

  test('two pleats of an inch take up four', () => {
    const pleats = { kind: 'pleats', count: 2, depth: 25, towards: 'end' } as const;
    expect(check(pleats, ['large/a'], ['small/a'])).toMatchObject({ difference: 0, ok: true });
  });

  test('between notches every stretch is checked by itself, and the worst one told', () => {
    const notched = (id: string, side: number, at: number): Piece => ({
      ...triangle(id, side),
      notches: [{ edge: 'a', at, kind: 'single' }],
    });
    const seam = {
      id: 'seam',
      a: [{ edge: 'one/a', reversed: false }],
      b: [{ edge: 'other/a', reversed: true }],
      relation: { kind: 'between-notches', fullness: [{ kind: 'equal' }, { kind: 'ease', mm: 10 }] },
      governing: 'armhole',
    } as const;
    // The other is sewn against its loop: its notch lies 40 from where the seam begins.
    const [checked] = checkSeams([notched('one', 120, 45), notched('other', 110, 70)], [seam]);
    expect(checked?.intervals).toEqual([
      { lengthA: 45, lengthB: 40, difference: 5 },
      { lengthA: 75, lengthB: 70, difference: -5 },
    ]);
    // As a whole it is as long as it should be: only its stretches tell that it is not true.
    expect(checked).toMatchObject({ lengthA: 120, lengthB: 110, ok: false });
    expect(() =>
      checkSeams(
        [notched('one', 120, 45), triangle('other', 110)].map((each) => ({
          ...each,
          notches: each.id === 'one' ? each.notches : [],
        })),
        [seam],
      ),
    ).toThrow('intervals');
  });

  test('a seam that names what is not drafted is a fault of the recipe', () => {
    expect(() => check({ kind: 'equal' }, ['sleeve/cap'])).toThrow('sleeve/cap');
    expect(() => check({ kind: 'equal' }, ['small/z'])).toThrow('small has no edge z');
  });
});

describe('makePiece', () => {
  test('a loop given the wrong way round is refused; drawn so on purpose it is turned, its notches with it', () => {
    const reversed: Piece = {
      ...small,
      edges: [...small.edges].reverse().map((edge) => {
        const segment = edge.path[0];
        if (!segment) throw new Error('expected a segment');
        return { ...edge, path: [line(segment.b, segment.a)] };
      }),
      notches: [{ edge: 'a', at: 90, kind: 'single' }],
    };
    expect(signedArea(stitchRing(reversed))).toBeLessThan(0);
    expect(() => makePiece(reversed)).toThrow('the wrong way round');
    const turned = makePiece(turnedLoop(reversed));
    expect(signedArea(stitchRing(turned))).toBeGreaterThan(0);
    expect(turned.notches[0]?.at).toBeCloseTo(10, 9);
    expect(turned.edges.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
  });

  test('edges are found, replaced and measured by name and role', () => {
    expect(roleLength(small, 'side')).toBeCloseTo(200 + 100 * Math.SQRT2, 9);
    const longer = replaceEdge(small, 'a', [line(point(0, 0), point(120, 0))]);
    expect(edgeOf(longer, 'a').path[0]?.b).toEqual(point(120, 0));
    expect(edgeOf(small, 'a').path[0]?.b).toEqual(point(100, 0));
  });
});

import { describe, expect, test } from '@jest/globals';
import { curveLength, endOf, placeAtLength, startOf } from '../../geometry/curve.ts';
import { distance, point, rotate } from '../../geometry/point.ts';
import { countSelfCrossings, signedArea } from '../../geometry/ring.ts';
import { line } from '../../geometry/segment.ts';
import { edgeLength, edgeOf, stitchRing, type Edge, type Piece } from '../../pieces/piece.ts';
import { partWay, pointOn } from '../../pieces/place-on-loop.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { draftInput, middleBody, withArm } from '../../testing/bodies.ts';
import { lengthByLibrary } from '../../testing/length-by-library.ts';
import { closes } from '../../testing/plain-panel.ts';
import { plainLength } from '../../testing/plain-length.ts';
import { inches } from '../../units/length.ts';
import { dartAngle, pivotDart } from './darts/pivot-dart.ts';
import { mergeEdges } from './edges/merge-edges.ts';
import { cutAcross } from './panels/cut-across.ts';
import { pleat } from './panels/pleat.ts';
import { slash, slashes } from './panels/slash.ts';
import { annularSector } from './pieces/annular-sector.ts';
import { foldAt } from './pieces/fold-at.ts';
import { openAt } from './pieces/open-at.ts';
import { facingAlong } from './pieces/facing-along.ts';
import { strip } from './pieces/strip.ts';

const dress = recipeOf({ id: 'fitted-dress' }).draft(
  draftInput(withArm(middleBody), { sleeve: 'sleeve-set-in' }),
);
const pieceOf = (id: string): Piece => {
  const found = dress.pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};
const [front, skirt, sleeve] = [pieceOf('bodice-front'), pieceOf('skirt-front'), pieceOf('sleeve')];
const areaOf = (piece: Piece) => signedArea(stitchRing(piece));

const everyMillimetre = ({ path }: Edge) =>
  Array.from({ length: Math.ceil(curveLength(path)) }, (_, at) => placeAtLength(path, at).point);

const sound = (piece: Piece) => {
  closes(piece);
  expect(countSelfCrossings(stitchRing(piece))).toBe(0);
};

/** A line through two edges of a piece, its fold staying where it is, and the piece without darts that the line may not pass. */
const lines = [
  ['sleeve', sleeve, { from: partWay(sleeve, 'cap-back', 0.9), to: partWay(sleeve, 'hem', 0.4) }],
  ['skirt', skirt, { from: partWay(skirt, 'waist-1', 0.5), to: partWay(skirt, 'hem', 0.7) }],
  ['bodice', front, { from: partWay(front, 'armhole', 0.3), to: partWay(front, 'waist-1', 0.5) }],
] as const;

describe.each(lines)('slash and spread on a %s', (_, piece, { from, to }) => {
  const long = distance(pointOn(piece, from), pointOn(piece, to));

  test('in parallel both edges gain what it opens, and the cloth its length times that', () => {
    const opened = slash(piece, { from, to, open: { from: 30, to: 30 } });
    sound(opened);
    for (const { edge } of [from, to])
      expect(lengthByLibrary(edgeOf(opened, edge)) - lengthByLibrary(edgeOf(piece, edge))).toBeCloseTo(30, 3);
    expect(areaOf(opened) - areaOf(piece)).toBeCloseTo(30 * long, -1);
  });

  test('hinged at one end only the other gains, by a triangle of cloth; every other edge keeps its length', () => {
    const opened = slash(piece, { from, to, open: { from: 0, to: 40 } });
    sound(opened);
    expect(lengthByLibrary(edgeOf(opened, to.edge)) - lengthByLibrary(edgeOf(piece, to.edge))).toBeCloseTo(
      40,
      3,
    );
    for (const { id } of piece.edges.filter((edge) => edge.id !== to.edge))
      expect([id, lengthByLibrary(edgeOf(opened, id)) - lengthByLibrary(edgeOf(piece, id))]).toEqual([
        id,
        expect.closeTo(0, 3),
      ]);
    // An isosceles triangle with the slash for its sides.
    const triangle = (40 / 2) * Math.sqrt(long ** 2 - 20 ** 2);
    expect(Math.abs(areaOf(opened) - areaOf(piece) - triangle)).toBeLessThan(5);
  });

  test('fanned over three lines the edge gains what all of them open', () => {
    const at = (part: number) => ({
      from: { ...from, at: from.at * part },
      to: { ...to, at: to.at + (1 - part) * 0.5 * (edgeLength(edgeOf(piece, to.edge)) - to.at) },
      open: { from: 0, to: 12 },
    });
    const fanned = slashes(piece, [at(1), at(0.95), at(0.9)]);
    sound(fanned);
    expect(lengthByLibrary(edgeOf(fanned, to.edge)) - lengthByLibrary(edgeOf(piece, to.edge))).toBeCloseTo(
      36,
      3,
    );
  });

  test('opened by nothing it is the same', () => {
    const same = slash(piece, { from, to, open: { from: 0, to: 0 } });
    for (const { id } of piece.edges)
      expect(lengthByLibrary(edgeOf(same, id))).toBeCloseTo(lengthByLibrary(edgeOf(piece, id)), 9);
  });

  test('three pleats of ½ in take up three inches of their edge, folds notched', () => {
    const places = [0.5, 0.75, 1].map((part) => ({
      from: { ...from, at: from.at * part },
      to: { ...to, at: to.at + (1 - part) * 0.4 * (edgeLength(edgeOf(piece, to.edge)) - to.at) },
    }));
    const { piece: pleated, fullness } = pleat(piece, { lines: places, depth: inches(0.5), towards: 'end' });
    sound(pleated);
    expect(fullness).toEqual({ kind: 'pleats', count: 3, depth: inches(0.5), towards: 'end' });
    expect(
      lengthByLibrary(edgeOf(pleated, from.edge)) - lengthByLibrary(edgeOf(piece, from.edge)),
    ).toBeCloseTo(inches(3), 3);
    const folds = pleated.notches.slice(piece.notches.length).map(({ at }) => at);
    expect(folds).toHaveLength(6);
    expect(
      folds.filter((__, index) => index % 2 === 1).map((at, index) => at - (folds[2 * index] ?? 0)),
    ).toEqual(Array.from({ length: 3 }, () => expect.closeTo(inches(1), 9)));
  });
});

test('a slash that would move the fold, or that leads back to its own edge, is refused', () => {
  const backwards = {
    from: partWay(front, 'waist-1', 0.5),
    to: partWay(front, 'armhole', 0.3),
    open: { from: 9, to: 9 },
  };
  expect(() => slash(front, backwards)).toThrow('fold');
  expect(() => slash(front, { ...backwards, to: partWay(front, 'waist-1', 0.8) })).toThrow('itself');
});

describe('a dart pivoted', () => {
  const opens = { in: 'side', pressed: 'centre' } as const;
  const bust = (edge: string, part: number) =>
    pivotDart(front, {
      dart: 'bust-dart',
      to: partWay(front, edge, part),
      opens,
      parts: [`${edge}-1`, `${edge}-2`],
      closed: 'side',
    });
  const angleOf = (piece: Piece, id: string) => {
    const dart = piece.darts.find((each) => each.id === id);
    return dart ? dartAngle(piece, dart) : Number.NaN;
  };

  test.each([['shoulder', 0.5], ['armhole', 0.6], ['neck', 0.4], ['waist-2', 0.5]] as const)(
    'from the side to the %s keeps its angle, its tip and the length of every edge',
    (edge, part) => {
      const moved = bust(edge, part);
      sound(moved);
      expect(angleOf(moved, 'bust-dart')).toBeCloseTo(angleOf(front, 'bust-dart'), 9);
      const parts = [1, 2].reduce((sum, each) => sum + lengthByLibrary(edgeOf(moved, `${edge}-${each}`)), 0);
      expect(parts).toBeCloseTo(lengthByLibrary(edgeOf(front, edge)), 4);
      const sides = front.edges.filter(({ role }) => role === 'side').reduce((sum, each) => sum + lengthByLibrary(each), 0);
      expect(lengthByLibrary(edgeOf(moved, 'side'))).toBeCloseTo(sides, 4);
      for (const { id, role } of front.edges)
        if (id !== edge && role !== 'side' && role !== 'dart')
          expect([id, lengthByLibrary(edgeOf(moved, id))]).toEqual([id, expect.closeTo(lengthByLibrary(edgeOf(front, id)), 4)]);
      const [leg = ''] = moved.darts.find(({ id }) => id === 'bust-dart')?.legs ?? [];
      const [was = ''] = front.darts.find(({ id }) => id === 'bust-dart')?.legs ?? [];
      expect(distance(endOf(edgeOf(moved, leg).path), endOf(edgeOf(front, was).path))).toBeLessThan(1e-9);
      expect(edgeLength(edgeOf(moved, leg))).toBeCloseTo(distance(pointOn(front, partWay(front, edge, part)), endOf(edgeOf(moved, leg).path)), 6);
    },
  ); // prettier-ignore

  test('a bust dart goes lower down its own side: what lay beside its mouth is one edge', () => {
    const moved = pivotDart(front, {
      dart: 'bust-dart',
      to: partWay(front, 'side-lower', 0.6),
      opens,
      parts: ['side-middle', 'side-lower'],
      closed: 'side-upper',
    });
    sound(moved);
    expect(angleOf(moved, 'bust-dart')).toBeCloseTo(angleOf(front, 'bust-dart'), 9);
    expect(moved.edges.map(({ id }) => id)).not.toContain('side-middle');
    const upper =
      lengthByLibrary(edgeOf(front, 'side-upper')) + 0.6 * lengthByLibrary(edgeOf(front, 'side-lower'));
    expect(lengthByLibrary(edgeOf(moved, 'side-upper'))).toBeCloseTo(upper, 4);
  });

  test('a skirt’s dart goes to its hem: closed at the waist it swings out below', () => {
    const moved = pivotDart(skirt, {
      dart: 'waist-dart-1',
      to: partWay(skirt, 'hem', 0.5),
      opens,
      parts: ['hem-1', 'hem-2'],
    });
    sound(moved);
    expect(angleOf(moved, 'waist-dart-1')).toBeCloseTo(angleOf(skirt, 'waist-dart-1'), 9);
    expect(edgeOf(moved, 'centre-front').path).toEqual(edgeOf(skirt, 'centre-front').path);
  });

  test('a dart that is not there, and one onto its own leg, are refused', () => {
    expect(() => pivotDart(front, { dart: 'none', to: partWay(front, 'neck', 0.5), opens, parts: ['a', 'b'] })).toThrow('no dart none');
    const [leg = ''] = front.darts[0]?.legs ?? [];
    expect(() => pivotDart(front, { dart: front.darts[0]?.id ?? '', to: partWay(front, leg, 0.5), opens, parts: ['a', 'b'] })).toThrow('no dart');
  }); // prettier-ignore
});

describe('edges merged', () => {
  test('make one, with the notches of both where they were', () => {
    const parted = cutAcross(skirt, partWay(skirt, 'side', 0.5), partWay(skirt, 'centre-front', 0.5), [
      line(pointOn(skirt, partWay(skirt, 'side', 0.5)), pointOn(skirt, partWay(skirt, 'centre-front', 0.5))),
    ], { id: 'seam', role: 'yoke', allowance: 10 }); // prettier-ignore
    expect(areaOf(parted.between) + areaOf(parted.beyond)).toBeCloseTo(areaOf(skirt), 0);
    const cut: Piece = {
      ...skirt,
      edges: skirt.edges.flatMap((edge) => {
        if (edge.id !== 'hem') return [edge];
        const middle = placeAtLength(edge.path, 50).point;
        return [
          { ...edge, id: 'hem-1', path: [line(startOf(edge.path), middle)] },
          { ...edge, id: 'hem-2', path: [line(middle, endOf(edge.path))] },
        ];
      }),
      notches: [{ edge: 'hem-2', at: 20, kind: 'single' }],
    };
    const whole = mergeEdges(cut, 'hem-1', 'hem-2', 'hem');
    closes(whole);
    expect(whole.notches[0]?.edge).toBe('hem');
    expect(whole.notches[0]?.at).toBeCloseTo(edgeLength(edgeOf(cut, 'hem-1')) + 20, 9);
    expect(() => mergeEdges(front, 'neck', 'armhole', 'top')).toThrow('not one edge');
  });
});

describe('a piece cut along any line', () => {
  test('parts into two whose darts go with their mouths', () => {
    const [from, to] = [partWay(front, 'armhole', 0.5), partWay(front, 'centre-front', 0.8)];
    const { between, beyond } = cutAcross(front, from, to, [line(pointOn(front, from), pointOn(front, to))], {
      id: 'seam',
      role: 'princess',
      allowance: 12,
    });
    for (const part of [between, beyond]) sound(part);
    expect(areaOf(between) + areaOf(beyond)).toBeCloseTo(areaOf(front), 0);
    expect(edgeLength(edgeOf(between, 'seam'))).toBeCloseTo(edgeLength(edgeOf(beyond, 'seam')), 9);
    expect([...between.darts, ...beyond.darts].map(({ id }) => id).sort()).toEqual(
      front.darts.map(({ id }) => id).sort(),
    );
  });
});

describe('a facing along any run of edges', () => {
  const plan = { depth: 40, id: 'facing', name: 'Facing', allowance: 6 };

  test.each([
    ['neck of a bodice', front, 'neck', 'neck'],
    ['neck and shoulder of a bodice', front, 'neck', 'shoulder'],
    ['waist of a skirt to its first dart', skirt, 'waist-1', 'waist-1'],
    ['hem of a sleeve', sleeve, 'hem', 'hem'],
  ] as const)('%s: as deep everywhere, and no cloth is lost', (_, piece, from, to) => {
    const { facing, rest } = facingAlong(piece, { ...plan, from, to });
    for (const part of [facing, rest]) sound(part);
    expect(Math.abs(areaOf(facing) + areaOf(rest) - areaOf(piece))).toBeLessThan(1);
    expect(facing.part).toBe('facing');
    for (const id of new Set([from, to])) expect(edgeOf(facing, id).path).toEqual(edgeOf(piece, id).path);
    const run = [...new Set([from, to])].flatMap((id) => everyMillimetre(edgeOf(piece, id)));
    const inner = everyMillimetre(edgeOf(facing, 'inner'));
    const depths = inner.map((p) => Math.min(...run.map((q) => distance(p, q))));
    // Beside the run it lies along the neighbouring edge, which need not leave the run square.
    const middle = depths.slice(Math.floor(depths.length * 0.3), Math.ceil(depths.length * 0.7));
    for (const depth of middle) expect(Math.abs(depth - 40)).toBeLessThan(3);
  }); // prettier-ignore

  test('deeper than the piece beside it is refused', () => {
    expect(() => facingAlong(front, { ...plan, depth: 900, from: 'neck', to: 'neck' })).toThrow(
      'not deep enough',
    );
  });
});

describe('opened or folded at a line', () => {
  test.each([['the fold of a bodice', front, 'centre-front'], ['the fold of a skirt', skirt, 'centre-front'], ['the underarm of a sleeve', sleeve, 'underarm-front']] as const)(
    'at %s it is twice the cloth, its halves alike',
    (_, piece, at) => {
      const open = openAt(piece, at);
      closes(open);
      expect(areaOf(open)).toBeCloseTo(2 * areaOf(piece), 3);
      for (const { id } of piece.edges.filter((edge) => edge.id !== at))
        expect(lengthByLibrary(edgeOf(open, `${id}-other`))).toBeCloseTo(lengthByLibrary(edgeOf(piece, id)), 6);
      expect(open.darts).toHaveLength(2 * piece.darts.length);
    },
  ); // prettier-ignore

  test('a sleeve folded down its middle is half of itself, its fold on x = 0 with the cloth to the right', () => {
    const half = foldAt(sleeve, {
      from: partWay(sleeve, 'cap-front', 0),
      to: partWay(sleeve, 'hem', 0.5),
      id: 'fold',
    });
    sound(half);
    const fold = edgeOf(half, 'fold');
    expect([startOf(fold.path), endOf(fold.path)].every(({ x }) => Math.abs(x) < 1e-9)).toBe(true);
    expect(stitchRing(half).every(({ x }) => x > -1)).toBe(true);
    const whole = openAt(half, 'fold');
    expect(areaOf(whole)).toBeCloseTo(2 * areaOf(half), 3);
    expect(Math.abs(Math.hypot(half.grain.x, half.grain.y) - 1)).toBeLessThan(1e-9);
  });

  test('an edge that is curved cannot be opened at', () => {
    expect(() => openAt(front, 'armhole')).toThrow('not straight');
  });
});

describe('an annular sector', () => {
  // Geometry: an arc of radius r over the angle t is r · t long, a sector between two radii has (R² − r²) · t ÷ 2 of cloth.
  test.each([0.4, Math.PI / 2, Math.PI])(
    'of %s radians has the length and the cloth of a ring’s',
    (angle) => {
      const [inner, outer] = [120, 480];
      const sides = annularSector({ inner, outer, from: 0, to: angle });
      const edges = Object.entries(sides).map(([id, path]) => ({
        id,
        role: 'free' as const,
        path: path as Edge['path'],
        allowance: 0,
      }));
      const piece: Piece = { ...front, edges, notches: [], darts: [], levels: [] };
      closes(piece);
      expect(Math.abs(curveLength(sides.inner) - inner * angle)).toBeLessThan(0.005);
      expect(Math.abs(lengthByLibrary(edgeOf(piece, 'outer')) - outer * angle)).toBeLessThan(0.02);
      expect(areaOf(piece) / (((outer ** 2 - inner ** 2) * angle) / 2)).toBeCloseTo(1, 3);
    },
  );
});

describe('strips', () => {
  const plan = { id: 'binding', name: 'Binding', role: 'outer', length: plainLength(inches(20)), width: plainLength(inches(1)), doubled: false, copies: 1, allowance: 6, notchesAt: [] } as const; // prettier-ignore

  test('on the bias lie at half a right angle to the grain', () => {
    const { grain } = strip({ ...plan, bias: true });
    const along = point(0, 1);
    expect(Math.acos(grain.x * along.x + grain.y * along.y)).toBeCloseTo(Math.PI / 4, 9);
    expect(strip(plan).grain).toEqual(along);
    expect(rotate(grain, point(0, 0), Math.PI / 4).x).toBeCloseTo(0, 9);
  });
});

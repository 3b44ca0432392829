import { describe, expect, test } from '@jest/globals';
import { curveLength, endOf, startOf } from '../../geometry/curve.ts';
import { distance, point } from '../../geometry/point.ts';
import { countSelfCrossings, signedArea } from '../../geometry/ring.ts';
import { line } from '../../geometry/segment.ts';
import { edgeLength, edgeOf, makePiece, roleLength, stitchRing, type Piece } from '../../pieces/piece.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { inches } from '../../units/length.ts';
import { movePoint } from './edges/move-point.ts';
import { splitAcross } from './panels/split-across.ts';
import { fittedDress } from '../../styles/fitted-dress.ts';
import { recipeOf } from '../../styles/recipe-book.ts';

const square: Piece = makePiece({
  id: 'square',
  name: 'Square',
  role: 'outer',
  part: 'bodice',
  cut: { copies: 1, layers: 'single' },
  grain: point(0, 1),
  edges: [
    { id: 'top', role: 'neck', path: [line(point(0, 0), point(100, 0))], allowance: 10 },
    { id: 'right', role: 'side', path: [line(point(100, 0), point(100, 100))], allowance: 10 },
    { id: 'bottom', role: 'hem', path: [line(point(100, 100), point(0, 100))], allowance: 10 },
    { id: 'left', role: 'fold', path: [line(point(0, 100), point(0, 0))], allowance: 0 },
  ],
  notches: [
    { edge: 'right', at: 30, kind: 'single' },
    { edge: 'right', at: 70, kind: 'single' },
  ],
  darts: [],
  levels: [{ name: 'waist', path: [point(0, 50), point(100, 50)] }],
  intakes: [],
});

describe('splitAcross', () => {
  const parts = splitAcross(square, { edge: 'right', at: 40 }, { edge: 'left', at: 60 });

  test('every old edge length is kept, shared between the two parts', () => {
    const lengthOf = (id: string) =>
      [...parts.between.edges, ...parts.beyond.edges]
        .filter((edge) => edge.id === id)
        .reduce((sum, edge) => sum + edgeLength(edge), 0);
    for (const { id } of square.edges) expect(lengthOf(id)).toBeCloseTo(100, 6);
    expect(parts.between.edges.map(({ id }) => id)).toEqual(['right', 'bottom', 'left']);
    expect(parts.beyond.edges.map(({ id }) => id)).toEqual(['left', 'top', 'right']);
  });

  test('notches go with their edge and count from where it now starts', () => {
    expect(parts.between.notches).toEqual([{ edge: 'right', at: 30, kind: 'single' }]);
    expect(parts.beyond.notches).toEqual([{ edge: 'right', at: 30, kind: 'single' }]);
  });

  test('a cut through a corner leaves no edge without length, and one edge cannot hold both ends', () => {
    const corner = splitAcross(square, { edge: 'right', at: 0 }, { edge: 'left', at: 100 });
    expect(corner.beyond.edges.map(({ id }) => id)).toEqual(['top']);
    expect(() => splitAcross(square, { edge: 'top', at: 10 }, { edge: 'top', at: 50 })).toThrow(
      'cannot be cut',
    );
  });
});

describe('movePoint', () => {
  test('a corner takes the edges that meet there, and nothing else', () => {
    const moved = movePoint(square, point(100, 100), point(12, 5));
    expect(endOf(edgeOf(moved, 'right').path)).toEqual(point(112, 105));
    expect(startOf(edgeOf(moved, 'bottom').path)).toEqual(point(112, 105));
    expect(edgeOf(moved, 'top')).toEqual(edgeOf(square, 'top'));
  });

  test('a point in the middle of an edge becomes a joint, and its level line goes along', () => {
    const moved = movePoint(square, point(100, 50), point(8, 0));
    expect(edgeOf(moved, 'right').path).toHaveLength(2);
    expect(moved.levels[0]?.path.at(-1)).toEqual(point(108, 50));
    expect(edgeLength(edgeOf(moved, 'right'))).toBeCloseTo(2 * Math.hypot(50, 8), 6);
  });
});

describe('facing and lining', () => {
  const { pieces } = recipeOf(fittedDress).draft(draftInput(middleBody));
  const named = (id: string) => {
    const found = pieces.find(({ piece }) => piece.id === id);
    if (!found) throw new Error(`no ${id}`);
    return found;
  };

  test.each(['front', 'back'] as const)(
    'the %s parts into a facing and a lining that make it up again',
    (which) => {
      const [outer, facing, lining] = ['bodice', 'facing', 'lining-bodice'].map((id) =>
        named(`${id}-${which}`),
      );
      if (!outer || !facing || !lining) throw new Error('expected three pieces');
      const areaOf = ({ piece }: typeof outer) => signedArea(stitchRing(piece));
      expect(Math.abs(areaOf(facing) + areaOf(lining) - areaOf(outer))).toBeLessThan(2);
      const sides = [facing, lining].reduce((sum, { piece }) => sum + roleLength(piece, 'side'), 0);
      expect(sides).toBeCloseTo(roleLength(outer.piece, 'side'), 3);
      expect(startOf(edgeOf(lining.piece, 'inner').path).y).toBeCloseTo(0, 6);
    },
  );

  test('the lining of the skirt ends above the hem, and its cut edge a whole hem higher', () => {
    const shorter = ruleSet()['lining.shorter'];
    for (const which of ['front', 'back']) {
      const [outer, lining] = [named(`skirt-${which}`), named(`lining-skirt-${which}`)];
      const bottom = ({ piece }: typeof outer) =>
        piece.levels.find(({ name }) => name === 'hem')?.path[0]?.y ?? 0;
      expect(bottom(outer) - bottom(lining)).toBeCloseTo(shorter, 6);
      const lowest = ({ outline }: typeof outer) => Math.max(...outline.map(({ y }) => y));
      expect(lowest(outer) - lowest(lining)).toBeCloseTo(shorter + inches(2), 0);
    }
  });

  test('a dart that would reach into the facing is pulled back below it in the lining', () => {
    for (const neckDepthBack of [1.5, 4, 6, 8]) {
      const deep = recipeOf(fittedDress).draft(
        draftInput(middleBody, { neckDepthBack: inches(neckDepthBack) }),
      );
      const lining = deep.pieces.find(({ piece }) => piece.id === 'lining-bodice-back');
      if (!lining) throw new Error('expected the lining');
      expect(countSelfCrossings(lining.stitch)).toBe(0);
      const dart = lining.piece.darts[0];
      const tip = endOf(edgeOf(lining.piece, dart?.legs[0] ?? '').path);
      const gap = Math.min(
        ...lining.stitch.filter((p) => distance(p, tip) > 1e-6).map((p) => distance(p, tip)),
      );
      expect(gap).toBeGreaterThan(8);
    }
  });

  test('stay and facing are the same outline', () => {
    expect(named('stay-facing-back').outline).toEqual(named('facing-back').outline);
    expect(named('stay-facing-back').piece.template).toBe('facing-back');
  });

  test('the slit is open as far as it was chosen, with its own allowance beside the centre', () => {
    const draft = recipeOf(fittedDress).draft(draftInput(middleBody, { slit: inches(9) }));
    const back = draft.pieces.find(({ piece }) => piece.id === 'skirt-back');
    if (!back) throw new Error('expected the back');
    const slit = edgeOf(back.piece, 'slit');
    expect(curveLength(slit.path)).toBeCloseTo(inches(9), 6);
    expect(Math.min(...back.outline.map(({ x }) => x))).toBeCloseTo(-inches(2), 1);
    const none = recipeOf(fittedDress).draft(draftInput(middleBody, { slit: 0 }));
    expect(none.pieces.flatMap(({ piece }) => piece.edges).some(({ role }) => role === 'slit')).toBe(false);
  });
});

import { describe, expect, test } from '@jest/globals';
import { area, EndType, inflatePaths, JoinType } from 'clipper2-ts';
import { placeAtLength } from '../geometry/curve.ts';
import { point } from '../geometry/point.ts';
import { boxOf, countSelfCrossings, signedArea, type Ring } from '../geometry/ring.ts';
import { line } from '../geometry/segment.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { cutLine } from './cut-line.ts';
import { edgesUnderRoofs } from './dart-roof.ts';
import { edgeLength, stitchRing, type Edge, type EdgeRole, type Piece } from './piece.ts';
import { distanceToRing } from '../geometry/distance-to-ring.ts';
import { fittedDress } from '../styles/fitted-dress.ts';
import { recipeOf } from '../styles/recipe-book.ts';

const corners = [point(0, 0), point(200, 0), point(200, 300), point(0, 300)];
const square = (
  allowances: readonly number[],
  roles: readonly EdgeRole[] = ['waist', 'side', 'waist', 'side'],
): Piece => ({
  id: 'square',
  name: 'Square',
  role: 'outer',
  part: 'bodice',
  cut: { copies: 1, layers: 'single' },
  grain: point(0, 1),
  edges: corners.map((from, index): Edge => ({
    id: `edge-${index}`,
    role: roles[index] ?? 'side',
    path: [line(from, corners[(index + 1) % 4] ?? from)],
    allowance: allowances[index] ?? 0,
  })),
  notches: [],
  darts: [],
  levels: [],
  intakes: [],
});

const clipperArea = (ring: Ring, allowance: number): number => {
  const path = ring.map(({ x, y }) => ({ x: Math.round(x * 1000), y: Math.round(y * 1000) }));
  const grown = inflatePaths([path], allowance * 1000, JoinType.Miter, EndType.Polygon, 2.5);
  return grown.reduce((sum, each) => sum + Math.abs(area(each)), 0) / 1e6;
};

describe('cutLine', () => {
  test('each edge keeps its own allowance and the corners meet', () => {
    const { ring } = cutLine(square([10, 20, 30, 40]));
    expect(boxOf(ring)).toEqual({ minX: -40, minY: -10, maxX: 220, maxY: 330 });
    expect(signedArea(ring)).toBeCloseTo(260 * 340, 3);
  });

  test('a fold carries no allowance', () => {
    expect(boxOf(cutLine(square([10, 10, 10, 0])).ring).minX).toBe(0);
  });

  test('a hem’s corner reflects the side, so that it lies flat when turned up', () => {
    const { ring } = cutLine(square([10, 25, 50, 25], ['waist', 'side', 'hem', 'side']));
    expect(boxOf(ring).maxY).toBe(350);
    // Square to the side, the reflection of the cut line is its own continuation.
    expect(boxOf(ring)).toMatchObject({ minX: -25, maxX: 225 });
  });

  test('one allowance all round gives the area that Clipper2, a general polygon library, gives', () => {
    const { pieces } = recipeOf(fittedDress).draft(draftInput(middleBody));
    for (const { piece } of pieces) {
      const undarted = {
        ...piece,
        darts: [],
        edges: edgesUnderRoofs(piece).map((edge): Edge => ({ ...edge, allowance: 12, role: 'side' })),
      };
      const ours = signedArea(cutLine(undarted).ring);
      const reference = clipperArea(stitchRing(undarted), 12);
      expect(Math.abs(ours - reference) / reference).toBeLessThan(1e-3);
    }
  });

  test('on every piece of a dress the cut lies its allowance from the stitch line, and never crosses itself', () => {
    const { pieces } = recipeOf(fittedDress).draft(draftInput(middleBody));
    for (const { piece, outline } of pieces) {
      expect(countSelfCrossings(outline)).toBe(0);
      for (const edge of edgesUnderRoofs(piece).filter((each) => edgeLength(each) > 20)) {
        for (const part of [0.3, 0.5, 0.7]) {
          const { point: p } = placeAtLength(edge.path, part * edgeLength(edge));
          const gap = distanceToRing(p, outline);
          expect(gap).toBeLessThan(edge.allowance + 0.15);
          if (edge.role !== 'fold') expect(gap).toBeGreaterThan(Math.min(edge.allowance, 6) - 0.3);
        }
      }
    }
  });
});

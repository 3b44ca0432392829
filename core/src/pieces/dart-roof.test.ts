import { describe, expect, test } from '@jest/globals';
import { point, reflectDirection, subtract, unitVector } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { dartRoof, edgesUnderRoofs } from './dart-roof.ts';
import type { Piece } from './piece.ts';
import { shortenDart } from '../drafting/operations/darts/shorten-dart.ts';
import { edgeLength, edgeOf } from './piece.ts';
import { plainLength } from '../testing/plain-length.ts';

/** A half-piece with one waist dart of 20 at its lower edge, tip up at (50, 20); the waist runs level on both sides. */
const piece: Piece = {
  id: 'panel',
  name: 'Panel',
  role: 'outer',
  part: 'bodice',
  cut: { copies: 1, layers: 'fold' },
  grain: point(0, 1),
  edges: [
    { id: 'top', role: 'neck', path: [line(point(0, 0), point(100, 0))], allowance: 6 },
    { id: 'side', role: 'side', path: [line(point(100, 0), point(100, 80))], allowance: 25 },
    { id: 'waist-2', role: 'waist', path: [line(point(100, 80), point(60, 80))], allowance: 12 },
    { id: 'dart-outer', role: 'dart', path: [line(point(60, 80), point(50, 20))], allowance: 0 },
    { id: 'dart-inner', role: 'dart', path: [line(point(50, 20), point(40, 80))], allowance: 0 },
    { id: 'waist-1', role: 'waist', path: [line(point(40, 80), point(0, 80))], allowance: 12 },
    { id: 'centre', role: 'fold', path: [line(point(0, 80), point(0, 0))], allowance: 0 },
  ],
  notches: [],
  darts: [{ id: 'dart', in: 'waist', legs: ['dart-outer', 'dart-inner'], pressed: 'centre' }],
  levels: [],
  intakes: [],
};
const [dart] = piece.darts;
if (!dart) throw new Error('expected a dart');

describe('dartRoof', () => {
  test('rises on the fold line, so that the folded cloth ends on the seam that it lies on', () => {
    const [outer, peak, inner] = dartRoof(piece, dart);
    expect([outer, inner]).toEqual([point(60, 80), point(40, 80)]);
    expect(peak.x).toBeCloseTo(50, 9);
    expect(peak.y).toBeGreaterThan(80);
    // Folded about the inner leg, the roof's inner half runs on along the waist towards the centre.
    const leg = unitVector(subtract(point(40, 80), point(50, 20)));
    const folded = reflectDirection(unitVector(subtract(peak, inner)), leg);
    expect(folded.x).toBeCloseTo(-1, 6);
    expect(folded.y).toBeCloseTo(0, 6);
  });

  test('bridges the dart in the loop with the allowance of the seam it stands in', () => {
    const edges = edgesUnderRoofs(piece);
    expect(edges.map(({ id }) => id)).toEqual(['top', 'side', 'waist-2', 'dart', 'waist-1', 'centre']);
    expect(edges[3]).toMatchObject({ role: 'waist', allowance: 12 });
  });

  test('without darts the loop is left alone', () => {
    const plain = { ...piece, darts: [] };
    expect(edgesUnderRoofs(plain)).toEqual(plain.edges);
  });
});

describe('shortenDart', () => {
  test('pulls the tip back along the bisector; the mouth stays and the legs stay equal', () => {
    const shorter = shortenDart(piece, 'dart', plainLength(15));
    expect(edgeOf(shorter, 'dart-outer').path[0]).toEqual(line(point(60, 80), point(50, 35)));
    expect(edgeLength(edgeOf(shorter, 'dart-outer'))).toBeCloseTo(
      edgeLength(edgeOf(shorter, 'dart-inner')),
      9,
    );
  });

  test('never takes more than three fifths of it, and knows its darts by name', () => {
    expect(edgeOf(shortenDart(piece, 'dart', plainLength(500)), 'dart-outer').path[0]?.b.y).toBeCloseTo(
      20 + 0.6 * 60,
      9,
    );
    expect(() => shortenDart(piece, 'side-dart', plainLength(5))).toThrow('no dart side-dart');
  });
});

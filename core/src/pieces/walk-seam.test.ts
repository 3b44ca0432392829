import { describe, expect, test } from '@jest/globals';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import { plainBodice } from '../styles/plain-bodice.ts';
import { point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import type { Piece } from './piece.ts';
import { SMOOTH, walkSeam } from './walk-seam.ts';
import { whole } from './seam.ts';

const piece = (id: string, ...edges: { id: string; length: number; notches: number[] }[]): Piece => ({
  id,
  name: id,
  role: 'outer',
  part: 'bodice',
  cut: { copies: 1, layers: 'single' },
  grain: point(0, 1),
  edges: edges.map((edge) => ({
    id: edge.id,
    role: 'side',
    path: [line(point(0, 0), point(0, edge.length))],
    allowance: 0,
  })),
  notches: edges.flatMap((edge) =>
    edge.notches.map((at) => ({ edge: edge.id, at, kind: 'single' as const })),
  ),
  darts: [],
  levels: [],
  intakes: [],
});

describe('a seam walked', () => {
  const front = piece('front', { id: 'side', length: 100, notches: [30] });

  test('meets its notches whichever way round the other edge is drawn', () => {
    for (const at of [30, 70]) {
      const back = piece('back', { id: 'side', length: 100, notches: [at] });
      expect(
        walkSeam([front, back], { a: whole(['front/side']), b: whole(['back/side']) }).apart,
      ).toBeCloseTo(0, 9);
    }
  });

  test('says how far notches lie apart, and nothing where there are none to compare', () => {
    const back = piece('back', { id: 'side', length: 100, notches: [34] });
    expect(walkSeam([front, back], { a: whole(['front/side']), b: whole(['back/side']) }).apart).toBeCloseTo(
      4,
      9,
    );
    const plain = piece('back', { id: 'side', length: 100, notches: [] });
    expect(
      walkSeam([front, plain], { a: whole(['front/side']), b: whole(['back/side']) }).apart,
    ).toBeUndefined();
  });

  test('several edges are walked one after the other, with the places where they meet', () => {
    const back = piece(
      'back',
      { id: 'upper', length: 60, notches: [] },
      { id: 'lower', length: 40, notches: [10] },
    );
    const walked = walkSeam([front, back], {
      a: whole(['front/side']),
      b: whole(['back/upper', 'back/lower']),
    });
    expect(walked.b).toMatchObject({ length: 100, notches: [30] });
    expect(walked.apart).toBeCloseTo(0, 9);
  });
});

test('an edge sewn twice is walked twice, and one sewn in part from there on', () => {
  const cap = piece('sleeve', { id: 'cap', length: 50, notches: [20] });
  const hole = piece('body', { id: 'armhole', length: 130, notches: [40, 90] });
  const walked = walkSeam([cap, hole], {
    a: [{ edge: 'sleeve/cap', times: 2, reversed: false }],
    b: [{ edge: 'body/armhole', from: 20, to: 120, reversed: false }],
  });
  expect(walked.a).toMatchObject({ length: 100, joins: [50], notches: [20, 70] });
  expect(walked.b).toMatchObject({ length: 100, joins: [], notches: [20, 70] });
  expect(walked.apart).toBeCloseTo(0, 9);
});

describe('an edge across a seam that is sewn', () => {
  /** A front and a back, mirrored, that meet in an upright side of 100 mm; their hems fall away by a slope outwards or inwards. */
  const panel = (id: string, fall: number): Piece => ({
    ...piece(id),
    edges: [
      { id: 'side', role: 'side', path: [line(point(0, 0), point(0, 100))], allowance: 0 },
      { id: 'hem', role: 'hem', path: [line(point(0, 100), point(-100, 100 - fall))], allowance: 0 },
      { id: 'centre', role: 'centre', path: [line(point(-100, 100 - fall), point(-100, 0))], allowance: 0 },
      { id: 'waist', role: 'waist', path: [line(point(-100, 0), point(0, 0))], allowance: 0 },
    ],
  });
  const turns = (fall: number, other: number) => {
    const walked = walkSeam([panel('front', fall), panel('back', other)], {
      a: whole(['front/side']),
      b: whole(['back/side']),
    });
    return Object.fromEntries(walked.runsOn.map(({ role, turn }) => [role, (turn * 180) / Math.PI]));
  };

  test('runs on straight where the corners make up a straight angle', () => {
    expect(turns(0, 0)).toEqual({ hem: expect.closeTo(0, 9), waist: expect.closeTo(0, 9) });
    expect(turns(20, -20).hem).toBeCloseTo(0, 9);
  });

  test('bends by what both corners miss of it', () => {
    const slope = (Math.atan(0.2) * 180) / Math.PI;
    expect(turns(20, 20).hem).toBeCloseTo(2 * slope, 9);
    expect(turns(20, 0).hem).toBeCloseTo(slope, 9);
  });

  test('necks, armholes and waist of the bodice, and its facings, run on smoothly over shoulder and side', () => {
    const { pieces, seams } = recipeOf(plainBodice).draft(draftInput(middleBody));
    const ends = seams
      .filter(({ id }) => /shoulder|side/.test(id))
      .flatMap(
        (seam) =>
          walkSeam(
            pieces.map(({ piece: each }) => each),
            seam,
          ).runsOn,
      );
    expect(new Set(ends.map(({ role }) => role))).toEqual(new Set(['neck', 'armhole', 'waist', 'inner']));
    expect(ends.filter(({ turn }) => turn >= SMOOTH)).toEqual([]);
  });
});

describe.each(Object.values(styleBook))('$name', (style) => {
  const { pieces, seams } = recipeOf(style).draft(draftInput(middleBody));

  test('princess and side seams agree in their notches', () => {
    const walked = seams
      .filter(({ id }) => /princess (front|back)$|^bodice side$/.test(id))
      .map((seam) => ({
        id: seam.id,
        ...walkSeam(
          pieces.map(({ piece: each }) => each),
          seam,
        ),
      }));
    for (const { id, apart } of walked) expect([id, (apart ?? 0) < 3]).toEqual([id, true]);
  });
});

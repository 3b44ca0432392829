import { describe, expect, test } from '@jest/globals';
import { point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { finishPiece } from '../pieces/drafted-piece.ts';
import { girthOf, type Girth } from '../pieces/girth.ts';
import type { LevelName } from '../pieces/level.ts';
import type { Piece } from '../pieces/piece.ts';
import { isMet, measureRound, roundFindings } from './rounds.ts';
import { outlineFindings, seamFindings } from './seam-findings.ts';

const corners = [point(0, 0), point(100, 0), point(100, 200), point(0, 200)];
const panel: Piece = {
  id: 'panel',
  name: 'Panel',
  role: 'outer',
  part: 'bodice',
  cut: { copies: 1, layers: 'fold' },
  grain: point(0, 1),
  edges: (['waist', 'side', 'hem', 'fold'] as const).map((role, index) => ({
    id: role,
    role,
    path: [line(corners[index] ?? point(0, 0), corners[(index + 1) % 4] ?? point(0, 0))],
    allowance: role === 'fold' ? 0 : 10,
  })),
  notches: [],
  darts: [],
  levels: [{ name: 'hip', path: [point(0, 120), point(100, 120)] }],
  intakes: [],
};
const drafted: DraftedPiece = finishPiece(panel);

/** A girth over two of the panels, measured. */
const measured = (level: LevelName, body: number, ease: number, held?: Girth['held']) =>
  measureRound(girthOf(level, [panel, panel], body, ease, held), () => drafted);

describe('rounds', () => {
  test('two half-pieces lie on the body twice', () => {
    expect(measured('hip', 360, 40)).toEqual({
      level: 'hip',
      runs: [
        { piece: 'panel', times: 2 },
        { piece: 'panel', times: 2 },
      ],
      body: 360,
      finished: 400,
      ease: 40,
      wantedEase: 40,
      held: 'closely',
    });
    expect(measured('waist', 380, 20)).toMatchObject({ finished: 400, ease: 20 });
  });

  test('a quarter of an inch is let pass, more is a stop that names level and measure', () => {
    const solved = { school: 'solved', hand: {} } as const;
    expect(roundFindings([measured('hip', 360, 46)], solved)).toEqual([]);
    const missed = [measured('hip', 360, 50)];
    const [found] = roundFindings(missed, solved);
    expect(found).toMatchObject({
      code: 'round-differs',
      severity: 'stop',
      where: { subject: 'hip', measure: 'hip' },
      found: 400,
      expected: 410,
      remedy: { kind: 'measure-again', measure: 'hip' },
    });
    const byHand = { 'panel/hip': { mm: 100, why: 'a try' } };
    expect(roundFindings(missed, { ...solved, hand: byHand })[0]?.remedy).toEqual({
      kind: 'clear-figure',
      figure: 'panel/hip',
    });
    expect(roundFindings(missed, { school: 'table', hand: byHand })[0]?.remedy).toMatchObject({
      rule: 'school.block',
      value: 'solved',
    });
  });

  test('where ease is only the least, more is as good; a girth that is not held is only told', () => {
    expect([measured('hip', 300, 40, 'at-least'), measured('hip', 399, 40, 'at-least')].map(isMet)).toEqual([
      true,
      false,
    ]);
    expect(isMet(measured('hip', 300, 0, 'not'))).toBe(true);
  });

  test('a sleeve on the fold goes around one arm of two, a flat piece around the body once', () => {
    const times = (level: LevelName, cut: Piece['cut']) =>
      girthOf(level, [{ ...panel, cut }], 0, 0).runs[0]?.times;
    expect(times('sleeveHem', { copies: 2, layers: 'fold' })).toBe(2);
    expect(times('sleeveHem', { copies: 2, layers: 'pair' })).toBe(1);
    expect(times('waist', { copies: 1, layers: 'single' })).toBe(1);
    expect(times('waist', { copies: 2, layers: 'pair' })).toBe(2);
  });

  test('a level that a piece does not have is a fault of the recipe', () => {
    expect(() => measured('bust', 360, 40)).toThrow('panel has no bust level');
  });
});

describe('seam and outline findings', () => {
  test('a seam that is not true is a stop that says what it should measure', () => {
    const seam = {
      id: 'side',
      a: [{ edge: 'panel/side' }],
      b: [{ edge: 'panel/fold' }],
      relation: { kind: 'equal' },
      governing: 'backWaistLength',
      lengthA: 210,
      lengthB: 200,
      difference: 10,
      intervals: [{ lengthA: 210, lengthB: 200, difference: 10 }],
      ok: false,
    } as const;
    const truing = () => ({ figure: 'panel/side', mm: 205 });
    expect(seamFindings([seam, { ...seam, ok: true }], {}, truing)).toEqual([
      {
        code: 'seam-differs',
        severity: 'stop',
        where: { subject: 'side', piece: 'panel', edge: 'side', measure: 'backWaistLength' },
        found: 210,
        stretch: 1,
        stretches: 1,
        expected: 200,
        remedy: { kind: 'measure-again', measure: 'backWaistLength' },
        orElse: { kind: 'set-figure', figure: 'panel/side', mm: 205 },
      },
    ]);
  });

  test('an outline that crosses itself is a stop, a plain one is not', () => {
    const bow = [point(0, 0), point(10, 10), point(10, 0), point(0, 10)];
    const lengthOf = () => 'waistToHip' as const;
    expect(outlineFindings([drafted], {}, lengthOf)).toEqual([]);
    expect(outlineFindings([{ ...drafted, outline: bow }], {}, lengthOf)).toMatchObject([
      {
        code: 'outline-crosses-itself',
        where: { piece: 'panel', measure: 'waistToHip' },
        remedy: { kind: 'measure-again', measure: 'waistToHip' },
      },
    ]);
  });
});

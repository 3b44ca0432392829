import { describe, expect, test } from '@jest/globals';
import { finding } from '../findings/finding.ts';
import { girthOf } from '../pieces/girth.ts';
import { point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { makePiece, type Piece } from '../pieces/piece.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { draftInput } from '../testing/bodies.ts';
import { assembleDraft, type DrawnGarment } from './assemble-draft.ts';
import { dartSeams, joined, lengthOf } from './seam-parts.ts';
import { plainLength } from '../testing/plain-length.ts';

/** A plain oblong with a side, so that two of them can be sewn together. */
const panel = (id: string, height: number): Piece =>
  makePiece({
    id,
    name: id,
    role: 'outer',
    part: 'bodice',
    cut: { copies: 1, layers: 'fold' },
    grain: point(0, 1),
    edges: [
      { id: 'neck', role: 'neck', path: [line(point(0, 0), point(100, 0))], allowance: 0 },
      { id: 'side', role: 'side', path: [line(point(100, 0), point(100, height))], allowance: 10 },
      { id: 'waist', role: 'waist', path: [line(point(100, height), point(0, height))], allowance: 10 },
      { id: 'centre-front', role: 'fold', path: [line(point(0, height), point(0, 0))], allowance: 0 },
    ],
    notches: [],
    darts: [],
    levels: [{ name: 'bust', path: [point(0, 40), point(100, 40)] }],
    intakes: [],
    dimensions: [
      {
        name: 'side',
        label: 'Side, across',
        kind: 'out',
        at: { kind: 'corner', of: 'neck', end: 'end' },
        working: plainLength(100),
        adds: 'side',
      },
    ],
  });

const garment = (change: Partial<DrawnGarment> = {}): DrawnGarment => ({
  details: [],
  pieces: [panel('front', 200), panel('back', 200)],
  seams: [joined('side', 'side', panel('front', 200), panel('back', 200))],
  girths: [girthOf('bust', [panel('front', 200), panel('back', 200)], 380, 20)],
  covering: ['front'],
  checks: () => [],
  findings: [],
  ...change,
});
const input = draftInput({});

describe('a garment as its recipe drew it', () => {
  test('is finished with cut lines, seams, rounds and coverage', () => {
    const draft = assembleDraft(garment(), input);
    expect(draft.pieces.map(({ piece, outline }) => [piece.id, outline.length > 3])).toEqual([
      ['front', true],
      ['back', true],
    ]);
    expect(draft.seams).toMatchObject([{ id: 'side', ok: true, difference: 0 }]);
    expect(draft.rounds).toMatchObject([{ level: 'bust', finished: 400, ease: 20 }]);
    expect(draft.coverage).toEqual([{ piece: 'front', face: undefined, edge: 'neck', aboveBust: 40 }]);
    expect(draft.findings).toEqual([]);
  });

  test('a seam that does not close and a round that is missed are stops, measured on the pieces', () => {
    const pieces = [panel('front', 200), panel('back', 212)];
    const draft = assembleDraft(
      garment({
        pieces,
        girths: [girthOf('bust', pieces, 380, 60)],
      }),
      input,
    );
    expect(draft.findings.map(({ code }) => code)).toEqual(['seam-differs', 'round-differs']);
    expect(draft.seams[0]?.difference).toBeCloseTo(-12, 6);
  });

  test('a figure by hand that no piece has is pointed out, to be taken back', () => {
    const draft = assembleDraft(garment(), { ...input, figures: { 'front/hood': { mm: 100, why: '' } } });
    expect(draft.findings).toEqual([
      finding(
        'figure-unknown',
        { figure: 'front/hood' },
        { remedy: { kind: 'clear-figure', figure: 'front/hood' } },
      ),
    ]);
  });

  test('what the drafting and the openings found is kept', () => {
    const [mine, theirs] = [
      finding('neck-deep', { choice: 'neckDepthFront' }, { found: 260, expected: 240 }),
      finding('zip-too-short', {}, { found: 800, expected: 900 }),
    ];
    const { findings } = assembleDraft(garment({ findings: [mine], checks: () => [theirs] }), input);
    expect(findings).toEqual([mine, theirs]);
  });

  test('a recipe that asks for a piece it did not draw is broken, and says which', () => {
    expect(() => assembleDraft(garment({ covering: ['hood'] }), { ...input, rules: ruleSet() })).toThrow(
      'no hood',
    );
  });
});

test('where to look when lengths differ: down the back for a bodice, to the hip for a skirt', () => {
  expect(lengthOf(panel('bodice-front', 10))).toBe('backWaistLength');
  expect(lengthOf({ ...panel('skirt-front', 10), part: 'skirt' })).toBe('waistToHip');
  expect(dartSeams(panel('front', 10))).toEqual([]);
});

import { describe, expect, test } from '@jest/globals';
import { boxOf, openHalf, signedArea } from '../../geometry/ring.ts';
import { checkLay } from '../../lay/proof/check-lay.ts';
import { planForWork } from '../../lay/plan/plan-lay.ts';
import { inches } from '../../units/length.ts';
import { findingWords } from '../../words/finding-words.ts';
import { readPieces } from './read-pieces.ts';

const square = [
  [0, 0],
  [400, 0],
  [400, 500],
  [0, 500],
];
/** Wider below, and not the same left and right. */
const leaning = [
  [0, 0],
  [300, 0],
  [400, 500],
  [0, 500],
];
const file = (pieces: readonly object[], change: object = {}): object => ({
  format: 'ample-bolt/pieces',
  version: 1,
  unit: 'mm',
  width: 1143,
  length: null,
  oneWay: false,
  pieces,
  ...change,
});
const faultOf = (input: unknown) => {
  const found = readPieces(input);
  return found.ok ? undefined : [found.fault.code, found.fault.field];
};

describe('a pieces file', () => {
  test('a flare too large for the cloth becomes equal parts, told with their joins, that are laid and proved', () => {
    const read = readPieces(file([{ name: 'skirt', flare: { inner: 110, outer: 1240, join: 12 } }], { width: 1120 })); // prettier-ignore
    if (!read.ok) throw new Error(read.fault.message);
    const { cloth, pieces, findings } = read.value;
    expect(pieces).toMatchObject([{ id: 'skirt', cut: { copies: 6, layers: 'single' } }]);
    expect(findings.map((each) => findingWords(each, 'in').message)).toEqual([
      'Skirt is cut in 6 equal parts, joined 30°, 90°, 150° from centre front on either side.',
    ]);
    const lay = planForWork({ pieces, cloth, fold: 'open', seed: 1, shrinkPercent: 0, buyIn: 'm' }, 40);
    expect(checkLay(lay, pieces, cloth)).toEqual([]);
    const small = readPieces(file([{ name: 'peplum', flare: { inner: 110, outer: 300 } }]));
    expect(small.ok && [small.value.findings, small.value.pieces[0]?.cut.copies]).toEqual([[], 1]);
  });

  test('gives a cloth whose usable width is the file’s, and pieces in mm', () => {
    const found = readPieces(
      file(
        [{ name: 'back', polygon: leaning.map(([x, y]) => [x! / 25.4, y! / 25.4]), count: 2, mirror: true }],
        {
          unit: 'in',
          width: 44,
          length: 90,
          oneWay: true,
        },
      ),
    );
    if (!found.ok) throw new Error(found.fault.message);
    const { cloth, pieces, unit } = found.value;
    expect(unit).toBe('in');
    expect(cloth).toMatchObject({ width: inches(44), selvedge: 0, length: inches(90), oneWay: true });
    expect(pieces).toMatchObject([{ id: 'back', cut: { copies: 2, layers: 'pair' }, oneWay: false }]);
    expect(signedArea(pieces[0]?.outline ?? [])).toBeCloseTo(175_000, 3);
  });

  test('a piece on the fold is its right half, the fold at 0, whichever way round it was listed', () => {
    for (const polygon of [square, [...square].reverse()]) {
      const found = readPieces(file([{ name: 'front', polygon, onFold: true }]));
      if (!found.ok) throw new Error(found.fault.message);
      const [piece] = found.value.pieces;
      expect(piece?.cut).toEqual({ copies: 1, layers: 'fold' });
      expect(boxOf(piece?.outline ?? [])).toMatchObject({ minX: 0, maxX: 200 });
      expect(signedArea(openHalf(piece?.outline ?? []))).toBeCloseTo(200_000, 6);
    }
  });

  test('a piece that may not be half turned points one way', () => {
    const found = readPieces(file([{ name: 'a', polygon: square, rotations: [0] }]));
    expect(found.ok && found.value.pieces[0]?.oneWay).toBe(true);
  });

  test.each<[string, unknown, readonly [string, string]]>([
    ['no object', [], ['wrong-shape', '']],
    ['another format', { format: 'ample-bolt/order', version: 1 }, ['wrong-format', 'format']],
    ['another version', file([], { version: 2 }), ['wrong-version', 'version']],
    ['no pieces', file([]), ['wrong-shape', 'pieces']],
    ['no width', file([{ name: 'a', polygon: square }], { width: undefined }), ['wrong-shape', 'width']],
    ['a cloth as narrow as a thread', file([{ name: 'a', polygon: square }], { width: 3 }), ['out-of-range', 'width']],
    ['a word for a corner', file([{ name: 'a', polygon: [[0, 0], [1, 'x'], [2, 2]] }]), ['wrong-shape', 'pieces.0.polygon.1.1']],
    ['neither an outline nor radii', file([{ name: 'a' }]), ['wrong-shape', 'pieces.0.polygon']],
    ['radii and an outline', file([{ name: 'a', polygon: square, flare: { inner: 10, outer: 40 } }]), ['out-of-range', 'pieces.0.polygon']],
    ['a ring that is none', file([{ name: 'a', flare: { inner: 40, outer: 40 } }]), ['out-of-range', 'pieces.0.flare.outer']],
    ['a flare for a ribbon', file([{ name: 'a', flare: { inner: 50, outer: 4000 } }], { width: 30 }), ['out-of-range', 'pieces.0.flare']],
    ['two corners', file([{ name: 'a', polygon: square.slice(0, 2) }]), ['wrong-shape', 'pieces.0.polygon']],
    ['corners in a line', file([{ name: 'a', polygon: [[0, 0], [10, 0], [20, 0]] }]), ['out-of-range', 'pieces.0.polygon']],
    ['an outline that crosses itself', file([{ name: 'a', polygon: [[0, 0], [100, 100], [100, 0], [0, 120]] }]), ['out-of-range', 'pieces.0.polygon']],
    ['an odd count of mirrored copies', file([{ name: 'a', polygon: square, count: 3, mirror: true }]), ['out-of-range', 'pieces.0.count']],
    ['mirrored and on the fold', file([{ name: 'a', polygon: square, count: 2, mirror: true, onFold: true }]), ['out-of-range', 'pieces.0.onFold']],
    ['on the fold and lopsided', file([{ name: 'a', polygon: leaning, onFold: true }]), ['out-of-range', 'pieces.0.polygon']],
    ['turned only', file([{ name: 'a', polygon: square, rotations: [180] }]), ['out-of-range', 'pieces.0.rotations']],
    ['a quarter turn', file([{ name: 'a', polygon: square, rotations: [0, 90] }]), ['wrong-shape', 'pieces.0.rotations.1']],
    ['the same name twice', file([{ name: 'a', polygon: square }, { name: 'a', polygon: square }]), ['out-of-range', 'pieces.1.name']],
    ['what is not known', file([{ name: 'a', polygon: square, colour: 'red' }]), ['wrong-shape', 'pieces.0.colour']],
  ])('%s is refused by its field', (_, input, fault) => {
    expect(faultOf(input)).toEqual(fault);
  }); // prettier-ignore

  test('cloth with its places, and how pieces lie on it, are laid and proved as they are', () => {
    const flaw = { from: 100, to: 160, left: 500, right: 560 };
    const found = readPieces(
      file(
        [
          { name: 'front', polygon: square, onFold: true, matchAt: 100 },
          { name: 'back', polygon: leaning, count: 2, mirror: true, matchAt: 150 },
          { name: 'tie', polygon: [[0, 0], [80, 0], [80, 600], [0, 600]], bias: true }, // prettier-ignore
        ],
        { spacing: 5, repeat: 120, flaws: [flaw] },
      ),
    );
    if (!found.ok) throw new Error(found.fault.message);
    const { cloth, pieces } = found.value;
    expect(cloth).toMatchObject({ spacing: 5, repeat: 120, matched: true, flaws: [flaw] });
    expect(pieces.map(({ turn, levels }) => [turn, levels?.waist])).toEqual([
      [undefined, 100],
      [undefined, 150],
      [45, undefined],
    ]);
    const lay = planForWork({ pieces, cloth, fold: 'open', seed: 1, shrinkPercent: 0, buyIn: 'yd' }, 40);
    expect(checkLay(lay, pieces, cloth)).toEqual([]);
    expect(lay.placements.map(({ rotation }) => rotation % 90)).toEqual([0, 0, 0, 45]);
    // Without the flaw's place being kept, something would lie on it.
    expect(checkLay(lay, pieces, { ...cloth, flaws: [{ from: 0, to: lay.length, left: 0, right: 1143 }] }).map(({ code }) => code)).toContain('on-a-flaw'); // prettier-ignore
  });

  test('what does not go together is refused with its field', () => {
    const plain = { name: 'back', polygon: square };
    const side = { from: 0, to: 100, left: 0, right: 100 };
    expect(faultOf(file([{ ...plain, matchAt: 100 }]))).toEqual(['out-of-range', 'repeat']);
    expect(faultOf(file([{ ...plain, matchAt: 1, bias: true }], { repeat: 50 }))?.[1]).toBe(
      'pieces.0.matchAt',
    );
    expect(faultOf(file([plain], { flaws: [{ ...side, right: 2000 }] }))?.[1]).toBe('flaws.0.right');
    expect(faultOf(file([plain], { panels: [{ ...side, piece: 'collar' }] }))?.[1]).toBe('panels.0.piece');
    expect(faultOf(file([plain], { outline: [0, 1, 2].map((along) => ({ along, across: 0 })) }))?.[1]).toBe('length'); // prettier-ignore
    expect(faultOf(file([plain], { spacing: -1 }))?.[1]).toBe('spacing');
  });
});

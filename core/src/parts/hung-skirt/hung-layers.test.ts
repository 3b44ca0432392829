import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../../garment/choice.ts';
import { keyLengths } from '../../garment/key-lengths.ts';
import { timesInGarment } from '../../pieces/girth.ts';
import { edgeOf, type Piece } from '../../pieces/piece.ts';
import { distance } from '../../geometry/point.ts';
import { endOf, startOf } from '../../geometry/curve.ts';
import { boxOf } from '../../geometry/ring.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../../testing/expect-sound.ts';
import { lengthByLibrary } from '../../testing/length-by-library.ts';
import { inches } from '../../units/length.ts';

const draftOf = (choices: ChoiceValues, id = 'bustier-bodice') =>
  recipeOf({ id }).draft(draftInput(middleBody, choices));
type Draft = ReturnType<typeof draftOf>;
const pieceOf = ({ pieces }: Draft, id: string): Piece => {
  const found = pieces.find(({ piece }) => piece.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found.piece;
};
const around = (draft: Draft, ids: readonly string[], edge: string): number =>
  ids.reduce((sum, id) => {
    const piece = pieceOf(draft, id);
    return sum + timesInGarment(piece) * lengthByLibrary(edgeOf(piece, edge));
  }, 0);
const waistOf = ({ seams }: Draft): number =>
  seams
    .filter(({ id }) => id.startsWith('skirt to waist'))
    .reduce((sum, { lengthB }) => sum + 2 * lengthB, 0);

describe('a peplum', () => {
  test.each([['0', 0], ['1', 1], ['2', 2]] as const)('with %s pleats in a quarter: they are added to its round first, and come back as pleats', (peplumPleats, count) => {
    for (const peplumCircle of ['0.5', '1']) {
      const depth = inches(1);
      const draft = draftOf({ skirt: 'skirt-peplum', peplumPleats, peplumPleat: depth, peplumCircle, peplums: '2' });
      expectTrue(draft);
      const waist = waistOf(draft);
      const wanted = waist + 4 * count * 2 * depth;
      for (const ids of [['skirt-front', 'skirt-back'], ['peplum-front', 'peplum-back']])
        expect(around(draft, ids, 'waist')).toBeCloseTo(wanted, 1);
      // Circumference of a circle: 2πr.
      const radius = draft.figures.find(({ id }) => id === 'skirt-front/waist-circle')?.stitch ?? NaN;
      expect(2 * Math.PI * radius * Number(peplumCircle)).toBeCloseTo(wanted, 1);
      expect(pieceOf(draft, 'skirt-front').notches).toHaveLength(2 * count);
    }
  }); // prettier-ignore

  test('loses its wedge at the lower edge beside the opening, and nowhere else', () => {
    const at = (peplumWedge: number) => draftOf({ skirt: 'skirt-peplum', peplumWedge });
    const [plain, cut] = [at(0), at(inches(2))];
    const hem = (draft: Draft, id: string) => lengthByLibrary(edgeOf(pieceOf(draft, id), 'hem'));
    expect(hem(plain, 'skirt-back') - hem(cut, 'skirt-back')).toBeCloseTo(inches(2), 1);
    expect(hem(plain, 'skirt-front')).toBeCloseTo(hem(cut, 'skirt-front'), 9);
    expect(lengthByLibrary(edgeOf(pieceOf(cut, 'skirt-back'), 'waist'))).toBeCloseTo(
      lengthByLibrary(edgeOf(pieceOf(plain, 'skirt-back'), 'waist')),
      9,
    );
  });

  test('its first pleat stands under the seam above it', () => {
    const draft = draftOf({ skirt: 'skirt-peplum', peplumPleats: '1' });
    const above = lengthByLibrary(edgeOf(pieceOf(draft, 'bodice-front-centre'), 'waist'));
    expect(pieceOf(draft, 'skirt-front').notches[0]?.at).toBeCloseTo(above, 6);
  });
});

test.each(['2', '6'])('a pleated skirt takes up twice the depth of each of its %s pleats a quarter', (skirtPleats) => {
  const depth = inches(1.5);
  const draft = draftOf({ skirt: 'skirt-pleated', skirtPleats, skirtPleat: depth }, 'plain-bodice');
  expectTrue(draft);
  const round = around(draft, ['skirt-front', 'skirt-back'], 'waist');
  // Common practice: a knife pleat takes its own width twice over.
  expect(round - waistOf(draft)).toBeCloseTo(8 * Number(skirtPleats) * depth, 1);
  expect(around(draft, ['skirt-front', 'skirt-back'], 'hem')).toBeCloseTo(round, 6);
}); // prettier-ignore

describe('a ball skirt', () => {
  test.each([['3', '3'], ['5', '4'], ['8', '6']] as const)('%s to 1 in %s layers: so much net, in strips that net is wide enough for', (netRatio, netLayers) => {
    const draft = draftOf({ skirt: 'skirt-ball', netRatio, netLayers, skirtLength: inches(38) });
    expectCuttable(draft);
    const net = pieceOf(draft, 'skirt-net');
    const strip = lengthByLibrary(edgeOf(net, 'upper'));
    // Common practice: strips = ⌈length ÷ width of net⌉.
    const waist = waistOf(draft);
    const strips = Math.ceil((Number(netRatio) * waist) / inches(58));
    expect(net.cut.copies).toBe(strips * Number(netLayers));
    expect(strip * strips).toBeCloseTo(Number(netRatio) * waist, 1);
    expect(boxOf(net.edges.flatMap(({ path }) => path.map(({ a }) => a))).maxX).toBeLessThanOrEqual(inches(58));
    expect(draft.seams.find(({ id }) => id === 'each layer of net to waist')?.ok).toBe(true);
  }); // prettier-ignore

  test('hangs over half a circle whose hem alone is told', () => {
    const draft = draftOf({ skirt: 'skirt-ball', skirtLength: inches(30) });
    const front = edgeOf(pieceOf(draft, 'skirt-front'), 'hem').path;
    expect(distance(startOf(front), endOf(front))).toBeGreaterThan(0);
    const told = keyLengths(draft).find(({ of }) => of === 'hem-round')?.mm ?? 0;
    // Half a circle: π (r + length).
    expect(told).toBeCloseTo(waistOf(draft) + Math.PI * inches(30), 0);
  });
});

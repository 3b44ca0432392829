import { describe, expect, test } from '@jest/globals';
import { boxOf } from '../../geometry/ring.ts';
import { faces, isInside } from '../../pieces/piece.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { styleBook } from '../../styles/style-book.ts';
import { draftInput, middleBody } from '../../testing/bodies.ts';
import { madeUpOn } from '../sketch.ts';
import { pointsOf, type Shape } from '../shape.ts';
import { farLayer } from './far-layer.ts';
import { nearLayer } from './near-layer.ts';
import { sewnEdges } from './sewn-edges.ts';

function layersOf(id: string) {
  const style = styleBook[id];
  if (!style) throw new Error(`no style ${id}`);
  const draft = recipeOf(style).draft(draftInput(middleBody));
  const garment = madeUpOn(draft, middleBody);
  const sewn = sewnEdges(
    draft.seams,
    draft.pieces.map(({ piece }) => piece).filter((piece) => !isInside(piece)),
    garment.panels.map(({ piece }) => piece),
  );
  return { garment, sewn };
}

const lines = (shapes: readonly Shape[], pen: string) =>
  shapes.filter((shape) => shape.kind === 'line' && shape.pen === pen);

describe.each(['plain-bodice', 'bustier-bodice', 'fitted-dress', 'turtleneck-bodice', 'waistcoat'])('%s', (id) => {
  const { garment, sewn } = layersOf(id);

  test.each(faces)('what is seen of the far side from the %s never stands out beside the near one', (face) => {
    const [near, far] = [nearLayer(garment, sewn, face), farLayer(garment, sewn, face)];
    const [within, inside] = [boxOf(near.flatMap(pointsOf)), boxOf(far.flatMap(pointsOf))];
    // At the tip of the shoulder both are one point, sampled twice.
    expect(inside.maxX).toBeLessThan(within.maxX + 0.1);
    expect(inside.minX).toBeGreaterThan(within.minX - 0.1);
  });
}); // prettier-ignore

test('a free hem is stitched; one that a belt is sewn to is not, and a waist that carries a skirt is a seam', () => {
  const stitched = (id: string) => {
    const { garment, sewn } = layersOf(id);
    return lines(nearLayer(garment, sewn, 'front'), 'stitch').length;
  };
  expect(stitched('plain-bodice')).toBeGreaterThan(0);
  expect(stitched('surplice-crop-top')).toBe(0);
  // Only the hem of the dress, on both hands; none along its waist.
  expect(stitched('fitted-dress')).toBe(2);
});

test('an armhole with a facing is free, one with a sleeve is not', () => {
  const bare = layersOf('plain-bodice').sewn;
  expect(bare.sewn.has('bodice-front/armhole')).toBe(false);
  const sleeved = layersOf('surplice-crop-top').sewn;
  expect(sleeved.sewn.has('bodice-front/armhole')).toBe(true);
});

test('of fronts that wrap the wearer’s right lies on top: it is drawn last, on the left', () => {
  const { garment, sewn } = layersOf('waistcoat');
  const cloths = nearLayer(garment, sewn, 'front').filter((shape) => shape.kind === 'cloth');
  const [first, last] = [cloths[0], cloths.at(-1)].map((shape) => boxOf(shape?.ring ?? []));
  expect((first?.minX ?? 0) + (first?.maxX ?? 0)).toBeGreaterThan(0);
  expect((last?.minX ?? 0) + (last?.maxX ?? 0)).toBeLessThan(0);
});

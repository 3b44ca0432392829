import { describe, expect, test } from '@jest/globals';
import { distanceToRing } from '../../geometry/distance-to-ring.ts';
import { valueAt } from '../../geometry/lookup.ts';
import { distance, point } from '../../geometry/point.ts';
import type { MeasureValues } from '../../measures/measure-set.ts';
import { edgesWithRole, faces, type EdgeRole } from '../../pieces/piece.ts';
import { recipeOf } from '../../styles/recipe-book.ts';
import { styleBook } from '../../styles/style-book.ts';
import { draftInput, middleBody, ordinaryBody } from '../../testing/bodies.ts';
import { figureOf, SEEN } from '../figure.ts';
import { madeUpOn } from '../sketch.ts';
import { bentOut } from './bend.ts';
import { flatPlace } from './panel.ts';
import { placeGarment, seenAt, seenDown, seenEdge } from './placed-garment.ts';

function placed(id: string, body: MeasureValues = middleBody) {
  const style = styleBook[id];
  if (!style) throw new Error(`no style ${id}`);
  const draft = recipeOf(style).draft(draftInput(body));
  return { draft, garment: madeUpOn(draft, body) };
}

const bodies: [string, MeasureValues][] = [
  ['middle', middleBody],
  ['full', ordinaryBody({ bust: 46, bustToWaist: 7, waistToHipRound: 9, height: 64, cup: 4 })],
];

describe.each(bodies)('on a %s body', (_, body) => {
  test.each(['plain-bodice', 'bustier-bodice', 'waistcoat', 'fitted-dress', 'tube-top'])(
    'the sides of front and back of %s are one line',
    (id) => {
      const { garment } = placed(id, body);
      const [front, back] = faces.map((face) => seenDown(garment, face, 'side'));
      if (!front || !back) throw new Error('there are two faces');
      for (const p of front) expect(distanceToRing(p, [...back, ...[...back].reverse()])).toBeLessThan(8);
    },
  );

  test('a waist seam lies level, as high as the waist of the person', () => {
    const { garment } = placed('fitted-dress', body);
    for (const panel of garment.panels)
      for (const edge of edgesWithRole(panel.piece, 'waist'))
        for (const { y } of seenEdge(garment, panel, edge))
          expect(Math.abs(y - garment.figure.heights.waist)).toBeLessThan(1);
  });
});

test.each(['bustier-bodice', 'yoke-blouse', 'tube-top'])('the panels of %s share their princess seam', (id) => {
  const { garment } = placed(id);
  const sewn = garment.panels.filter(({ seam }) => seam);
  expect(sewn.length).toBeGreaterThan(1);
  for (const panel of sewn) {
    const before = garment.panels.find(({ piece }) => piece === panel.seam?.of);
    const [own] = edgesWithRole(panel.piece, 'princess');
    const [theirs] = before ? edgesWithRole(before.piece, 'princess') : [];
    if (!before || !own || !theirs) throw new Error('both have the seam');
    const ends = (points: readonly { x: number; y: number }[]) => [points[0], points.at(-1)].sort((a, b) => (a?.y ?? 0) - (b?.y ?? 0));
    expect(ends(seenEdge(garment, panel, own))).toEqual(ends(seenEdge(garment, before, theirs)));
  }
}); // prettier-ignore

test('what hangs from a yoke begins on its edge', () => {
  const { garment } = placed('yoke-blouse');
  for (const face of faces) {
    const [yoke, tops] = (['yoke', 'top'] as const).map((role: EdgeRole) => seenDown(garment, face, role));
    if (!yoke || !tops) throw new Error('there are both');
    for (const p of tops) expect(distanceToRing(p, [...yoke, ...[...yoke].reverse()])).toBeLessThan(3);
  }
});

test('a dart is closed: its two legs are seen as one line', () => {
  const { garment } = placed('fitted-dress');
  const panel = garment.panels.find(({ piece }) => piece.id === 'skirt-back');
  if (!panel) throw new Error('there is a skirt');
  for (const { mouth } of panel.darts)
    expect(distance(seenAt(garment, panel, mouth[0]), seenAt(garment, panel, mouth[1]))).toBeLessThan(2);
});

test('a level is seen as wide as its girth asks, and a place on it nearer the side is foreshortened', () => {
  const { garment } = placed('fitted-dress');
  const { bend, figure } = garment;
  const height = figure.heights.hip;
  const half = valueAt(bend.half.front, height);
  const seen = (out: number) => bentOut(bend, figure, 'front', out, height);
  const girth = 2 * (half + valueAt(bend.half.back, height));
  expect(seen(half)).toBeCloseTo((girth * SEEN.hip) / 2, 0);
  expect(seen(half / 2) / seen(half)).toBeGreaterThan(0.5);
  expect(seen(-half / 3)).toBeCloseTo(-seen(half / 3), 9);
});

test('a piece that hangs by itself is no panel, and the left of one that is cut whole mirrors the right', () => {
  const { draft } = placed('fitted-dress');
  const garment = placeGarment(draft, figureOf(middleBody), ['skirt-front', 'skirt-back']);
  expect(garment.panels.map(({ piece }) => piece.part)).not.toContain('skirt');
  const whole = placed('one-shoulder-top').garment.panels[0];
  if (!whole) throw new Error('there is a panel');
  const [right, left] = [flatPlace(whole, point(60, 300)), flatPlace(whole, point(-60, 300))];
  expect([left.out, left.height]).toEqual([-right.out, right.height]);
});

import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { valueAt } from '../geometry/lookup.ts';
import { boxOf } from '../geometry/ring.ts';
import { seededRandom } from '../lay/plan/seeded-random.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import { anyChoices } from '../testing/any-choices.ts';
import { draftInput, middleBody, ordinaryBody, withArm } from '../testing/bodies.ts';
import { expectCleanSketch } from '../testing/expect-clean-sketch.ts';
import { extremeRanges, ordinaryRanges, randomBodies } from '../testing/random-bodies.ts';
import { pointsOf, type Shape } from './shape.ts';
import { faces } from '../pieces/piece.ts';
import { frameOf, madeUpOn, sketchOf } from './sketch.ts';

const bodies: { readonly [name: string]: MeasureValues } = {
  slim: ordinaryBody({ bust: 32, bustToWaist: 8, waistToHipRound: 9, height: 68, cup: 1 }),
  full: ordinaryBody({ bust: 46, bustToWaist: 7, waistToHipRound: 9, height: 64, cup: 4 }),
  round: ordinaryBody({ bust: 44, bustToWaist: 1, waistToHipRound: 2, height: 63, cup: 2 }),
  child: ordinaryBody({ bust: 25, bustToWaist: 2, waistToHipRound: 3, height: 48, cup: 0.5 }),
};

const styleNamed = (id: string) => {
  const style = styleBook[id];
  if (!style) throw new Error(`no style ${id}`);
  return style;
};

function drawn(id: string, choices: ChoiceValues = {}, body = middleBody) {
  const draft = recipeOf(styleNamed(id)).draft(draftInput(withArm(body), choices));
  const garment = madeUpOn(draft, withArm(body));
  return { draft, garment, sketch: sketchOf(draft, garment) };
}

const cloths = (shapes: readonly Shape[]) => shapes.filter((shape) => shape.kind === 'cloth');

describe.each(Object.keys(styleBook))('%s, made up', (id) => {
  test.each(Object.entries(bodies))('on a %s body no cloth crosses itself', (_, body) => {
    const { sketch } = drawn(id, {}, body);
    for (const face of faces) expectCleanSketch(sketch[face].shapes, face);
  });

  test('whatever is chosen, on whatever body, it is drawn without a loop or a hole', () => {
    const style = styleNamed(id);
    const random = seededRandom(11);
    const [ordinary, extreme] = [randomBodies(ordinaryRanges, 17), randomBodies(extremeRanges, 19)];
    for (let count = 0; count < 4; count++) {
      const choices = anyChoices(style, random);
      const { draft, sketch } = drawn(id, choices, ordinary.next().value.values);
      if (draft.findings.every(({ severity }) => severity !== 'stop'))
        for (const face of faces) expectCleanSketch(sketch[face].shapes, { choices, face });
      const wild = drawn(id, choices, extreme.next().value.values).sketch;
      const points = faces.flatMap((face) => wild[face].shapes.flatMap(pointsOf));
      expect(points.every(({ x, y }) => Number.isFinite(x + y))).toBe(true);
    }
  });
});

// The outer of a yoke blouse drapes over the base that is measured; a halter, a crop top and a flare from under the bust have no round at the waist; what hangs from a band has no
// panel on the torso.
const measuredAtWaist = Object.keys(styleBook).filter(
  (id) =>
    !['yoke-blouse', 'halter-bodice', 'surplice-crop-top', 'flare-blouse'].includes(id) &&
    drawn(id).garment.panels.length > 0,
);

test.each(measuredAtWaist)('%s is as wide at the waist as its pieces are finished', (id) => {
  const { draft, garment } = drawn(id);
  const waist = draft.rounds.find(({ level }) => level === 'waist');
  const { half } = garment.bend;
  const { waist: height } = garment.figure.heights;
  const round = 2 * (valueAt(half.front, height) + valueAt(half.back, height));
  // Made smooth over some height, a waist that is nipped sharply is drawn a little wider.
  expect(Math.abs(round / (waist?.finished ?? 0) - 1)).toBeLessThan(0.06);
});

describe('what is seen beyond the panels', () => {
  const count = (shapes: readonly Shape[], is: (shape: Shape) => boolean) => shapes.filter(is).length;

  test.each([
    ['waistcoat', '4', 4],
    ['waistcoat', '6', 6],
    ['keyhole-shirt-bodice', '3', 3],
  ])('%s with %s buttons shows as many in front, none behind', (id, buttons, all) => {
    const { sketch } = drawn(id, { buttons });
    expect(count(sketch.front.shapes, ({ kind }) => kind === 'dot')).toBe(all);
    expect(count(sketch.back.shapes, ({ kind }) => kind === 'dot')).toBe(0);
  });

  test('a halter is laced behind, and has no back', () => {
    const { sketch } = drawn('halter-bodice');
    expect(count(sketch.back.shapes, ({ kind }) => kind === 'cord')).toBeGreaterThan(10);
    expect(count(sketch.front.shapes, ({ kind }) => kind === 'cord')).toBe(0);
  });

  test('net is seen through, and crosses over front and back where it was chosen to', () => {
    const sheer = (shape: Shape) => shape.kind === 'cloth' && shape.tone === 'sheer';
    const v = drawn('net-v-blouse').sketch;
    expect([count(v.front.shapes, sheer) > 0, count(v.back.shapes, sheer)]).toEqual([true, 0]);
    const crossed = drawn('net-v-blouse', { net: 'crossed' }).sketch;
    expect([count(crossed.front.shapes, sheer), count(crossed.back.shapes, sheer)]).toEqual([2, 2]);
  });

  test('a turtleneck stands above the shoulders, as high as it was chosen', () => {
    const top = (collarHeight: number) =>
      boxOf(drawn('turtleneck-bodice', { collarHeight }).sketch.front.shapes.flatMap(pointsOf)).minY;
    expect(top(40)).toBeLessThan(-20);
    expect(top(60)).toBeLessThan(top(40) - 10);
  });
});

describe('parts sewn on', () => {
  const reach = (choices: ChoiceValues, id = 'plain-bodice') => frameOf(drawn(id, choices).sketch, false);

  test('a sleeve hangs down the arm as far as it is long', () => {
    const [none, short, full] = ['none', 'short', 'wrist'].map((sleeveTo) =>
      reach(sleeveTo === 'none' ? {} : { sleeve: 'sleeve-set-in', sleeveTo }),
    );
    if (!none || !short || !full) throw new Error('three were drawn');
    expect(short.maxX).toBeGreaterThan(none.maxX + 20);
    expect(full.maxY).toBeGreaterThan(short.maxY + 100);
  });

  test('a fuller skirt is seen wider, and a longer one reaches lower by as much', () => {
    const skirt = (circle: string, skirtLength: number) =>
      reach({ skirt: 'skirt-circle', circle, skirtLength });
    expect(skirt('1', 600).maxX).toBeGreaterThan(skirt('0.5', 600).maxX + 40);
    expect(skirt('0.5', 700).maxY - skirt('0.5', 600).maxY).toBeCloseTo(100, 0);
  });

  test.each(['bustier-bodice', 'waistcoat', 'turtleneck-bodice', 'net-v-blouse'])(
    'a sleeve hangs from the armhole of %s, in front and behind',
    (id) => {
      const [bare, sleeved] = [drawn(id).sketch, drawn(id, { sleeve: 'sleeve-set-in' }).sketch];
      for (const face of faces)
        expect(cloths(sleeved[face].shapes).length).toBe(cloths(bare[face].shapes).length + 2);
    },
  );
});

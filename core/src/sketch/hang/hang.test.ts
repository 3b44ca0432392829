import { describe, expect, test } from '@jest/globals';
import { point } from '../../geometry/point.ts';
import { boxOf } from '../../geometry/ring.ts';
import { middleBody, withArm } from '../../testing/bodies.ts';
import { figureOf, SEEN } from '../figure.ts';
import { hangSkirt } from './hang-skirt.ts';
import { hangSleeve } from './hang-sleeve.ts';
import { hangingCloth } from './hanging-cloth.ts';
import { seenWidth } from './seen-width.ts';

const figure = figureOf(withArm(middleBody));

describe('a tube of cloth round a limb', () => {
  test('is seen as wide as the limb where it lies on it, and a quarter of its surplus wider', () => {
    expect(seenWidth(300, 300, SEEN.limb)).toBeCloseTo(300 * SEEN.limb, 9);
    expect(seenWidth(400, 300, SEEN.limb)).toBeCloseTo(300 * SEEN.limb + 25, 9);
    expect(seenWidth(280, 300, SEEN.limb)).toBeLessThan(300 * SEEN.limb);
  });
});

describe('a skirt', () => {
  const skirt = (hem: number) => hangSkirt(figure, { waist: 740, hem, length: 600 });

  test('begins at the waist and ends its length below', () => {
    const { right } = skirt(1800);
    expect(right[0]?.y).toBeCloseTo(figure.heights.waist, 9);
    expect(right.at(-1)?.y).toBeCloseTo(figure.heights.waist + 600, 9);
  });

  test('widens with its hem, never cuts into the body, and its folds grow out of nothing', () => {
    const widths = [740, 1200, 1800, 3000].map((hem) => boxOf(skirt(hem).right).maxX);
    expect([...widths].sort((a, b) => a - b)).toEqual(widths);
    for (const { x, y } of skirt(740).right) expect(x).toBeGreaterThanOrEqual(figure.half(y));
    const folds = (hem: number) =>
      hangingCloth({ ...skirt(hem), cloth: 'outer' }).shapes.filter((shape) => shape.kind === 'line' && shape.pen === 'fine').length;
    expect(folds(760)).toBe(0);
    expect(folds(2400)).toBeGreaterThan(4);
  }); // prettier-ignore

  test('springs out sooner the more it is gathered, and as far, and has gathers below the waist', () => {
    const hung = (gather: number) => hangSkirt(figure, { waist: 740, hem: 1800, length: 600, gather });
    const at = (gather: number, index: number) => hung(gather).right[index]?.x ?? NaN;
    for (const index of [3, 8, 15]) expect(at(2, index)).toBeGreaterThan(at(1, index));
    expect(at(2, 30)).toBeCloseTo(at(1, 30), 6);
    // A hair's more gathers move nothing by more than a hair.
    for (let index = 0; index <= 30; index++) expect(Math.abs(at(1.501, index) - at(1.5, index))).toBeLessThan(0.2);
    const lines = (gather: number) =>
      hangingCloth({ ...hung(gather), cloth: 'outer' }).shapes.filter((shape) => shape.kind === 'line' && shape.pen === 'fine').length;
    expect(lines(2)).toBeGreaterThan(lines(1) + 10);
  }); // prettier-ignore
});

describe('a sleeve', () => {
  const hole = [point(170, 20), point(150, 110), point(165, 190)];
  const sleeve = (length: number, gather = 1) =>
    hangSleeve(figure, hole, { girths: [[0, 340], [length, 240]], underarm: Math.max(30, length - 130), gather }); // prettier-ignore

  test('starts at the two ends of its armhole', () => {
    const { left, right } = sleeve(580);
    expect(right[0]).toEqual(hole[0]);
    expect(left[0]).toEqual(hole[2]);
  });

  test('reaches down the arm as far as it is long, and one that ends above the armpit still has an inner line', () => {
    expect(boxOf(sleeve(580).right).maxY - boxOf(sleeve(400).right).maxY).toBeGreaterThan(150);
    const { left } = sleeve(120);
    expect((left.at(-1)?.y ?? 0) - (left[0]?.y ?? 0)).toBeGreaterThan(10);
  });

  test('stands up in a puff where it is gathered', () => {
    const [plain, gathered] = [sleeve(250), sleeve(250, 1.6)];
    const off = gathered.right.map((p, index) => p.x - (plain.right[index]?.x ?? 0));
    expect(Math.max(...off)).toBeGreaterThan(15);
    expect(off.at(-1)).toBeCloseTo(0, 9);
    const gathers = (cloth: typeof plain) =>
      hangingCloth({ ...cloth, cloth: 'outer' }).shapes.filter(
        (shape) => shape.kind === 'line' && shape.pen === 'fine',
      ).length;
    expect(gathers(gathered)).toBeGreaterThan(gathers(plain) + 8);
  });
});

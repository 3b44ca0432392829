import { describe, expect, test } from '@jest/globals';
import { garmentPieces } from '../../testing/garment-pieces.ts';
import { wholeOutline } from '../model/layable.ts';
import { depthAt } from '../no-fit/depth-field.ts';
import { noFitCache } from '../no-fit/no-fit-cache.ts';
import { asDrawn, halfTurned, mirroredState, upended } from '../model/outline-state.ts';
import { seededRandom } from '../plan/seeded-random.ts';
import { neighbours } from './neighbours.ts';

const cache = noFitCache();
const shapes = garmentPieces(6, 5).map((piece) => cache.shape(wholeOutline(piece)));
const states = [asDrawn, halfTurned, mirroredState, upended];
const [moving, ...others] = shapes;
if (!moving) throw new Error('no shapes');
/** The others scattered over cloth so wide and long, each in another state and of another weight. */
const scattered = others.map((shape, index) => ({
  pair: cache.pair(shape, states[index % 4] ?? asDrawn, moving, asDrawn),
  x: (index * 331) % 700,
  y: (index * 457) % 900,
  weight: 1 + (index % 3),
}));

function met(seed = 1) {
  const meets = neighbours(scattered.length, seededRandom(seed));
  for (const { pair, x, y, weight } of scattered) meets.add(pair, x, y, weight);
  return meets;
}
/** The cost at a place, one pair after the other. */
const summed = (x: number, y: number): number =>
  scattered.reduce((sum, { pair, x: ox, y: oy, weight }) => {
    const { field, turnX, turnY, shiftX, shiftY } = pair;
    return sum + weight * depthAt(field, turnX * (x - ox) + shiftX, turnY * (y - oy) + shiftY);
  }, 0);

describe('an item as it meets all others', () => {
  test('costs at a place what its overlaps with each of them weigh together', () => {
    const meets = met();
    const random = seededRandom(9);
    let some = 0;
    for (let index = 0; index < 300; index++) {
      const [x, y] = [900 * random(), 1200 * random()];
      const cost = meets.costAt(x, y, Infinity);
      expect(cost).toBeCloseTo(summed(x, y), 6);
      if (cost > 0) some++;
    }
    expect(some).toBeGreaterThan(100);
  });

  test('counts no further than is asked', () => {
    const meets = met();
    const enough = 3;
    const cost = meets.costAt(350, 450, enough);
    expect(summed(350, 450)).toBeGreaterThan(enough);
    expect(cost).toBeGreaterThanOrEqual(enough);
    expect(cost).toBeLessThanOrEqual(summed(350, 450));
  });

  test('names low places inside its range, among them one nearly as low as the lowest of a fine grid', () => {
    const [left, right, bottom] = [40, 620, 1000];
    let least = Infinity;
    for (let x = left; x <= right; x += 10)
      for (let y = 0; y <= bottom; y += 10) least = Math.min(least, summed(x, y));
    for (const seed of [1, 2, 3]) {
      const places = met(seed).lowPlaces(left, right, bottom);
      expect(places.length).toBeGreaterThan(0);
      let found = Infinity;
      for (let index = 0; index < places.length; index += 2) {
        const [x = NaN, y = NaN] = [places[index], places[index + 1]];
        expect(x).toBeGreaterThanOrEqual(left);
        expect(x).toBeLessThanOrEqual(right + 1e-9);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(bottom + 1e-9);
        found = Math.min(found, summed(x, y));
      }
      // Its nodes are 40 mm apart: a depth changes by no more than the way to the next one, weighed.
      expect(found).toBeLessThanOrEqual(least + 40 * 3);
    }
  });

  test('forgets the others when it is cleared', () => {
    const meets = met();
    meets.clear();
    expect(meets.costAt(350, 450, Infinity)).toBe(0);
  });
});

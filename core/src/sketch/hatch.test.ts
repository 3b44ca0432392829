import { expect, test } from '@jest/globals';
import { distanceToRing } from '../geometry/distance-to-ring.ts';
import { between, distance, point } from '../geometry/point.ts';
import { mesh } from './hatch.ts';

const ring = [point(0, 0), point(120, 0), point(120, 80), point(60, 30), point(0, 80)];

test('the lines of a mesh end on the edge of their ring and stay inside it', () => {
  const lines = mesh(ring);
  expect(lines.length).toBeGreaterThan(10);
  for (const [from, to] of lines) {
    if (!from || !to) throw new Error('a line has two ends');
    expect(Math.max(distanceToRing(from, ring), distanceToRing(to, ring))).toBeLessThan(1e-6);
    const { x, y } = between(from, to, 0.5);
    // Below the notch there is no cloth: it rises from either foot to 30 at the middle.
    expect(y).toBeLessThan(80 - (50 * Math.min(x, 120 - x)) / 60 + 1e-6);
  }
});

test('half of them cross the other half', () => {
  const turns = mesh(ring).map(([from, to]) => Math.sign(((to?.x ?? 0) - (from?.x ?? 0)) * ((to?.y ?? 0) - (from?.y ?? 0))));
  expect(new Set(turns)).toEqual(new Set([1, -1]));
}); // prettier-ignore

test('a ring smaller than the mesh may have none', () => {
  const tiny = mesh([point(3, 3), point(5, 3), point(5, 5), point(3, 5)]);
  for (const [from, to] of tiny) expect(distance(from ?? point(0, 0), to ?? point(0, 0))).toBeLessThan(3);
});

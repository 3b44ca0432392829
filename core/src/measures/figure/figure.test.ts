import { describe, expect, test } from '@jest/globals';
import { measureIds } from '../catalogue.ts';
import { garmentMeasureIds } from '../../worked-out/sample-garment.ts';
import { bodyOutline, FIGURE } from './body-outline.ts';
import { childPath } from './child-figure.ts';
import { GARMENT, garmentOutline, garmentTapes } from '../../worked-out/garment-outline.ts';
import { frameOf, tapePaths } from './tape-path.ts';

const pairs = (path: string): { x: number; y: number }[] =>
  [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));

describe('the figure with its tape', () => {
  test.each(measureIds)('%s has a path on the figure, in the frame that is shown', (id) => {
    const { path } = tapePaths[id];
    const { x, y, width, height } = frameOf(path);
    expect(pairs(path).length).toBeGreaterThan(1);
    for (const point of pairs(path)) {
      expect(point.x).toBeGreaterThanOrEqual(x);
      expect(point.x).toBeLessThanOrEqual(x + width);
      expect(point.y).toBeGreaterThanOrEqual(y);
      expect(point.y).toBeLessThanOrEqual(y + height);
    }
  });

  test('no two measures have the same tape', () => {
    const seen = measureIds.map((id) => `${tapePaths[id].view} ${tapePaths[id].path}`);
    expect(new Set(seen).size).toBe(seen.length);
  });

  test('from in front the figure is its own mirror', () => {
    const [right, left] = bodyOutline.front;
    const mirrored = pairs(right?.path ?? '').map(({ x, y }) => ({ x: 2 * FIGURE.middle - x, y }));
    expect(pairs(left?.path ?? '')).toEqual(mirrored);
  });

  test('a child stands on the same floor, is smaller, and has a larger head for its height', () => {
    const crown = pairs(childPath('M110 16L110 73'));
    const [top, chin] = [crown[0]?.y ?? 0, crown[1]?.y ?? 0];
    expect(pairs(childPath('M110 408L120 408'))[0]?.y).toBe(408);
    expect(top).toBeGreaterThan(16);
    expect((chin - top) / (408 - top)).toBeGreaterThan((73 - 16) / (408 - 16));
    for (const lines of Object.values(bodyOutline))
      for (const { path } of lines) expect(childPath(path)).not.toContain('NaN');
  });
});

describe('the garment with its tape', () => {
  test.each(garmentMeasureIds)('%s lies on the garment, within the drawing', (id) => {
    const { view, path } = garmentTapes[id];
    const outline = garmentOutline[view].flatMap(pairs);
    const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)];
    for (const { x, y } of pairs(path)) {
      expect(x).toBeGreaterThanOrEqual(Math.min(...xs) - 1);
      expect(x).toBeLessThanOrEqual(Math.max(...xs) + 1);
      expect(y).toBeGreaterThanOrEqual(Math.min(...ys) - 1);
      expect(y).toBeLessThanOrEqual(Math.max(...ys) + 1);
    }
    expect(Math.max(...xs)).toBeLessThanOrEqual(GARMENT.width);
    expect(Math.max(...ys)).toBeLessThanOrEqual(GARMENT.height);
  });

  test('no two measures of a garment have the same tape', () => {
    const seen = garmentMeasureIds.map((id) => `${garmentTapes[id].view} ${garmentTapes[id].path}`);
    expect(new Set(seen).size).toBe(seen.length);
  });
});

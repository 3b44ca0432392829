import { describe, expect, test } from '@jest/globals';
import { line } from '@ample-bolt/core/geometry/segment';
import { curveText, lineText, ringText } from './path-text.ts';
import { fitView, grown, toScreen, viewTransform } from './view.ts';

const box = { minX: -100, minY: 0, maxX: 300, maxY: 200 };

describe('fitView', () => {
  test('the box just fits, centred, with its margin', () => {
    const view = fitView(box, { width: 500, height: 500 }, 50);
    expect(view.scale).toBe(1);
    expect(toScreen(view, { x: box.minX, y: box.minY })).toEqual({ x: 50, y: 150 });
    expect(toScreen(view, { x: box.maxX, y: box.maxY })).toEqual({ x: 450, y: 350 });
    expect(viewTransform(view)).toBe('translate(150 150) scale(1)');
  });

  test('a page that is not laid out yet gives a view that draws nothing, not an error', () => {
    expect(fitView(box, { width: 0, height: 0 }, 50).scale).toBeGreaterThan(0);
  });

  test('a grown box has room all round', () => {
    expect(grown(box, 10)).toEqual({ minX: -110, minY: -10, maxX: 310, maxY: 210 });
  });
});

describe('paths as text', () => {
  const corner = [{ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 5.126 }]; // prettier-ignore

  test('lines, rings and curves are rounded only here', () => {
    expect(lineText(corner)).toBe('M0 0L10 0L10 5.13');
    expect(ringText(corner)).toBe('M0 0L10 0L10 5.13Z');
    expect(curveText([line({ x: 0, y: 0 }, { x: 1.239, y: 2 })])).toBe('M0 0L1.24 2');
  });
});

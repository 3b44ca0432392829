import { describe, expect, test } from '@jest/globals';
import { boxOf, countSelfCrossings, signedArea } from '../geometry/ring.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';

describe.each(Object.values(styleBook))('$name, as it hangs', (style) => {
  const { worn, pieces } = recipeOf(style).draft(draftInput(middleBody));

  test('is drawn of whole parts, no wider than the pieces are', () => {
    for (const { ring, piece } of worn) {
      expect(signedArea(ring)).toBeGreaterThan(0);
      expect(countSelfCrossings(ring)).toBeLessThan(3);
      const flat = pieces.find((each) => each.piece.id === piece)?.stitch ?? [];
      const [is, was] = [boxOf(ring), boxOf(flat)];
      expect(is.maxX - is.minX).toBeLessThan(was.maxX - was.minX + 60);
    }
  });

  test('its front starts at the centre', () => {
    const left = Math.min(...worn.filter(({ half }) => half === 'front').map(({ ring }) => boxOf(ring).minX));
    expect(left).toBeLessThan(20);
    expect(left).toBeGreaterThan(-80);
  });
});

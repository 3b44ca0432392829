import { describe, expect, test } from '@jest/globals';
import { boxOf, countSelfCrossings, signedArea } from '../geometry/ring.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';

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

  test('its front starts at the centre, or goes from side to side where it is cut whole', () => {
    const fronts = worn.filter(({ half }) => half === 'front');
    const left = Math.min(...fronts.map(({ ring }) => boxOf(ring).minX));
    if (fronts.some(({ whole }) => whole)) {
      const right = Math.max(...fronts.map(({ ring }) => boxOf(ring).maxX));
      expect(Math.abs(left + right)).toBeLessThan(40);
      return;
    }
    expect(left).toBeLessThan(20);
    expect(left).toBeGreaterThan(-80);
  });
});

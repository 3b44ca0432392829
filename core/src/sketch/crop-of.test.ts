import { expect, test } from '@jest/globals';
import { groupsOn } from '../parts/part-book.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import { styleBook } from '../styles/style-book.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { cropOf } from './crop-of.ts';
import { pointsOf } from './shape.ts';
import { madeUpOn, sketchOf } from './sketch.ts';

test.each(Object.values(styleBook))('$name: every slot is looked at where something of it is drawn', (style) => {
  const parts = style.lacks.armhole ? {} : { sleeve: 'sleeve-set-in' };
  const body = withArm(middleBody);
  const draft = recipeOf(style).draft(draftInput(body, parts));
  const sketch = sketchOf(draft, madeUpOn(draft, body));
  for (const slot of groupsOn(style)) {
    const { face, box } = cropOf(sketch, slot);
    expect(box.maxX).toBeGreaterThan(box.minX);
    const inside = sketch[face].shapes
      .flatMap(pointsOf)
      .filter(({ x, y }) => x > box.minX && x < box.maxX && y > box.minY && y < box.maxY);
    expect([slot, inside.length > 0]).toEqual([slot, true]);
  }
}); // prettier-ignore

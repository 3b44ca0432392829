import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { roleLength } from '../pieces/piece.ts';
import { draftOrder } from '../shop/draft-order.ts';
import { childInput, draftInput, middleBody } from '../testing/bodies.ts';
import { childBody, childSizes } from '../testing/child-size-table.ts';
import { expectCuttable, expectFair, expectRunsOn, expectTrue } from '../testing/expect-sound.ts';
import { children } from '../testing/shaped-bodies.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook, styleOf } from './style-book.ts';

const options: readonly (readonly [string, ChoiceValues])[] = [
  ...Object.keys(styleBook).map((id) => [id, {}] as const),
  ['plain-bodice', { darts: 'side' }],
];

describe.each(options)('%s for a child, %j', (id, choices) => {
  const style = styleOf(id);
  if (!style) throw new Error(`no style ${id}`);

  // EN 13402, children's series, from memory; the rest derived: see the table.
  test.each(childSizes)('height $size drafts true, or says that it is not made for children', (size) => {
    const input = childInput(childBody(size), choices);
    if (style.adultsOnly)
      expect(
        draftOrder({
          ...input,
          client: { name: 'A child', kind: 'child' },
          style,
          cloths: [],
        }).findings[0],
      ).toMatchObject({ code: 'not-for-children', severity: 'stop' });
    else {
      const draft = recipeOf(style).draft(input);
      expectTrue(draft);
      expectFair(draft, 'child');
      expectRunsOn(draft);
    }
  });

  test('children of two to fourteen years get no bust shaping, and what is usual on an adult is smaller on them', () => {
    const few = children(7);
    for (let each = 0; each < 8; each++) {
      const { values } = few.next().value;
      const draft = recipeOf(style).draft(childInput(values, choices));
      expectCuttable(draft);
      const darts = draft.pieces.flatMap(({ piece }) =>
        piece.darts.filter(({ id: dart }) => dart === 'bust-dart'),
      );
      expect(darts).toEqual([]);
      const usual = recipeOf(style).chosen(draftInput(middleBody));
      const chosen = recipeOf(style).chosen(childInput(values));
      const { neckDepthFront: deep } = chosen;
      if (typeof deep === 'number' && typeof usual['neckDepthFront'] === 'number')
        expect(deep).toBeLessThan(usual['neckDepthFront']);
    }
  });
});

test('a high neck is sewn to go with the neck that was measured', () => {
  for (const size of childSizes) {
    const values = childBody(size);
    const { pieces } = recipeOf({ id: 'turtleneck-bodice' }).draft(childInput(values));
    const around = pieces
      .filter(({ piece }) => piece.role === 'outer' && piece.part === 'bodice')
      .reduce((sum, { piece }) => sum + 2 * roleLength(piece, 'neck'), 0);
    expect(around / (values.neck ?? NaN)).toBeGreaterThan(1);
    expect(around / (values.neck ?? NaN)).toBeLessThan(1.2);
  }
});

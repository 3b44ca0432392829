import { describe, test } from '@jest/globals';
import { draftInput } from '../testing/bodies.ts';
import { childBody, childSizes } from '../testing/child-size-table.ts';
import { expectTrue } from '../testing/expect-sound.ts';
import { recipeOf } from './recipe-book.ts';
import { fittedDress } from './fitted-dress.ts';
import { plainBodice } from './plain-bodice.ts';
import type { Style } from './style.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { turtleneckBodice } from './turtleneck-bodice.ts';
import { waistcoat } from './waistcoat.ts';
import { keyholeShirtBodice } from './keyhole-shirt-bodice.ts';

/** What a shop makes for children, of the book: no strapless edge, no cord at the neck. */
const forChildren: readonly (readonly [Style, ChoiceValues])[] = [
  [plainBodice, { darts: 'side' }],
  [plainBodice, {}],
  [fittedDress, {}],
  [turtleneckBodice, { darts: 'side' }],
  [waistcoat, {}],
  [keyholeShirtBodice, {}],
];

describe.each(forChildren)('$name for a child, %j', (style, choices) => {
  // EN 13402, children's series, from memory; the rest derived: see the table.
  test.each(childSizes)('height $size drafts true', (size) => {
    expectTrue(recipeOf(style).draft(draftInput(childBody(size), choices)));
  });
});

import { expect, test } from '@jest/globals';
import { countSelfCrossings } from '../geometry/ring.ts';
import { seededRandom } from '../lay/plan/seeded-random.ts';
import { anyChoices } from '../testing/any-choices.ts';
import { draftInput } from '../testing/bodies.ts';
import { ordinaryRanges, randomBodies } from '../testing/random-bodies.ts';
import { findingWords } from '../words/finding-words.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';

const DRAFTS = 25;

test.each(Object.values(styleBook))(
  '$name: whatever is chosen, it is drawn whole, or stopped with what to change',
  (style) => {
    const bodies = randomBodies(ordinaryRanges, 3);
    const random = seededRandom(5);
    for (let count = 0; count < DRAFTS; count++) {
      const { values, observations } = bodies.next().value;
      const input = draftInput(values, anyChoices(style, random));
      const { pieces, findings } = recipeOf(style).draft({
        ...input,
        person: { ...input.person, observations },
      });
      const stops = findings.filter(({ severity }) => severity === 'stop');
      for (const stop of stops) expect(findingWords(stop, 'in').remedy).not.toBe('');
      for (const { outline } of pieces) {
        expect(outline.every(({ x, y }) => Number.isFinite(x + y))).toBe(true);
        if (stops.length === 0) expect(countSelfCrossings(outline)).toBe(0);
      }
    }
  },
);

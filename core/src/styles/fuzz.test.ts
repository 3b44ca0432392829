import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../lay/plan/seeded-random.ts';
import { measureIds, type MeasureId } from '../measures/catalogue.ts';
import { anyChoices } from '../testing/any-choices.ts';
import { anyRules } from '../testing/any-rules.ts';
import { draftInput, middleBody, withArm } from '../testing/bodies.ts';
import { ordinaryRanges, randomBodies } from '../testing/random-bodies.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';
import { partBook } from '../parts/part-book.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';

const styles = Object.values(styleBook).map((style) => [style.id, style] as const);

/** So many drafts of each style here; `npm run bench -- fuzz` makes 20,000 of all of them. */
const DRAFTS = 24;

describe.each(styles)('%s', (_, style) => {
  test('is drafted by any rules and choices within their ranges, whatever the checks then say', () => {
    const [bodies, random] = [randomBodies(ordinaryRanges, 71), seededRandom(72)];
    for (let each = 0; each < DRAFTS; each++) {
      const { values, observations } = bodies.next().value;
      const input = draftInput(withArm(values), anyChoices(style, random));
      const rules = anyRules(random);
      expect(() =>
        recipeOf(style).draft({ ...input, rules, person: { ...input.person, observations } }),
      ).not.toThrow();
    }
  }, 90_000);

  test('with nothing but the measures that it requires it is drafted', () => {
    const all = { ...withArm(middleBody), underBust: inches(31) };
    const needed = Object.fromEntries(
      style.requires.flatMap((id) => (all[id] === undefined ? [] : [[id, all[id]]])),
    );
    for (const choices of [{}, ...partBook.map(({ slot, id }) => ({ [slot]: id }))]) {
      const draft = recipeOf(style).draft(draftInput(needed, choices));
      expect(draft.pieces.length).toBeGreaterThan(0);
    }
  });

  test('a measure that makes no body is a stop that names it, not a fault of the program', () => {
    const sound = withArm(middleBody);
    let stopped = 0;
    // Where nothing above the waist is measured, the waist may as well be the one that is wrong.
    const isFromWaist = !style.requires.includes('bust');
    const couldBe = (id: MeasureId): (MeasureId | undefined)[] => (isFromWaist ? [id, 'waist', 'hip'] : [id]);
    for (const id of measureIds) {
      const mm = sound[id];
      if (mm === undefined || id === 'armLength' || id === 'wrist') continue;
      for (const wrong of [inches(1.05), mm / 2.54, 10 * mm]) {
        const draft = recipeOf(style).draft(draftInput({ ...sound, [id]: wrong }));
        const stop = draft.findings.find(({ code }) => code === 'measures-impossible');
        if (draft.pieces.length > 0) continue;
        stopped++;
        expect([id, couldBe(id).includes(stop?.where.measure)]).toEqual([id, true]);
        expect(stop && findingWords(stop, 'in').remedy).not.toBe('');
      }
    }
    expect(stopped).toBeGreaterThan(isFromWaist ? 3 : 20);
  }, 90_000);
});

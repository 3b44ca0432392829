import { describe, expect, test } from '@jest/globals';
import { countSelfCrossings } from '../geometry/ring.ts';
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

const styles = Object.values(styleBook).map((style, index) => [style.id, style, index] as const);

/** So many drafts of each style here; `npm run bench -- fuzz` makes 20,000 of all of them. */
const DRAFTS = 24;

describe.each(styles)('%s', (_, style, place) => {
  test('by any rules and choices within their ranges it is drawn whole, or stopped with what to change', () => {
    const [bodies, random] = [randomBodies(ordinaryRanges, 71), seededRandom(72)];
    for (let each = 0; each < DRAFTS; each++) {
      const { values, observations } = bodies.next().value;
      const input = draftInput(withArm(values), anyChoices(style, random));
      const rules = each % 2 === 0 ? input.rules : anyRules(random);
      const { pieces, findings } = recipeOf(style).draft({
        ...input,
        rules,
        person: { ...input.person, observations },
      });
      const stops = findings.filter(({ severity }) => severity === 'stop');
      for (const stop of stops) expect(findingWords(stop, 'in').remedy).not.toBe('');
      for (const { outline } of pieces) {
        expect(outline.every(({ x, y }) => Number.isFinite(x + y))).toBe(true);
        if (stops.length === 0) expect(countSelfCrossings(outline)).toBe(0);
      }
    }
  }, 90_000);

  test('with nothing but the measures that it requires it is drafted', () => {
    const all = { ...withArm(middleBody), underBust: inches(31) };
    const needed = Object.fromEntries(
      style.requires.flatMap((id) => (all[id] === undefined ? [] : [[id, all[id]]])),
    );
    // Every third part in its slot, other ones for the next style.
    const parts = partBook.filter((_, index) => (index + place) % 3 === 0);
    for (const choices of [{}, ...parts.map(({ slot, id }) => ({ [slot]: id }))]) {
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
    for (const [index, id] of measureIds.entries()) {
      const mm = sound[id];
      if (mm === undefined || id === 'armLength' || id === 'wrist') continue;
      const wrongs = [inches(1.05), mm / 2.54, 10 * mm];
      // One kind of slip for each measure, another one for the next style.
      for (const wrong of wrongs.filter((_, kind) => (kind + index + place) % wrongs.length === 0)) {
        const draft = recipeOf(style).draft(draftInput({ ...sound, [id]: wrong }));
        const stop = draft.findings.find(({ code }) => code === 'measures-impossible');
        if (draft.pieces.length > 0) continue;
        stopped++;
        expect([id, couldBe(id).includes(stop?.where.measure)]).toEqual([id, true]);
        expect(stop && findingWords(stop, 'in').remedy).not.toBe('');
      }
    }
    expect(stopped).toBeGreaterThan(isFromWaist ? 0 : 6);
  }, 90_000);
});

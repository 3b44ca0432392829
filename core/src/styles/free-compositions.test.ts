import { describe, expect, test } from '@jest/globals';
import type { ChoiceValues } from '../garment/choice.ts';
import { slotIds, slots } from '../garment/part.ts';
import { seededRandom } from '../lay/plan/seeded-random.ts';
import { partBook } from '../parts/part-book.ts';
import { madeUpOn, sketchOf } from '../sketch/sketch.ts';
import { draftInput, withArm } from '../testing/bodies.ts';
import { expectCleanSketch } from '../testing/expect-clean-sketch.ts';
import { expectCuttable } from '../testing/expect-sound.ts';
import { ordinaryRanges, randomBodies } from '../testing/random-bodies.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';

const COMPOSED = 120;

/** Any bodice with any collar, sleeve and skirt that its joins fit, one each or none. */
function composed(random: () => number): { readonly id: string; readonly choices: ChoiceValues } {
  const pick = <Item>(items: readonly Item[]): Item => {
    const found = items[Math.floor(random() * items.length)];
    if (found === undefined) throw new Error('nothing to pick from');
    return found;
  };
  const style = pick(Object.values(styleBook));
  const parts = slotIds.flatMap((slot) => {
    const choice = style.choices[slot];
    if (style.lacks[slots[slot]] !== undefined || choice?.kind !== 'option') return [];
    const fitting = partBook.filter((part) => part.slot === slot).map(({ id }) => id);
    return [[slot, pick(Object.keys(choice.options).filter((id) => id === 'none' || fitting.includes(id)))] as const];
  });
  const own = Object.fromEntries(parts);
  // What may go on to a hem below the waist ends there for what hangs from it.
  return { id: style.id, choices: { ...own, ...(own['skirt'] !== 'none' && { below: 'waist' }) } };
} // prettier-ignore

describe('garments composed freely', () => {
  test('draft without a stop for ordinary bodies, their seams true, their girths right, their pictures whole', () => {
    const [random, bodies] = [seededRandom(2027), randomBodies(ordinaryRanges, 2028)];
    const made = new Set<string>();
    for (let count = 0; count < COMPOSED; count++) {
      const { id, choices } = composed(random);
      const { values, observations } = bodies.next().value;
      const body = withArm(values);
      const input = draftInput(body, choices);
      const draft = recipeOf({ id }).draft({ ...input, person: { ...input.person, observations } });
      const what = JSON.stringify({ id, choices });
      made.add(what);
      const stops = draft.findings.filter(({ severity }) => severity === 'stop').map(({ code }) => code);
      expect([what, stops]).toEqual([what, []]);
      const untrue = draft.seams.filter(({ difference }) => Math.abs(difference) >= 1).map((seam) => seam.id);
      expect([what, untrue]).toEqual([what, []]);
      expectCuttable(draft);
      const { front, back } = sketchOf(draft, madeUpOn(draft, body));
      expectCleanSketch([...front.shapes, ...back.shapes], what);
    }
    // They differ: a seed that composes one garment over and over proves nothing.
    expect(made.size).toBeGreaterThan(COMPOSED / 2);
  }, 90_000);
});

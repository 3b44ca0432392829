import { describe, expect, test } from '@jest/globals';
import { draftInput } from '../testing/bodies.ts';
import { billionth, nudged, tenth, type Nudge, type Share } from '../testing/nudges.ts';
import { extremeRanges, ordinaryRanges, randomBodies, type BodyRanges } from '../testing/random-bodies.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';

const bodyOf = (ranges: BodyRanges, seed: number): DraftInput => {
  const { values, observations } = randomBodies(ranges, seed).next().value;
  const input = draftInput(values);
  return { ...input, person: { ...input.person, observations } };
};

/** What moves by more than `most`, mm, without a finding that says why; the garment made up is looked at where a hand could feel it. */
const jumps = (id: string, input: DraftInput, nudge: Nudge, most: number, share: Share) => {
  const style = styleBook[id];
  if (!style) throw new Error(`no style ${id}`);
  return nudged(style, recipeOf(style), input, nudge, share)
    .map(({ drawn, ...each }) => ({ ...each, seen: nudge === tenth && each.sameFindings ? drawn() : 0 }))
    .filter(({ mm, seen, sameFindings }) => Math.max(mm, seen) > most && sameFindings)
    .map(({ what, piece, mm, seen }) => `${what}: ${piece} by ${mm}, made up by ${seen}`);
};

// Every style's bodies and measures differ: what is tried over the book is tried on as many. The bench tries each measure of each style.
const EVERY = 3;
describe.each(Object.keys(styleBook).map((id, index) => [id, index] as const))('%s', (id, index) => {
  test('is the same garment when one of every third measure or choice moves by a billionth', () => {
    // On bodies of either kind by turns; the bench tries each style on many of both.
    const body = index % 2 === 0 ? bodyOf(extremeRanges, 40 + index) : bodyOf(ordinaryRanges, 20 + index);
    expect(jumps(id, body, billionth, 0.001, { every: EVERY, from: index })).toEqual([]);
  }, 90_000);

  test('moves by no more than 3 mm when one of the next thirds moves by a tenth of a mm, made up as well, unless a finding says why', () => {
    const input = bodyOf(ordinaryRanges, 60 + index);
    expect(jumps(id, input, tenth, 3, { every: EVERY, from: index + 1 })).toEqual([]);
  }, 90_000);
});

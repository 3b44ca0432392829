import { describe, expect, test } from '@jest/globals';
import type { Finding } from '../findings/finding.ts';
import type { Draft } from '../drafting/draft.ts';
import { countSelfCrossings } from '../geometry/ring.ts';
import { draftInput } from '../testing/bodies.ts';
import { extremeRanges, ordinaryRanges, randomBodies, type BodyRanges } from '../testing/random-bodies.ts';
import { findingWords } from '../words/finding-words.ts';
import { fittedDress } from './fitted-dress.ts';
import { recipeOf } from './recipe-book.ts';

const stopsOf = ({ findings }: Draft): Finding[] => findings.filter(({ severity }) => severity === 'stop');

function drafts(ranges: BodyRanges, seed: number, count: number): Draft[] {
  const bodies = randomBodies(ranges, seed);
  return Array.from({ length: count }, () => {
    const { values, observations } = bodies.next().value;
    const input = draftInput(values);
    return recipeOf(fittedDress).draft({ ...input, person: { ...input.person, observations } });
  });
}

describe('the fitted dress over bodies of all kinds', () => {
  test('ordinary bodies, measured with an ordinary hand, get no stop', () => {
    expect(drafts(ordinaryRanges, 11, 60).flatMap(stopsOf)).toEqual([]);
  });

  test('of extreme bodies fewer than one in fifty gets a stop, and each stop names what to change', () => {
    const all = drafts(extremeRanges, 7, 200);
    const stopped = all.filter((draft) => stopsOf(draft).length > 0);
    expect(stopped.length / all.length).toBeLessThan(0.02);
    expect(stopped.length).toBeGreaterThan(0);
    for (const stop of stopped.flatMap(stopsOf)) {
      expect([stop.code, stop.where.measure ?? stop.where.choice]).not.toContain(undefined);
      expect(stop.remedy).toBeDefined();
      expect(findingWords(stop, 'in').remedy).not.toBe('');
    }
    // What is not stopped can be cut: no outline crosses itself, nothing is left undrawn.
    for (const draft of all.filter((each) => !stopped.includes(each)))
      for (const { outline, stitch } of draft.pieces) {
        expect(countSelfCrossings(outline) + countSelfCrossings(stitch)).toBe(0);
        expect([...outline, ...stitch].every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))).toBe(
          true,
        );
      }
  }, 120_000);

  test('the same seed gives the same bodies', () => {
    const [a, b, other] = [7, 7, 8].map((seed) => randomBodies(extremeRanges, seed).next().value);
    expect(a).toEqual(b);
    expect(a).not.toEqual(other);
  });
});

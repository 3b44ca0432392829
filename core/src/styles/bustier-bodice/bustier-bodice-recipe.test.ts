import { describe, expect, test } from '@jest/globals';
import { necklineShapes } from '../../drafting/bodice/neckline.ts';
import type { Draft } from '../../drafting/draft.ts';
import type { MeasureValues } from '../../measures/measure-set.ts';
import { ruleSet } from '../../rules/catalogue.ts';
import { draftInput, middleBody, ordinaryBody } from '../../testing/bodies.ts';
import { expectCuttable, expectTrue } from '../../testing/expect-sound.ts';
import { missesBody, missesSizes } from '../../testing/misses-size-table.ts';
import { extremeRanges, ordinaryRanges, randomBodies } from '../../testing/random-bodies.ts';
import { findingWords } from '../../words/finding-words.ts';
import { evaluate } from '../../workings/working.ts';
import type { ChoiceValues } from '../style.ts';
import { bustierBodiceRecipe } from './bustier-bodice-recipe.ts';

const draft = (values: MeasureValues = middleBody, choices: ChoiceValues = {}) =>
  bustierBodiceRecipe.draft(draftInput(values, choices));

describe('the bustier bodice', () => {
  test('has a centre and a side panel in front and behind, and its inside whole', () => {
    expect(draft().pieces.map(({ piece: { id, cut } }) => `${id} ${cut.layers} ${cut.copies}`)).toEqual([
      'bodice-front-centre fold 1',
      'bodice-front-side pair 2',
      'bodice-back-centre pair 2',
      'bodice-back-side pair 2',
      'facing-front fold 1',
      'facing-back pair 2',
      'lining-bodice-front fold 1',
      'lining-bodice-back pair 2',
      'stay-facing-front fold 1',
      'stay-facing-back pair 2',
    ]);
  });

  // ASTM D5585-95 bust, waist and hip, from memory; the rest derived: see the table.
  test.each(missesSizes)('size $size drafts true', (size) => {
    expectTrue(draft(missesBody(size)));
  });

  test.each(Object.keys(necklineShapes))('a %s neckline is true', (neckline) => {
    expectTrue(draft(middleBody, { neckline }));
  });

  test('panels have no dart left, and a straight body is split all the same', () => {
    const straight = ordinaryBody({ bust: 36, bustToWaist: 1, waistToHipRound: 4, height: 64, cup: 1 });
    for (const each of [draft(), draft(straight)]) {
      const outer = each.pieces.filter(({ piece }) => piece.id.startsWith('bodice'));
      expect(outer.flatMap(({ piece }) => piece.darts)).toEqual([]);
      expectCuttable(each);
    }
  });

  test('every working comes to its figure', () => {
    for (const { id, mm, working } of draft().figures)
      expect([id, Math.abs(evaluate(working) - mm) < 0.2]).toEqual([id, true]);
  });

  test('by the table habit it is split too, and says what that misses', () => {
    const habit = bustierBodiceRecipe.draft({
      ...draftInput(middleBody),
      rules: ruleSet({ 'school.block': 'table' }),
    });
    expect(habit.pieces.length).toBe(10);
    expectCuttable(habit);
  });

  const ofBodies = (ranges: typeof ordinaryRanges, count: number) => {
    const bodies = randomBodies(ranges, 9);
    return Array.from({ length: count }, () => draft(bodies.next().value.values));
  };
  const stopsOf = ({ findings }: Draft) => findings.filter(({ severity }) => severity === 'stop');

  test('ordinary bodies draft true', () => {
    for (const each of ofBodies(ordinaryRanges, 20)) expectTrue(each);
  }, 90_000);

  test('of extreme bodies fewer than one in fifty gets a stop, each naming what to change; the rest can be cut', () => {
    const extreme = ofBodies(extremeRanges, 60);
    const stopped = extreme.filter((each) => stopsOf(each).length > 0);
    expect(stopped.length / extreme.length).toBeLessThan(0.02);
    for (const stop of stopped.flatMap(stopsOf)) expect(findingWords(stop, 'in').remedy).not.toBe('');
    for (const each of extreme.filter((one) => !stopped.includes(one))) expectCuttable(each);
  }, 90_000);
});

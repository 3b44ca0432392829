import { expect, test } from '@jest/globals';
import type { Draft } from '../drafting/draft.ts';
import { ruleSet } from '../rules/catalogue.ts';
import { recipeOf } from '../styles/recipe-book.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import type { Style } from '../styles/style.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import { findingWords } from '../words/finding-words.ts';
import { draftInput, middleBody as bareMiddle, withArm } from './bodies.ts';
import { expectCuttable, expectFair, expectRunsOn, expectTrue } from './expect-sound.ts';
import { missesBody, missesSizes } from './misses-size-table.ts';
import { extremeRanges, ordinaryRanges, randomBodies, type BodyRanges } from './random-bodies.ts';
import { widthByArea } from './width-by-area.ts';

const stopsOf = ({ findings }: Draft) => findings.filter(({ severity }) => severity === 'stop');

/** What every style owes: true over a published size table, sound on bodies of all proportions, and open about its sums. */
export function expectStyleSound(style: Style, variants: readonly ChoiceValues[] = [{}]): void {
  const recipe = recipeOf(style);
  const dressed = (values: MeasureValues): MeasureValues =>
    style.requires.includes('upperArm') ? withArm(values) : values;
  const middleBody = dressed(bareMiddle);
  const draftOf = (ranges: BodyRanges, count: number, choices: ChoiceValues): Draft[] => {
    const bodies = randomBodies(ranges, 9);
    return Array.from({ length: count }, () => {
      const { values, observations } = bodies.next().value;
      const input = draftInput(dressed(values), choices);
      return recipe.draft({ ...input, person: { ...input.person, observations } });
    });
  };

  // ASTM D5585-95 bust, waist and hip, from memory; the rest derived: see the table.
  // The first variant, which is usual, in every size; the others by turns.
  const [usual = {}, ...others] = variants;
  const inSize = missesSizes.map(
    (size, index) =>
      [
        size.size,
        size,
        others.length === 0 ? [usual] : [usual, others[index % others.length] ?? {}],
      ] as const,
  );
  test.each(inSize)('size %s drafts true', (_, size, choicesOf) => {
    for (const choices of choicesOf) {
      const draft = recipe.draft(draftInput(dressed(missesBody(size)), choices));
      expectTrue(draft);
      expectFair(draft, 'adult');
      expectRunsOn(draft);
    }
  });

  test('ordinary bodies draft true, and their edges run fair, and on across seams and darts', () => {
    for (const each of draftOf(ordinaryRanges, 12, {})) {
      expectTrue(each);
      expectFair(each, 'adult');
      expectRunsOn(each);
    }
  }, 90_000);

  test.each(
    variants.map((choices, index) => [JSON.stringify(choices), choices, index === 0 ? 51 : 20] as const),
  )(
    'of extreme bodies at most one gets a stop, of fifty-one or, unusually made, of twenty, naming what to change; the rest can be cut: %s',
    (_, choices, count) => {
      const drafts = draftOf(extremeRanges, count, choices);
      const stopped = drafts.filter((each) => stopsOf(each).length > 0);
      expect(stopped.length).toBeLessThan(2);
      for (const stop of stopped.flatMap(stopsOf)) expect(findingWords(stop, 'in').remedy).not.toBe('');
      for (const each of drafts.filter((one) => !stopped.includes(one))) expectCuttable(each);
    },
    90_000,
  );

  test('as it usually is, it has pieces of each of its cloths, and of no other', () => {
    const { pieces } = recipe.draft(draftInput(middleBody));
    expect(new Set(pieces.map(({ piece }) => piece.role))).toEqual(new Set(style.cloths));
  });

  test('every working comes to its figure, and every cloth of the style has its pieces', () => {
    for (const choices of variants) {
      const draft = recipe.draft(draftInput(middleBody, choices));
      for (const { id, mm, working } of draft.figures)
        expect([id, Math.abs(working.mm - mm) < 0.2]).toEqual([id, true]);
      const roles = new Set(draft.pieces.map(({ piece }) => piece.role));
      expect([...roles].filter((role) => !style.cloths.includes(role))).toEqual([]);
      const ids = draft.pieces.map(({ piece }) => piece.id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });

  test('by area, its pieces are as wide at bust and hip as body and wanted ease come to', () => {
    for (const choices of variants) {
      const draft = recipe.draft(draftInput(middleBody, choices));
      const across = draft.rounds.filter(({ level }) => level === 'bust' || level === 'hip');
      // What hangs from the waist by itself is held along that seam alone.
      if (across.length === 0) expect(draft.rounds.map(({ level }) => level)).toContain('waist');
      for (const { level, runs, body, wantedEase, held } of across) {
        const widths = draft.pieces
          .filter(({ piece }) => runs.some((run) => run.piece === piece.id))
          .map(({ piece, stitch }) => {
            const path = piece.levels.find(({ name }) => name === level)?.path ?? [];
            return (piece.cut.layers === 'single' ? 1 : 2) * widthByArea(stitch, path);
          });
        const round = widths.reduce((total, each) => total + each, 0);
        const more = round - body - wantedEase;
        expect([level, held === 'at-least' ? more > -1 : Math.abs(more) < 1]).toEqual([level, true]);
      }
    }
  });

  test('by the table habit it can be cut as well', () => {
    for (const choices of variants)
      expectCuttable(
        recipe.draft({ ...draftInput(middleBody, choices), rules: ruleSet({ 'school.block': 'table' }) }),
      );
  });
}

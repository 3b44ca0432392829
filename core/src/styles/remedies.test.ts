import { describe, expect, test } from '@jest/globals';
import type { Finding } from '../findings/finding.ts';
import type { Remedy } from '../findings/remedy.ts';
import { draftInput, middleBody } from '../testing/bodies.ts';
import { formatNumber } from '../units/format-length.ts';
import { parseLength } from '../units/parse-length.ts';
import type { Unit } from '../units/length.ts';
import { recipeOf } from './recipe-book.ts';
import { styleBook } from './style-book.ts';
import type { Style } from './style.ts';
import { isAsked, type ChoiceValues } from '../garment/choice.ts';

type SetChoice = Extract<Remedy, { kind: 'set-choice' }> & { readonly mm: number };

const setsChoice = (remedy: Remedy | undefined): remedy is SetChoice =>
  remedy?.kind === 'set-choice' && remedy.mm !== undefined;

/** A length as the remedy's button types it, and as it is then read. */
function typed(mm: number, unit: Unit): number {
  const read = parseLength(formatNumber(mm, unit, { denominator: 16, decimals: 2 }), unit);
  if (!read.ok) throw new Error('a remedy that cannot be typed');
  return read.mm;
}

const findingsOf = (style: Style, choices: ChoiceValues): readonly Finding[] =>
  recipeOf(style).draft(draftInput(middleBody, choices)).findings;

/** Every length of a style that is asked, at its least and at its most, the others as they come. */
function bounds(style: Style): ChoiceValues[] {
  const chosen = recipeOf(style).chosen(draftInput(middleBody));
  return Object.entries(style.choices).flatMap(([id, choice]) =>
    choice.kind === 'length' && chosen[id] !== undefined && isAsked(choice, chosen)
      ? [{ [id]: choice.least }, { [id]: choice.most }]
      : [],
  );
}

describe.each(Object.values(styleBook))('$name: a remedy that sets a choice', (style) => {
  const offered = bounds(style).flatMap((choices) =>
    findingsOf(style, choices).flatMap((found) =>
      setsChoice(found.remedy) ? [{ choices, found, remedy: found.remedy }] : [],
    ),
  );

  test.each(['in', 'cm'] as const)(
    'clears its own finding when it is typed in %s, within what can be chosen',
    (unit) => {
      for (const { choices, found, remedy } of offered) {
        const choice = style.choices[remedy.choice];
        if (choice?.kind !== 'length') throw new Error(`${remedy.choice} is no length of ${style.id}`);
        const mm = typed(remedy.mm, unit);
        const said = `${found.code} at ${JSON.stringify(choices)} → ${remedy.choice} ${mm.toFixed(1)}`;
        expect([said, mm >= choice.least - 1 && mm <= choice.most + 1]).toEqual([said, true]);
        const still = findingsOf(style, { ...choices, [remedy.choice]: mm }).some(
          ({ code, where }) => code === found.code && where.choice === found.where.choice,
        );
        expect([said, still]).toEqual([said, false]);
      }
    },
  );
});

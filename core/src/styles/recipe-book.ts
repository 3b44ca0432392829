import { impossibleMeasures } from '../checks/proportion-findings.ts';
import type { Draft } from '../drafting/draft.ts';
import type { Finding } from '../findings/finding.ts';
import type { MeasureValues } from '../measures/measure-set.ts';
import { measuresWithParts } from '../parts/part-book.ts';
import type { ChoiceValues } from '../garment/choice.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import { assembleDraft } from '../garment/assemble-draft.ts';
import { chosenOf, combine } from '../parts/combine.ts';
import { sizeOf } from '../drafting/bodice/size-of.ts';
import { styleOf } from './style-book.ts';
import type { Recipe, Style } from './style.ts';

/** The input with what the style chooses otherwise than its parts: usual lengths are an adult's, and smaller on a child. */
function byStyle({ usual }: Style, input: DraftInput): DraftInput {
  const size = sizeOf(input.person, input.rules);
  const sized: ChoiceValues = Object.fromEntries(
    Object.entries(usual).map(([id, value]) => [id, typeof value === 'number' ? size * value : value]),
  );
  return { ...input, choices: { ...sized, ...input.choices } };
}

/** Of what was measured, what the garment is drawn from. */
function used(style: Style, { person, choices }: DraftInput): MeasureValues {
  const { requires, derives, checks } = measuresWithParts(style, choices);
  const ids = [...requires, ...derives, ...checks];
  return Object.fromEntries(Object.entries(person.values).filter(([id]) => ids.some((each) => each === id)));
}

/** A garment that cannot be drawn, with what has to be mended first. */
const undrawn = (findings: readonly Finding[]): Draft => ({
  pieces: [],
  figures: [],
  details: [],
  seams: [],
  rounds: [],
  coverage: [],
  findings,
});

/** The recipe of a style of the book: its parts are combined, and the garment is finished. It stands apart from the book, so that only what drafts loads it. */
export function recipeOf({ id }: Pick<Style, 'id'>): Recipe {
  const style = styleOf(id);
  if (!style) throw new Error(`the style book has no ${id}`);
  const { parts, choices } = style;
  return {
    draft: (input) => {
      const asked = byStyle(style, input);
      const impossible = impossibleMeasures(used(style, asked), asked.person.kind ?? 'adult');
      return impossible.length > 0 ? undrawn(impossible) : assembleDraft(combine(parts, asked), asked);
    },
    chosen: (input): ChoiceValues => {
      const all = Object.entries(chosenOf(parts, byStyle(style, input)));
      return Object.fromEntries(all.filter(([choice]) => Object.hasOwn(choices, choice)));
    },
  };
}

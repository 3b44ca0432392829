import type { ChoiceValues } from '../garment/choice.ts';
import type { DraftInput } from '../garment/draft-input.ts';
import { assembleDraft } from '../garment/assemble-draft.ts';
import { chosenOf, combine } from '../parts/combine.ts';
import { styleOf } from './style-book.ts';
import type { Recipe, Style } from './style.ts';

/** The input with what the style chooses otherwise than its parts. */
const byStyle = ({ usual }: Style, input: DraftInput): DraftInput => ({
  ...input,
  choices: { ...usual, ...input.choices },
});

/** The recipe of a style of the book: its parts are combined, and the garment is finished. It stands apart from the book, so that only what drafts loads it. */
export function recipeOf({ id }: Pick<Style, 'id'>): Recipe {
  const style = styleOf(id);
  if (!style) throw new Error(`the style book has no ${id}`);
  const { parts, choices } = style;
  return {
    draft: (input) => {
      const asked = byStyle(style, input);
      return assembleDraft(combine(parts, asked), asked);
    },
    chosen: (input): ChoiceValues => {
      const all = Object.entries(chosenOf(parts, byStyle(style, input)));
      return Object.fromEntries(all.filter(([choice]) => Object.hasOwn(choices, choice)));
    },
  };
}

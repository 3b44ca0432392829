import type { Allowances } from '../pieces/allowances.ts';
import type { Person } from '../drafting/body.ts';
import type { Draft } from '../drafting/draft.ts';
import type { HandFigures } from '../pieces/hand-figure.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import type { ClothRole } from '../pieces/piece.ts';
import type { RuleSet } from '../rules/catalogue.ts';

/** What choices are about, in the order in which they are asked. */
export const choiceGroups = ['Shape', 'Neck', 'Ease', 'Skirt'] as const;

interface ChoiceWords {
  readonly label: string;
  readonly group: (typeof choiceGroups)[number];
  readonly help: string;
  /** Asked only where another choice is so: an option by its id. */
  readonly when?: { readonly [choice: string]: string };
}

/** A length that the client chooses, mm. A choice without a default of its own follows from the body. */
export interface LengthChoice extends ChoiceWords {
  readonly kind: 'length';
  readonly least: number;
  readonly most: number;
  readonly usual: number | 'from-body';
}

/** One of a few ways to make it, each with its words. */
export interface OptionChoice extends ChoiceWords {
  readonly kind: 'option';
  readonly options: { readonly [id: string]: string };
  readonly usual: string;
}

/** The options of a choice as they are offered: those that are numbers from the least, the others as they are written. */
export const optionsInOrder = ({ options }: OptionChoice): (readonly [id: string, words: string])[] =>
  Object.entries(options).sort(([a], [b]) => Number(a) - Number(b) || 0);

export type Choice = LengthChoice | OptionChoice;

/** Whether a choice is asked at all: an option of one word leaves nothing to choose, and some only go with another. */
export const isAsked = (choice: Choice, chosen: ChoiceValues): boolean =>
  (choice.kind !== 'option' || Object.keys(choice.options).length > 1) &&
  Object.entries(choice.when ?? {}).every(([id, option]) => chosen[id] === option);

/** What was chosen: lengths in mm, options by id. */
export type ChoiceValues = { readonly [id: string]: number | string };

/** The types that the values of a style's choices have. */
export type ChosenOf<Choices extends { readonly [id: string]: Choice }> = {
  readonly [Id in keyof Choices]: Choices[Id] extends { readonly options: infer Options }
    ? keyof Options & string
    : number;
};

/** The choices with what was chosen laid over their defaults; a length that follows from the body is 0 until it is filled. */
export function withDefaults<Choices extends { readonly [id: string]: Choice }>(
  choices: Choices,
  values: ChoiceValues,
): ChosenOf<Choices> {
  const filled = Object.entries(choices).map(([id, { usual }]) => [
    id,
    values[id] ?? (usual === 'from-body' ? 0 : usual),
  ]);
  return Object.fromEntries(filled) as ChosenOf<Choices>;
}

export interface DraftInput {
  readonly person: Person;
  /** Only what was chosen, mm; the rest is the style's default. */
  readonly choices: ChoiceValues;
  readonly allowances: Partial<Allowances>;
  readonly rules: RuleSet;
  /** Figures set by hand, by id. */
  readonly figures: HandFigures;
}

/** What is known of a garment before it is drafted; pages that only ask and list need no more. */
export interface Style extends MeasuresUsed {
  readonly id: string;
  readonly name: string;
  readonly summary: string;
  /** The cloths that it is cut from, the one that shows first. */
  readonly cloths: readonly ClothRole[];
  readonly choices: { readonly [id: string]: Choice };
  /** Held by a cord or tie at the neck, which children’s wear must not have. */
  readonly neckCord?: boolean;
}

/** How a style is drafted: blocks and operations composed into a garment. */
export interface Recipe {
  /** Pure; throws only when a required measure is missing, which callers check first. */
  readonly draft: (input: DraftInput) => Draft;
  /** The choices in force for these inputs, defaults filled in, mm. */
  readonly chosen: (input: DraftInput) => ChoiceValues;
}

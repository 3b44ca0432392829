/** Slots of a garment, in the order in which they are chosen; ease goes with all of them. */
export const choiceGroups = ['Bodice', 'Neck', 'Sleeve', 'Skirt', 'Closure', 'Layers', 'Ease'] as const;
export type ChoiceGroup = (typeof choiceGroups)[number];

interface ChoiceWords {
  readonly label: string;
  readonly group: ChoiceGroup;
  readonly help: string;
  /** Asked only where another choice is so: an option by its id, or one of several. */
  readonly when?: { readonly [choice: string]: string | readonly string[] };
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
  /** Told apart by eye: each option is shown as the garment that it makes. */
  readonly pictured?: true;
}

/** The options of a choice as they are offered: those that are numbers from the least, the others as they are written. */
export const optionsInOrder = ({ options }: OptionChoice): (readonly [id: string, words: string])[] =>
  Object.entries(options).sort(([a], [b]) => Number(a) - Number(b) || 0);

export type Choice = LengthChoice | OptionChoice;

/** Test of an option against those with which another choice is asked. */
export const allows = (options: string | readonly string[], option: number | string | undefined): boolean =>
  typeof options === 'string' ? options === option : options.some((each) => each === option);

/** Test of a choice: an option of one word leaves nothing to choose and is not asked, and some are asked only with another. */
export const isAsked = (choice: Choice, chosen: ChoiceValues): boolean =>
  (choice.kind !== 'option' || Object.keys(choice.options).length > 1) &&
  Object.entries(choice.when ?? {}).every(([id, options]) => allows(options, chosen[id]));

/** Values of choices: lengths in mm, options by id. */
export type ChoiceValues = { readonly [id: string]: number | string };

/** The types that the values of a style's choices have. */
export type ChosenOf<Choices extends { readonly [id: string]: Choice }> = {
  readonly [Id in keyof Choices]: Choices[Id] extends { readonly options: infer Options }
    ? keyof Options & string
    : number;
};

/**
 * The choices with what was chosen laid over their defaults; a length that follows from the body is 0 until it is filled.
 * Usual lengths are an adult's: on a smaller body they are `size` of it.
 */
export function withDefaults<Choices extends { readonly [id: string]: Choice }>(
  choices: Choices,
  values: ChoiceValues,
  size = 1,
): ChosenOf<Choices> {
  const usual = (choice: Choice): number | string => {
    if (choice.usual === 'from-body') return 0;
    return choice.kind === 'length' && typeof choice.usual === 'number' ? size * choice.usual : choice.usual;
  };
  const filled = Object.entries(choices).map(([id, choice]) => [id, values[id] ?? usual(choice)]);
  return Object.fromEntries(filled) as ChosenOf<Choices>;
}

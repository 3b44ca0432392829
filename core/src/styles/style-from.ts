import {
  allows,
  type Choice,
  type ChoiceValues,
  type LengthChoice,
  type OptionChoice,
} from '../garment/choice.ts';
import type { Composition } from '../garment/part.ts';
import { bodicePart, chosenParts, measuresWithParts, partChoices } from '../parts/part-book.ts';
import { clothRoles } from '../pieces/piece.ts';
import type { Style } from './style.ts';

/** A style as it is written down: its parts, and what is chosen otherwise with them. */
export interface StyleData extends Pick<Style, 'id' | 'name' | 'summary' | 'unused'> {
  readonly parts: Composition;
  /** Choices of its parts that it leaves as they usually are, and does not ask. */
  readonly without?: readonly string[];
  /** Its changes to the words, the range or the usual value of its parts’ choices. */
  readonly choices?: { readonly [id: string]: Partial<LengthChoice> | Partial<OptionChoice> };
}

type Choices = { readonly [id: string]: Choice };

/** A choice without what its asking waits for among those that are left out; undefined where it is then never asked. */
function askedWithout(choice: Choice, left: Choices): Choice | undefined {
  const waits = Object.entries(choice.when ?? {});
  if (waits.some(([id, options]) => left[id] && !allows(options, left[id].usual))) return undefined;
  const others = waits.filter(([id]) => !left[id]);
  const { when, ...words } = choice;
  return when && others.length > 0 ? { ...words, when: Object.fromEntries(others) } : words;
}

function leftOut(choices: Choices, without: readonly string[]): Choices {
  const left = Object.fromEntries(Object.entries(choices).filter(([id]) => without.includes(id)));
  return Object.fromEntries(
    Object.entries(choices).flatMap(([id, choice]) => {
      const asked = left[id] ? undefined : askedWithout(choice, left);
      return asked ? [[id, asked] as const] : [];
    }),
  );
}

/** Values that the style changes, so that its parts are drafted by them. */
const changedUsual = (changes: NonNullable<StyleData['choices']>): ChoiceValues =>
  Object.fromEntries(
    Object.entries(changes).flatMap(([id, { usual }]) =>
      usual === undefined || usual === 'from-body' ? [] : [[id, usual] as const],
    ),
  );

/** A style of the book from its data: choices, measures and cloths are those of its parts. */
export function styleFrom({ parts, without = [], choices: changes = {}, ...words }: StyleData): Style {
  const bodice = bodicePart(parts);
  const all = Object.entries<Choice>({ ...bodice.choices, ...partChoices(parts) });
  // A part is lined where the bodice is, whose lining it is sewn to.
  const isLined = bodice.cloths.includes('lining');
  const roles = new Set(
    [bodice, ...chosenParts(parts, {})]
      .flatMap(({ cloths }) => cloths)
      .filter((role) => role !== 'lining' || isLined),
  );
  return {
    ...words,
    parts,
    ...measuresWithParts({ parts, ...words }, {}),
    cloths: clothRoles.filter((role) => roles.has(role)),
    choices: leftOut(
      Object.fromEntries(all.map(([id, choice]) => [id, { ...choice, ...changes[id] } as Choice])),
      without,
    ),
    usual: changedUsual(changes),
    lacks: bodice.lacks,
    ...(bodice.neckCord && { neckCord: true }),
    ...(bodice.adultsOnly && { adultsOnly: true }),
  };
}

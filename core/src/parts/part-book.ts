import type { Choice, ChoiceGroup, ChoiceValues } from '../garment/choice.ts';
import { slots, type Part, type Slot } from '../garment/part.ts';
import type { MeasuresUsed } from '../measures/sequences.ts';
import type { JoinKind } from '../garment/join.ts';
import { skirtCircle } from './skirt-circle/skirt-circle.ts';
import { sleeveSetIn } from './sleeve-set-in/sleeve-set-in.ts';

/** The parts that can be sewn to a garment; their recipes are in the recipe book of parts. */
export const partBook: readonly Part[] = [sleeveSetIn, skirtCircle];

/** The parts that were chosen for a garment. */
export const chosenParts = (choices: ChoiceValues): Part[] =>
  partBook.filter(({ id, slot }) => choices[slot] === id);

const slotWords: { readonly [slot in Slot]: Pick<Choice, 'label' | 'group' | 'help'> } = {
  sleeve: { label: 'Sleeve', group: 'Sleeve', help: 'sewn into the armhole' },
  skirt: { label: 'Skirt', group: 'Skirt', help: 'sewn to the waist' },
};

/** The slot for parts among the choices of a group; undefined for a group that takes none. */
export const slotIn = (group: ChoiceGroup): Slot | undefined =>
  (Object.keys(slots) as Slot[]).find((slot) => slotWords[slot].group === group);

const choicesOf = ({ id, slot, choices }: Part): { readonly [id: string]: Choice } =>
  Object.fromEntries(
    Object.entries(choices).map(([choice, each]) => [
      choice,
      { ...each, when: { ...each.when, [slot]: id } },
    ]),
  );

/** The choices of a garment that offers these joins: for each slot no part or one that fits, and what is chosen of that. */
export const partChoices = (...offered: readonly JoinKind[]): { readonly [id: string]: Choice } =>
  Object.fromEntries(
    (Object.keys(slots) as Slot[])
      .filter((slot) => offered.includes(slots[slot]))
      .flatMap((slot) => {
        const parts = partBook.filter((part) => part.slot === slot);
        const choice: Choice = {
          kind: 'option',
          pictured: true,
          ...slotWords[slot],
          options: {
            none: 'none',
            ...Object.fromEntries(parts.map(({ id, name }) => [id, name.toLowerCase()])),
          },
          usual: 'none',
        };
        return [[slot, choice] as const, ...parts.flatMap((part) => Object.entries(choicesOf(part)))];
      }),
  );

/** Measures that a garment with these choices uses: its own, and those of its parts. */
export function measuresWithParts(used: MeasuresUsed, choices: ChoiceValues): MeasuresUsed {
  const parts = chosenParts(choices);
  return {
    requires: [...used.requires, ...parts.flatMap(({ requires }) => requires)],
    derives: [...used.derives, ...parts.flatMap(({ derives }) => derives)],
    checks: [...used.checks, ...parts.flatMap(({ checks }) => checks)],
  };
}

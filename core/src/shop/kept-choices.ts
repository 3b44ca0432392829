import type { Choice } from '../garment/choice.ts';
import { slotIds, type Slot } from '../garment/part.ts';
import type { Style } from '../styles/style.ts';
import type { EnteredChoices } from './ticket.ts';

/** Test of a choice made for one style: it means the same in another that asks it too, and can be made there. */
const holds = (choice: Choice | undefined, entered: EnteredChoices[string]): boolean => {
  switch (choice?.kind) {
    case 'length':
      return 'mm' in entered && entered.mm >= choice.least && entered.mm <= choice.most;
    case 'option':
      return 'option' in entered && Object.hasOwn(choice.options, entered.option);
    case undefined:
      return false;
  }
};

/** The choices that are kept when a garment becomes another style: those that it has too. */
export const keptChoices = (choices: EnteredChoices, { choices: asked }: Style): EnteredChoices =>
  Object.fromEntries(Object.entries(choices).filter(([id, entered]) => holds(asked[id], entered)));

/** The part in a slot of a garment now: the one that was chosen, or its style’s own. */
const partIn = (slot: Slot, choices: EnteredChoices, style: Style): string => {
  const entered = choices[slot];
  return entered && 'option' in entered ? entered.option : (style.parts[slot] ?? 'none');
};

/** The choices that are kept when only the bodice of a garment is exchanged: the parts that are sewn on stay too, where its joins fit them. */
export function onAnotherBodice(choices: EnteredChoices, from: Style, to: Style): EnteredChoices {
  const parts = slotIds.flatMap((slot) => {
    const [part, choice] = [partIn(slot, choices, from), to.choices[slot]];
    return choice?.kind === 'option' && Object.hasOwn(choice.options, part)
      ? [[slot, { option: part, typed: part }] as const]
      : [];
  });
  return { ...keptChoices(choices, to), ...Object.fromEntries(parts) };
}

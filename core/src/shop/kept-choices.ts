import type { Choice } from '../garment/choice.ts';
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

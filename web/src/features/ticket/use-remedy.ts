import type { Remedy } from '@ample-bolt/core/findings/remedy';
import { ruleOf } from '@ample-bolt/core/rules/catalogue';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { useTicketContext } from './ticket-context.ts';

export interface RemedyAction {
  readonly verb: string;
  readonly act: () => void;
}

/** Sets a choice on trial, for pages where choices are typed or dragged before they are agreed; mm. */
export interface TryChoice {
  readonly length: (choice: string, mm: number) => void;
  readonly option: (choice: string, option: string) => void;
}

/**
 * What a remedy's button says and does: carries the change out where it can, else leads to where a hand is needed. Where
 * choices are on trial, so is the one that the remedy sets.
 */
export function useRemedy(tryChoice?: TryChoice): (remedy: Remedy) => RemedyAction {
  const { ticket, actions, goTo, attempt } = useTicketContext();
  const typed = (mm: number) =>
    `${formatNumber(mm, ticket.unit, { denominator: 16, decimals: 2 })} ${ticket.unit}`;
  const store = (choice: string, text: string) =>
    attempt(actions.put('choices', { choices: { [choice]: text } }), 'The choice was not stored.');
  return (remedy) => {
    switch (remedy.kind) {
      case 'measure-again':
      case 'set-measure':
      case 'swap-measures':
        return { verb: 'Measure', act: () => goTo('measure') };
      case 'add-cloth':
        return { verb: 'Add', act: () => goTo('lay') };
      case 'set-choice': {
        const { choice, mm } = remedy;
        if (mm === undefined) return { verb: 'Change', act: () => goTo('style') };
        if (tryChoice) return { verb: 'Set it', act: () => tryChoice.length(choice, mm) };
        return { verb: 'Set it', act: () => store(choice, typed(mm)) };
      }
      case 'set-option': {
        const { choice, option } = remedy;
        return {
          verb: option === 'none' ? 'Leave it off' : 'Set it',
          act: () => (tryChoice ? tryChoice.option(choice, option) : store(choice, option)),
        };
      }
      case 'set-rule': {
        const { rule, value } = remedy;
        const text =
          typeof value === 'number' && ruleOf(rule).kind === 'length' ? typed(value) : String(value);
        return {
          verb: 'Set it',
          act: () => attempt(actions.put('rules', { rules: { [rule]: text } }), 'The rule was not stored.'),
        };
      }
      case 'clear-figure':
        return {
          verb: 'Take it back',
          act: () =>
            attempt(
              actions.put('figures', { figures: { [remedy.figure]: null } }),
              'The figure was not stored.',
            ),
        };
      case 'set-figure': {
        const { figure, mm } = remedy;
        return {
          verb: 'True it',
          act: () =>
            attempt(
              actions.put('figures', { figures: { [figure]: { value: typed(mm), why: 'trues its seam' } } }),
              'The figure was not stored.',
            ),
        };
      }
    }
  };
}

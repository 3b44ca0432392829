import type { Draft } from '@ample-bolt/core/drafting/draft';
import { rules, ruleSet } from '@ample-bolt/core/rules/catalogue';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useStepContent, useSteps } from '../../api/tickets.ts';
import { momentText } from '../../ui/day.ts';
import { asPreview, useDrafted } from '../../workers/use-drafted.ts';
import type { TicketToDraft } from '../../workers/drafting.worker.ts';

export const schools = rules['school.block'].methods;
export type School = keyof typeof schools;

export const schoolOf = (ticket: Ticket): School => ruleSet(ticket.rules)['school.block'];
export const otherSchool = (school: School): School => (school === 'solved' ? 'table' : 'solved');

/** What the draft is looked at beside: nothing, the other school, or the ticket as a step of its history left it. */
export type Beside = 'nothing' | 'school' | `step ${number}`;

export interface BesideOption {
  readonly value: Beside;
  readonly words: string;
}

const placeOf = (beside: Beside): number | undefined =>
  beside.startsWith('step ') ? Number(beside.slice('step '.length)) : undefined;

/** What can be looked at: a version that came to lie on the table is beside nothing. */
export const besideNow = (ticket: Ticket, beside: Beside): Beside =>
  placeOf(beside) === ticket.history.place ? 'nothing' : beside;

/** What there is to look at it beside, in words: the other school, then the ticket's versions, newest first. */
export function useBesideOptions(ticket: Ticket): {
  readonly school: BesideOption;
  readonly steps: readonly BesideOption[];
} {
  const { data: steps = [] } = useSteps(ticket);
  return {
    school: { value: 'school', words: `${schools[otherSchool(schoolOf(ticket))]} draft` },
    steps: steps
      .filter(({ place }) => place !== ticket.history.place)
      .map(({ place, what, madeAt }): BesideOption => ({
        value: `step ${place}`,
        words: `${momentText(madeAt)}: ${what}`,
      }))
      .reverse(),
  };
}

/** Drafts what the ticket is looked at beside, off the main thread; undefined for nothing, and until it is drafted. */
export function useBeside(ticket: Ticket, beside: Beside): Draft | undefined {
  const { data: then } = useStepContent(ticket.id, placeOf(beside));
  return useDrafted(besideInputs(ticket, beside, then)).drafted?.draft;
}

function besideInputs(
  ticket: Ticket,
  beside: Beside,
  then: Partial<TicketToDraft> | undefined,
): TicketToDraft | undefined {
  switch (beside) {
    case 'nothing':
      return undefined;
    case 'school':
      return asPreview(ticket, {
        rules: { ...ticket.rules, 'school.block': otherSchool(schoolOf(ticket)) },
      });
    default:
      return then && asPreview(ticket, { ...then, lays: {} });
  }
}

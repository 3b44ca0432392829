import { ruleSet } from '../rules/catalogue.ts';
import type { MeasureSet, Ticket } from './ticket.ts';

const DAY = 86_400_000;

/** Days from measuring to the day a ticket is due; undefined until something is measured. */
export const setAgeAtDue = ({
  measures,
  dueOn,
}: {
  readonly measures: Pick<MeasureSet, 'takenOn'>;
  readonly dueOn: string;
}): number | undefined =>
  measures.takenOn === null
    ? undefined
    : Math.round((Date.parse(dueOn) - Date.parse(measures.takenOn)) / DAY);

/** Whether a child will have grown out of its set by the day the ticket is due: the house says after how many days. */
export function outgrown(ticket: Pick<Ticket, 'client' | 'measures' | 'dueOn' | 'rules'>): boolean {
  const age = setAgeAtDue(ticket);
  return (
    ticket.client.kind === 'child' && age !== undefined && age > ruleSet(ticket.rules)['check.childDays']
  );
}

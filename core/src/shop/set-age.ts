import type { Ticket } from './ticket.ts';

const DAY = 86_400_000;

/** Days from measuring to the day a ticket is due; undefined until something is measured. */
export const setAgeAtDue = ({ measures, dueOn }: Pick<Ticket, 'measures' | 'dueOn'>): number | undefined =>
  measures.takenOn === null
    ? undefined
    : Math.round((Date.parse(dueOn) - Date.parse(measures.takenOn)) / DAY);

/** A child outgrows a set in about two months. Common practice, no source. */
const CHILD_DAYS = 60;

/** Whether a child will have grown out of its set by the day the ticket is due. */
export function outgrown(ticket: Pick<Ticket, 'client' | 'measures' | 'dueOn'>): boolean {
  const age = setAgeAtDue(ticket);
  return ticket.client.kind === 'child' && age !== undefined && age > CHILD_DAYS;
}

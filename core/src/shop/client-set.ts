import type { MeasuredFrom, Observations } from '../measures/measure-set.ts';
import type { Unit } from '../units/length.ts';
import type { EnteredById, Ticket } from './ticket.ts';

/** One set of a client's measures, with the ticket that it was taken for. */
export interface ClientSet {
  readonly ticketId: string;
  readonly ticketNumber: number;
  readonly title: string;
  /** The day it was taken, yyyy-mm-dd. */
  readonly takenOn: string;
  readonly unit: Unit;
  readonly from: MeasuredFrom;
  readonly observations: Observations;
  readonly values: EnteredById;
}

/** The newest set of a client before the one of a ticket; of two taken on one day, the one of the older ticket. */
export function lastSetBefore(
  sets: readonly ClientSet[],
  { id, number, measures }: Pick<Ticket, 'id' | 'number' | 'measures'>,
): ClientSet | undefined {
  const isBefore = (set: ClientSet): boolean =>
    set.ticketId !== id &&
    (measures.takenOn === null ||
      set.takenOn < measures.takenOn ||
      (set.takenOn === measures.takenOn && set.ticketNumber < number));
  return sets
    .filter(isBefore)
    .sort((a, b) => b.takenOn.localeCompare(a.takenOn) || b.ticketNumber - a.ticketNumber)[0];
}

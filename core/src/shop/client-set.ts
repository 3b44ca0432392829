import type { MeasuredFrom, Observations } from '../measures/measure-set.ts';
import type { EnteredById, MeasureSet, Ticket } from './ticket.ts';

/** One set of a client's measures, with the ticket that it was taken for; one that came from a file has none. */
export interface ClientSet {
  readonly id: string;
  readonly ticket: Pick<Ticket, 'id' | 'number' | 'title'> | null;
  readonly revision: number;
  readonly source: MeasureSet['source'] | 'file';
  readonly takenBy: string;
  readonly undergarment: string;
  /** The day it was taken, yyyy-mm-dd. */
  readonly takenOn: string;
  readonly from: MeasuredFrom;
  readonly observations: Observations;
  readonly values: EnteredById;
}

/** Sets in the order in which they were taken: by day, then by ticket, then by revision. */
export const inOrder = (a: ClientSet, b: ClientSet): number =>
  a.takenOn.localeCompare(b.takenOn) ||
  (a.ticket?.number ?? 0) - (b.ticket?.number ?? 0) ||
  a.revision - b.revision;

/** The newest set of a client before the one of a ticket; of two taken on one day, the one of the older ticket. */
export function lastSetBefore(
  sets: readonly ClientSet[],
  { id, number, measures }: Pick<Ticket, 'id' | 'number' | 'measures'>,
): ClientSet | undefined {
  const { takenOn, revision } = measures;
  const isBefore = (set: ClientSet): boolean => {
    if (set.ticket?.id === id) return set.revision < revision;
    return (
      takenOn === null ||
      set.takenOn < takenOn ||
      (set.takenOn === takenOn && (set.ticket?.number ?? 0) < number)
    );
  };
  return sets.filter(isBefore).sort(inOrder).at(-1);
}

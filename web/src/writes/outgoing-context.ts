import { createContext, useContext, useSyncExternalStore } from 'react';
import type { Outgoing } from './outgoing.ts';
import type { TableLineState } from './table-line.ts';
import type { LineState } from './ticket-line.ts';

export const OutgoingContext = createContext<Outgoing | undefined>(undefined);

/** Where the changes of tickets wait until they are stored. */
export function useOutgoing(): Outgoing {
  const outgoing = useContext(OutgoingContext);
  if (!outgoing) throw new Error('a page changes tickets outside of OutgoingContext');
  return outgoing;
}

/** Lines of all tickets on which something waits. */
export function useStanding(): readonly LineState[] {
  const { subscribe, standing } = useOutgoing();
  return useSyncExternalStore(subscribe, standing);
}

/** The line of one ticket, as it stands. */
export function useLine(ticketId: string): LineState | undefined {
  const { subscribe, stateOf } = useOutgoing();
  return useSyncExternalStore(subscribe, () => stateOf(ticketId));
}

/** The table of one ticket, as far as it is not counted yet. */
export function useTableLine(ticketId: string): TableLineState {
  const { subscribe, tableOf } = useOutgoing();
  return useSyncExternalStore(subscribe, () => tableOf(ticketId).state());
}

export function useTablesStanding(): readonly TableLineState[] {
  const { subscribe, tablesStanding } = useOutgoing();
  return useSyncExternalStore(subscribe, tablesStanding);
}

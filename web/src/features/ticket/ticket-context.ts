import type { StationId, StationStanding } from '@ample-bolt/core/shop/stations';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useOutletContext } from 'react-router';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import type { Drafting } from '../../workers/use-drafted.ts';
import type { LayWorker } from '../../workers/use-lay-worker.ts';

/** What every station of a ticket works with. */
export interface TicketContext extends Drafting {
  readonly ticket: Ticket;
  readonly actions: TicketActions;
  readonly stations: readonly StationStanding[];
  /** Where lays are searched; it keeps what it worked out of the pieces while the ticket is open. */
  readonly layWorker: LayWorker;
  readonly goTo: (station: StationId) => void;
  /** Sends a change that no form waits for; a failure is said at the top of the ticket. */
  readonly attempt: (change: Promise<unknown>, otherwise: string) => void;
}

export const useTicketContext = (): TicketContext => useOutletContext<TicketContext>();

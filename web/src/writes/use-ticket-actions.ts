import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useEffect, useMemo, useState } from 'react';
import { useHand } from '../ui/use-hand.ts';
import { useOutgoing } from './outgoing-context.ts';
import type { ChangePart, TicketChange, TicketChanges } from './ticket-changes.ts';

export interface TicketActions {
  /** Puts a change on the ticket's line; resolves to the ticket as stored, once it is. */
  readonly put: <Part extends ChangePart>(part: Part, change: TicketChanges[Part]) => Promise<Ticket>;
}

/** Changes of one ticket, by a component that stays with it. They go out in the order in which they were made, whichever page is open by then. */
export function useTicketActions(ticket: Ticket): TicketActions {
  const lines = useOutgoing();
  const [by] = useHand();
  const [line] = useState(() => lines.lineOf(ticket));
  useEffect(() => line.learn(ticket), [line, ticket]);
  return useMemo(
    () => ({
      // The part names the shape of its change; the compiler does not follow that through a union.
      put: (part, change) => line.add({ part, change, by } as TicketChange),
    }),
    [line, by],
  );
}

import type { TableState } from '@ample-bolt/core/shop/table-event';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import type { ScopedMutator } from 'swr';
import { ticketKey } from '../api/tickets.ts';
import { isLaidAnew, withTable } from './with-table.ts';

/**
 * Shows a table as it was stored, on its ticket as well. What is being fetched while something is shown counts no more: a ticket
 * that is still to come, or that has other lays, is fetched again.
 */
export function showTable(mutate: ScopedMutator, id: string, table: TableState): void {
  void mutate(`${ticketKey(id)}/table`, table, { revalidate: false });
  void mutate<Ticket>(ticketKey(id), (ticket) => ticket && withTable(ticket, table), {
    revalidate: (ticket?: Ticket) => ticket === undefined || isLaidAnew(ticket, table),
  });
}

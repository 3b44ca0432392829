import { eventsTowards, layIdsOf, type TableWork } from '@ample-bolt/core/shop/table-event';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useEffect } from 'react';
import { useSWRConfig } from 'swr';
import { v4 as uuid } from 'uuid';
import { ticketKey, useTable as useStoredTable } from '../../api/tickets.ts';
import { useHand } from '../../ui/use-hand.ts';
import { useOutgoing, useTableLine } from '../../writes/outgoing-context.ts';
import { tableHere } from '../../writes/table-line.ts';
import { isLaidAnew, withTable } from '../../writes/with-table.ts';

export interface Table {
  /** What is chalked and cut, by every device that the shop computer heard of and by this one. */
  readonly work: TableWork;
  /** Brings the table from what it is to another state. */
  readonly bringTo: (work: Partial<TableWork>) => void;
  readonly refusal: string | undefined;
  readonly dismiss: () => void;
}

/** The cutting table: what is done here counts at once, and goes to the shop computer mark by mark. */
export function useTable(ticket: Ticket): Table {
  const { mutate } = useSWRConfig();
  const lines = useOutgoing();
  const here = useTableLine(ticket.id);
  const [by] = useHand();
  const { data: stored } = useStoredTable(ticket.id);
  const isOther = stored !== undefined && isLaidAnew(ticket, stored);
  useEffect(() => {
    if (isOther) void mutate(ticketKey(ticket.id));
  }, [isOther, mutate, ticket.id]);
  const now = stored ? withTable(ticket, stored) : ticket;
  const work = tableHere(now, layIdsOf(ticket.lays), here);
  return {
    work,
    bringTo: (wanted) => {
      const at = new Date().toISOString();
      const events = eventsTowards(ticket.lays, work, { ...work, ...wanted }, () => ({
        id: uuid(),
        at,
        by,
      }));
      lines.tableOf(ticket.id).add(events);
    },
    refusal: here.refusal,
    dismiss: () => lines.tableOf(ticket.id).dismiss(),
  };
}

import { layIdsOf } from '@ample-bolt/core/shop/table-event';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { coreVersion } from '@ample-bolt/core/version';
import type { StoredTable } from './table-line.ts';

/** Whether a table is that of other lays than the ticket has here. */
export const isLaidAnew = ({ lays }: Ticket, table: StoredTable): boolean =>
  layIdsOf(lays).join() !== Object.values(table.lays).join() &&
  new Set([...layIdsOf(lays), ...Object.values(table.lays)]).size !== layIdsOf(lays).length;

/** A ticket with its table as it was stored later; a table of other lays, or an older one, changes nothing of it. */
export function withTable(ticket: Ticket, table: StoredTable): Ticket {
  if (table.tableVersion < ticket.tableVersion || isLaidAnew(ticket, table)) return ticket;
  const { chalked, cut, tableVersion, frozenAt } = table;
  const frozen = frozenAt === null ? null : { at: frozenAt, core: ticket.frozen?.core ?? coreVersion };
  return { ...ticket, chalked, cut, tableVersion, frozen };
}

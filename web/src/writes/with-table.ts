import { areSameLays, layIdsOf, type TableState } from '@ample-bolt/core/shop/table-event';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { coreVersion } from '@ample-bolt/core/version';

/** Whether a table is that of other lays than the ticket has here. */
export const isLaidAnew = ({ lays }: Ticket, table: TableState): boolean =>
  !areSameLays(layIdsOf(lays), Object.values(table.lays));

/** A ticket with its table as it was stored later; a table of other lays, or an older one, changes nothing of it. */
export function withTable(ticket: Ticket, table: TableState): Ticket {
  if (table.tableVersion < ticket.tableVersion || isLaidAnew(ticket, table)) return ticket;
  const { chalked, cut, tableVersion, frozenAt } = table;
  const frozen = frozenAt === null ? null : { at: frozenAt, core: ticket.frozen?.core ?? coreVersion };
  return { ...ticket, chalked, cut, tableVersion, frozen };
}

import type { TableAnswer, TableEvent, TableState, TableWork } from '@ample-bolt/core/shop/table-event';
import { coreVersion } from '@ample-bolt/core/version';
import { inTransaction } from '../../db/in-transaction.ts';
import { notFound } from '../../http/problem.ts';
import { lockTable, noteEvents, tableOf, workOn, writeWork } from './table-repository.ts';
import { draftOf, hasChalk, ticketById } from './ticket-changes.ts';
import { TicketModel } from './ticket-model.ts';
import type { TableEdit } from './table-schema.ts';
import { freeze, thaw } from './ticket-repository.ts';

async function known(id: string): Promise<TableState> {
  const table = await tableOf(id);
  if (!table) throw notFound('ticket');
  return table;
}

export const tableAt = (id: string): Promise<TableState> => known(id);

/** Events by the shop computer's clock: a device's may be minutes off, and of two on one mark the later holds. */
function byOurClock({ events, sentAt }: TableEdit): TableEvent[] {
  const off = Date.now() - Date.parse(sentAt);
  return events.map((event) => ({ ...event, at: new Date(Date.parse(event.at) + off).toISOString() }));
}

/**
 * Counts what devices did at the table, whichever order it arrives in. The pieces freeze with the first mark, and thaw when the
 * last is rubbed out. An event on a lay that was replaced meanwhile is refused; the others count.
 */
export function noteAtTable(id: string, edit: TableEdit): Promise<TableAnswer> {
  const events = byOurClock(edit);
  return inTransaction(TicketModel.sequelize, async () => {
    await lockTable(id);
    const before = await known(id);
    const lays = Object.values(before.lays);
    const counted = events.filter(({ lay }) => lays.includes(lay));
    await noteEvents(id, counted);
    const work = await workOn(id, lays);
    await writeWork(id, work);
    await holdPieces(id, before, work);
    const refused = events.filter((event) => !counted.includes(event)).map((event) => event.id);
    return { ...(await known(id)), refused };
  });
}

async function holdPieces(id: string, { frozenAt }: TableState, work: TableWork): Promise<void> {
  if (hasChalk(work) === (frozenAt !== null)) return;
  if (frozenAt !== null) return thaw(id);
  const ticket = await ticketById(id);
  const draft = await draftOf(ticket, ticket);
  if (draft) await freeze(id, { core: coreVersion, draft });
}

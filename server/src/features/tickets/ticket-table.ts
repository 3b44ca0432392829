import type { TableAnswer, TableEvent, TableState, TableWork } from '@ample-bolt/core/shop/table-event';
import { coreVersion } from '@ample-bolt/core/version';
import type { TableEdit } from '@ample-bolt/core/messages/table-messages';
import { notFound } from '../../http/problem.ts';
import type { Stores } from '../../stores/stores.ts';
import { draftOf, hasChalk, ticketById } from './ticket-changes.ts';

export async function tableAt({ table }: Pick<Stores, 'table'>, id: string): Promise<TableState> {
  const found = await table.find(id);
  if (!found) throw notFound('ticket');
  return found;
}

/** Events by the shop computer's clock: a device's may be minutes off, and of two on one mark the later holds. */
function byOurClock({ events, sentAt }: TableEdit): TableEvent[] {
  const off = Date.now() - Date.parse(sentAt);
  return events.map((event) => ({ ...event, at: new Date(Date.parse(event.at) + off).toISOString() }));
}

/**
 * Counts what devices did at the table, whichever order it arrives in. The pieces freeze with the first mark, and thaw when the
 * last is rubbed out. An event on a lay that was replaced meanwhile is refused; the others count.
 */
export function noteAtTable(
  stores: Pick<Stores, 'tickets' | 'table' | 'atOnce'>,
  id: string,
  edit: TableEdit,
): Promise<TableAnswer> {
  const { table } = stores;
  const events = byOurClock(edit);
  return stores.atOnce(async () => {
    await table.lock(id);
    const before = await tableAt(stores, id);
    const lays = Object.values(before.lays);
    const counted = events.filter(({ lay }) => lays.includes(lay));
    await table.note(id, counted);
    const work = await table.workOn(id, lays);
    await table.write(id, work);
    await holdPieces(stores, id, before, work);
    const refused = events.filter((event) => !counted.includes(event)).map((event) => event.id);
    return { ...(await tableAt(stores, id)), refused };
  });
}

async function holdPieces(
  stores: Pick<Stores, 'tickets'>,
  id: string,
  { frozenAt }: TableState,
  work: TableWork,
): Promise<void> {
  if (hasChalk(work) === (frozenAt !== null)) return;
  if (frozenAt !== null) return stores.tickets.thaw(id);
  const ticket = await ticketById(stores, id);
  const draft = await draftOf(ticket, ticket);
  if (draft) await stores.tickets.freeze(id, { core: coreVersion, draft });
}

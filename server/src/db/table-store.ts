import { workOf, type TableEvent, type TableState, type TableWork } from '@ample-bolt/core/shop/table-event';
import { QueryTypes } from 'sequelize';
import type { TableStore } from '../stores/ticket-store.ts';
import { TableEventModel } from './models/table-model.ts';
import { TicketModel } from './models/ticket-model.ts';

const toEvent = ({ id, lay, kind, on, mark, done, at, by }: TableEventModel): TableEvent => ({
  id,
  lay,
  kind,
  on,
  mark,
  done,
  at,
  by,
});

/** What is chalked and cut on these lays. */
async function workOn(ticketId: string, lays: readonly string[]): Promise<TableWork> {
  if (lays.length === 0) return { chalked: {}, cut: [] };
  return workOf((await TableEventModel.findAll({ where: { ticketId, lay: [...lays] } })).map(toEvent));
}

/** Keeps the table of a ticket to this transaction: what is read after it is as the one before left it. */
async function lockTable(ticketId: string): Promise<void> {
  await TicketModel.findByPk(ticketId, { attributes: ['id'], lock: true });
}

/** The table of a ticket, without the rest of it. */
async function tableOf(ticketId: string): Promise<TableState | undefined> {
  const [row] = await TicketModel.sequelize!.query<{
    chalked: TableState['chalked'];
    cut: TableState['cut'];
    table_version: number;
    lays: TableState['lays'];
    frozen_at: Date | null;
  }>(
    `SELECT chalked, cut, table_version,
            (SELECT COALESCE(jsonb_object_agg(role, lay->>'id'), '{}'::jsonb) FROM jsonb_each(lays) AS each(role, lay)) AS lays,
            (SELECT frozen_at FROM frozen_drafts WHERE ticket_id = tickets.id) AS frozen_at
       FROM tickets WHERE id = :ticketId`,
    { type: QueryTypes.SELECT, replacements: { ticketId } },
  );
  if (!row) return undefined;
  const { chalked, cut, lays } = row;
  return {
    chalked,
    cut,
    lays,
    tableVersion: row.table_version,
    frozenAt: row.frozen_at?.toISOString() ?? null,
  };
}

/** Notes what was done at the table; an event that is known already is the same one, sent twice. */
async function noteEvents(ticketId: string, events: readonly TableEvent[]): Promise<void> {
  await TableEventModel.bulkCreate(
    events.map((event) => ({ ...event, ticketId })),
    { ignoreDuplicates: true },
  );
}

async function writeWork(ticketId: string, { chalked, cut }: TableWork): Promise<void> {
  await TicketModel.update({ chalked, cut }, { where: { id: ticketId }, silent: true });
  await TicketModel.increment('tableVersion', { where: { id: ticketId }, silent: true });
}

export const tableStore: TableStore = {
  workOn,
  lock: lockTable,
  find: tableOf,
  note: noteEvents,
  write: writeWork,
};

import type { Draft } from '@ample-bolt/core/drafting/draft';
import { gistOf } from '@ample-bolt/core/shop/ticket-gist';
import type { TicketStep } from '@ample-bolt/core/messages/ticket-messages';
import type { MeasureSet, Ticket, TicketContent } from '@ample-bolt/core/shop/ticket';
import jsonPatch from 'fast-json-patch';
import { Op } from 'sequelize';
import type {
  FrozenPieces,
  Freezing,
  Overtaken,
  TicketStore,
  TicketWrite,
  VersionedWrite,
} from '../stores/ticket-store.ts';
import { inTransaction } from './in-transaction.ts';
import { MeasureSetModel, TicketModel } from './models/ticket-model.ts';
import { FrozenDraftModel, TicketStateModel } from './models/ticket-state-model.ts';
import { tableStore } from './table-store.ts';
import { boltsInUse, listTickets, ticketsBeside, ticketsOnBolt } from './ticket-list.ts';
import { ticketRelated, ticketsById, toTicket, type Steps } from './ticket-rows.ts';

async function stepsAround(ticketId: string, place: number): Promise<Steps> {
  const states = await TicketStateModel.findAll({
    attributes: ['place', 'what'],
    where: { ticketId, place: { [Op.between]: [place - 1, place + 1] } },
  });
  const known = new Map(states.map((state) => [state.place, state.what]));
  // The oldest step that is kept cannot be undone: what was before it is gone.
  if (!known.has(place - 1)) known.delete(place);
  return known;
}

async function findTicket(id: string): Promise<Ticket | undefined> {
  const row = await TicketModel.findByPk(id, { include: ticketRelated });
  return row ? toTicket(row, await stepsAround(id, row.place)) : undefined;
}

async function createTicket(
  ticket: Pick<Ticket, 'title' | 'dueOn' | 'unit' | 'styleId' | 'rules'> & { clientId: string },
): Promise<string> {
  return (await TicketModel.create(ticket)).id;
}

/** Gives a ticket, and every set that was taken for it, to another client. */
async function giveTo(ticketId: string, clientId: string): Promise<void> {
  await TicketModel.update({ clientId }, { where: { id: ticketId } });
  await TicketModel.increment('version', { where: { id: ticketId } });
  await MeasureSetModel.update({ clientId }, { where: { ticketId } });
}

/** Writes the ticket's present set. Sets that were taken after it are gone: they were undone, and redo has them. */
async function writeMeasures(ticketId: string, { from, revision, ...measures }: MeasureSet): Promise<void> {
  const row = { ...measures, measuredFrom: from };
  await MeasureSetModel.destroy({ where: { ticketId, revision: { [Op.gt]: revision } } });
  const existing = await MeasureSetModel.findOne({ where: { ticketId, revision } });
  if (existing) {
    await existing.update(row);
    return;
  }
  const ticket = await TicketModel.findByPk(ticketId, { attributes: ['id', 'clientId'] });
  if (!ticket) throw new Error(`ticket ${ticketId} went away while its measures were written`);
  await MeasureSetModel.create({ clientId: ticket.clientId, ticketId, revision, ...row });
}

/** Steps that are kept; older ones are dropped. */
const KEPT_STEPS = 120;

/** What of a content steps are about: how far the table is follows from what was done there. */
const inSteps = (content: TicketContent): object =>
  JSON.parse(JSON.stringify({ ...content, chalked: undefined, cut: undefined })) as object;

async function writeStep(
  ticketId: string,
  place: number,
  { content, step }: TicketWrite,
  by: string,
): Promise<number> {
  switch (step.kind) {
    case 'to':
      return step.place;
    case 'new': {
      const next = place + 1;
      const dropped = { [Op.or]: [{ [Op.gt]: place }, { [Op.lte]: next - KEPT_STEPS }] };
      await TicketStateModel.destroy({ where: { ticketId, place: dropped } });
      await TicketStateModel.findOrCreate({
        where: { ticketId, place },
        defaults: { ticketId, place, what: 'Opened' },
      });
      const [before, after] = [inSteps(step.before), inSteps(content)];
      const [back, forth] = [jsonPatch.compare(after, before), jsonPatch.compare(before, after)];
      await TicketStateModel.create({ ticketId, place: next, what: step.what, by, back, forth });
      return next;
    }
  }
}

const thaw = async (ticketId: string): Promise<void> => {
  await FrozenDraftModel.destroy({ where: { ticketId } });
};

const freeze = async (ticketId: string, frozen: FrozenPieces): Promise<void> => {
  await FrozenDraftModel.create({ ticketId, ...frozen });
};

async function writeFreezing(ticketId: string, freezing: Freezing): Promise<void> {
  if (freezing === 'as-is') return;
  await thaw(ticketId);
  if (freezing !== 'thaw') await freeze(ticketId, freezing);
}

class NotWritten extends Error {
  readonly overtaken: Overtaken;
  constructor(overtaken: Overtaken) {
    super(`ticket ${overtaken.id} was overtaken`);
    this.overtaken = overtaken;
  }
}

async function writeOne({ id, version, tableVersion, by, write }: VersionedWrite): Promise<void> {
  const row = await TicketModel.findByPk(id, {
    attributes: ['id', 'place', 'version', 'tableVersion'],
    lock: true,
  });
  if (row?.version !== version) throw new NotWritten({ id, by: 'version' });
  if (row.tableVersion !== tableVersion) throw new NotWritten({ id, by: 'table' });
  const { measures, ...columns } = write.content;
  await writeMeasures(id, measures);
  await tableStore.note(id, write.rubbed);
  const place = await writeStep(id, row.place, write, by);
  await TicketModel.update(
    {
      ...columns,
      ...(write.stops !== undefined && { stops: write.stops }),
      place,
      gist: gistOf(write.content),
      version: version + 1,
      ...(write.rubbed.length > 0 && { tableVersion: tableVersion + 1 }),
    },
    { where: { id } },
  );
  await writeFreezing(id, write.freezing);
}

/** Writes the content of tickets, all of them or none: gives the one that was overtaken. */
async function writeTickets(writes: readonly VersionedWrite[]): Promise<Overtaken | undefined> {
  try {
    await inTransaction(TicketModel.sequelize, async () => {
      // In the order of their ids, so that two writes of the same tickets wait for each other.
      for (const write of [...writes].sort((a, b) => a.id.localeCompare(b.id))) await writeOne(write);
    });
    return undefined;
  } catch (error) {
    if (error instanceof NotWritten) return error.overtaken;
    throw error;
  }
}

async function frozenDraftOf(ticketId: string): Promise<Draft | undefined> {
  return (await FrozenDraftModel.findByPk(ticketId))?.draft;
}

async function listSteps(ticketId: string): Promise<TicketStep[]> {
  const states = await TicketStateModel.findAll({
    attributes: ['place', 'what', 'madeAt', 'by'],
    where: { ticketId },
    order: [['place', 'ASC']],
  });
  return states.map(({ place, what, madeAt, by }) => ({ place, what, madeAt: madeAt.toISOString(), by }));
}

/** What a ticket held at a place of its history: its content now, with every step between undone, or done again. */
async function contentAt(
  ticketId: string,
  now: TicketContent,
  from: number,
  place: number,
): Promise<TicketContent | undefined> {
  const [least, most] = [Math.min(from, place), Math.max(from, place)];
  const states = await TicketStateModel.findAll({
    where: { ticketId, place: { [Op.between]: [least, most] } },
    order: [['place', place < from ? 'DESC' : 'ASC']],
  });
  if (!states.some((state) => state.place === place)) return undefined;
  const patches =
    place < from
      ? states.filter((state) => state.place > place).map(({ back }) => back)
      : states.filter((state) => state.place > from).map(({ forth }) => forth);
  const { chalked, cut } = now;
  const there = patches.reduce<object>(
    (content, patch) => jsonPatch.applyPatch(content, patch, false, true).newDocument,
    inSteps(now),
  );
  // A patch of a content leads to a content.
  return { ...(there as TicketContent), chalked, cut };
}

export const ticketStore: TicketStore = {
  find: findTicket,
  byIds: ticketsById,
  list: listTickets,
  create: createTicket,
  giveTo,
  write: writeTickets,
  frozen: frozenDraftOf,
  freeze,
  thaw,
  steps: listSteps,
  contentAt,
  onBolt: ticketsOnBolt,
  beside: ticketsBeside,
  boltsInUse,
};

import type { Draft } from '@ample-bolt/core/drafting/draft';
import { gistOf } from '@ample-bolt/core/shop/ticket-gist';
import { inOrder, type ClientSet } from '@ample-bolt/core/shop/client-set';
import type { TableEvent } from '@ample-bolt/core/shop/table-event';
import { noMeasures, type MeasureSet, type Ticket, type TicketContent } from '@ample-bolt/core/shop/ticket';
import jsonPatch from 'fast-json-patch';
import { Op } from 'sequelize';
import { inTransaction } from '../../db/in-transaction.ts';
import { ClientModel } from '../clients/client-model.ts';
import { noteEvents } from './table-repository.ts';
import { MeasureSetModel, TicketModel } from './ticket-model.ts';
import { FrozenDraftModel, TicketStateModel } from './ticket-state-model.ts';

const related = [
  { model: ClientModel, as: 'client' },
  { model: MeasureSetModel, as: 'measureSets' },
  { model: FrozenDraftModel, as: 'frozenDraft', attributes: ['core', 'frozenAt'] },
];

/** The steps around a ticket's place: what led here, and what was undone from here. */
type Steps = ReadonlyMap<number, string>;

/** The set that a ticket is drafted by: the last that was taken for it. */
function newestOf(sets: readonly MeasureSetModel[]): MeasureSet {
  const newest = [...sets].sort((a, b) => b.revision - a.revision)[0];
  if (!newest) return noMeasures;
  const { revision, source, takenBy, undergarment, startLine, observations, takenOn, values, garment } =
    newest;
  return {
    revision,
    source: source === 'file' ? 'shop' : source,
    takenBy,
    undergarment,
    from: newest.measuredFrom,
    startLine,
    observations,
    takenOn,
    values,
    garment,
  };
}

function toTicket(row: TicketModel, steps: Steps = new Map()): Ticket {
  const { client, measureSets = [], frozenDraft, place } = row;
  if (!client) throw new Error(`ticket ${row.id} was read without its client`);
  return {
    id: row.id,
    number: row.number,
    client: { id: client.id, name: client.name, kind: client.kind },
    styleId: row.styleId,
    state: row.state,
    title: row.title,
    dueOn: row.dueOn,
    unit: row.unit,
    remarks: row.remarks,
    measures: newestOf(measureSets),
    choices: row.choices,
    rules: row.rules,
    figures: row.figures,
    signedOff: row.signedOff,
    cloths: row.cloths,
    lays: row.lays,
    chalked: row.chalked,
    marksInAll: row.marksInAll,
    cut: row.cut,
    version: row.version,
    tableVersion: row.tableVersion,
    stops: row.stops,
    frozen: frozenDraft ? { at: frozenDraft.frozenAt.toISOString(), core: frozenDraft.core } : null,
    history: {
      place,
      undo: place > 0 ? (steps.get(place) ?? null) : null,
      redo: steps.get(place + 1) ?? null,
    },
  };
}

/** Whole tickets by their ids, in the order of their numbers. */
export async function ticketsById(ids: readonly string[]): Promise<Ticket[]> {
  if (ids.length === 0) return [];
  const rows = await TicketModel.findAll({
    where: { id: [...ids] },
    include: related,
    order: [['number', 'ASC']],
  });
  return rows.map((row) => toTicket(row));
}

/** All sets of a client's measures that have a measure in them, the newest first. */
export async function listSets(clientId: string): Promise<ClientSet[]> {
  const rows = await MeasureSetModel.findAll({
    include: [{ model: TicketModel, as: 'ticket', attributes: ['id', 'number', 'title'] }],
    where: { clientId },
  });
  return rows.flatMap(toClientSet).sort(inOrder).reverse();
}

/** The newest set of every client that was measured, by the client's id. */
export async function newestSets(): Promise<ReadonlyMap<string, ClientSet>> {
  const rows = await MeasureSetModel.findAll({
    include: [{ model: TicketModel, as: 'ticket', attributes: ['id', 'number', 'title'] }],
  });
  const byClient = new Map<string, ClientSet[]>();
  for (const row of rows)
    byClient.set(row.clientId, [...(byClient.get(row.clientId) ?? []), ...toClientSet(row)]);
  const newest = new Map<string, ClientSet>();
  for (const [client, sets] of byClient) {
    const [last] = sets.sort(inOrder).reverse();
    if (last) newest.set(client, last);
  }
  return newest;
}

function toClientSet(row: MeasureSetModel): ClientSet[] {
  const { id, revision, source, takenBy, undergarment, takenOn, observations, values } = row;
  if (!takenOn || Object.keys(values).length === 0) return [];
  const ticket = row.ticket
    ? { id: row.ticket.id, number: row.ticket.number, title: row.ticket.title }
    : null;
  const from = row.measuredFrom;
  return [{ id, ticket, revision, source, takenBy, undergarment, takenOn, from, observations, values }];
}

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

export async function findTicket(id: string): Promise<Ticket | undefined> {
  const row = await TicketModel.findByPk(id, { include: related });
  return row ? toTicket(row, await stepsAround(id, row.place)) : undefined;
}

export async function createTicket(
  ticket: Pick<Ticket, 'title' | 'dueOn' | 'unit' | 'styleId' | 'rules'> & { clientId: string },
): Promise<string> {
  return (await TicketModel.create(ticket)).id;
}

/** Gives a ticket, and every set that was taken for it, to another client. */
export async function giveTo(ticketId: string, clientId: string): Promise<void> {
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

/** Where a write leads in the ticket's history. */
export type Step =
  /** A change of its own, that can be undone; what was undone before it is gone. */
  | { readonly kind: 'new'; readonly what: string; readonly before: TicketContent }
  /** Back or on to a step that is kept. */
  | { readonly kind: 'to'; readonly place: number };

/** What becomes of the frozen draft. */
export type Freezing = { readonly core: string; readonly draft: Draft } | 'thaw' | 'as-is';

export interface TicketWrite {
  readonly content: TicketContent;
  /** Stops of its draft; left as they are where the draft is not touched. */
  readonly stops: number | undefined;
  readonly step: Step;
  readonly freezing: Freezing;
  /** Chalk that goes with pieces that are drawn anew. */
  readonly rubbed: readonly TableEvent[];
}

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

export const thaw = async (ticketId: string): Promise<void> => {
  await FrozenDraftModel.destroy({ where: { ticketId } });
};

export const freeze = async (
  ticketId: string,
  frozen: { readonly core: string; readonly draft: Draft },
): Promise<void> => {
  await FrozenDraftModel.create({ ticketId, ...frozen });
};

async function writeFreezing(ticketId: string, freezing: Freezing): Promise<void> {
  if (freezing === 'as-is') return;
  await thaw(ticketId);
  if (freezing !== 'thaw') await freeze(ticketId, freezing);
}

/** What is written of one ticket, on the version that the change was made on. */
export interface VersionedWrite {
  readonly id: string;
  readonly version: number;
  /** How far the table was when it was decided what the change does to it. */
  readonly tableVersion: number;
  /** Whose change it is, as the device was told. */
  readonly by: string;
  readonly write: TicketWrite;
}

/** A write that was not made: the ticket has another version by now, or somebody went on at its table meanwhile. */
export interface Overtaken {
  readonly id: string;
  readonly by: 'version' | 'table';
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
  await noteEvents(id, write.rubbed);
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
export async function writeTickets(writes: readonly VersionedWrite[]): Promise<Overtaken | undefined> {
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

export async function frozenDraftOf(ticketId: string): Promise<Draft | undefined> {
  return (await FrozenDraftModel.findByPk(ticketId))?.draft;
}

/** One step of a ticket's history, newest last. */
export interface TicketStep {
  readonly place: number;
  readonly what: string;
  readonly madeAt: string;
  /** Whose it is; empty where nobody said. */
  readonly by: string;
}

export async function listSteps(ticketId: string): Promise<TicketStep[]> {
  const states = await TicketStateModel.findAll({
    attributes: ['place', 'what', 'madeAt', 'by'],
    where: { ticketId },
    order: [['place', 'ASC']],
  });
  return states.map(({ place, what, madeAt, by }) => ({ place, what, madeAt: madeAt.toISOString(), by }));
}

/** What a ticket held at a place of its history: its content now, with every step between undone, or done again. */
export async function contentAt(
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

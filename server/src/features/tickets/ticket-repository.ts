import type { Draft } from '@ample-bolt/core/drafting/draft';
import { inOrder, type ClientSet } from '@ample-bolt/core/shop/client-set';
import { noMeasures, type MeasureSet, type Ticket, type TicketContent } from '@ample-bolt/core/shop/ticket';
import { Op, type Transaction } from 'sequelize';
import { ClientModel } from '../clients/client-model.ts';
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
    stops: row.stops,
    frozen: frozenDraft ? { at: frozenDraft.frozenAt.toISOString(), core: frozenDraft.core } : null,
    history: {
      place,
      undo: place > 0 ? (steps.get(place) ?? null) : null,
      redo: steps.get(place + 1) ?? null,
    },
  };
}

export async function listTickets(): Promise<Ticket[]> {
  const rows = await TicketModel.findAll({
    include: related,
    order: [
      ['dueOn', 'ASC'],
      ['number', 'ASC'],
    ],
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

/** Writes the ticket's present set. Sets that were taken after it are gone: they were undone, and redo has them. */
async function writeMeasures(
  ticketId: string,
  { from, revision, ...measures }: MeasureSet,
  transaction: Transaction,
): Promise<void> {
  const row = { ...measures, measuredFrom: from };
  await MeasureSetModel.destroy({ where: { ticketId, revision: { [Op.gt]: revision } }, transaction });
  const existing = await MeasureSetModel.findOne({ where: { ticketId, revision }, transaction });
  if (existing) {
    await existing.update(row, { transaction });
    return;
  }
  const ticket = await TicketModel.findByPk(ticketId, { attributes: ['id', 'clientId'], transaction });
  if (!ticket) throw new Error(`ticket ${ticketId} went away while its measures were written`);
  await MeasureSetModel.create({ clientId: ticket.clientId, ticketId, revision, ...row }, { transaction });
}

/** Steps that are kept; older ones are dropped. */
const KEPT_STEPS = 120;

/** Where a write leads in the ticket's history. */
export type Step =
  /** A change of its own, that can be undone; what was undone before it is gone. */
  | { readonly kind: 'new'; readonly what: string; readonly before: TicketContent }
  /** What happened at the table: kept with the present step. */
  | { readonly kind: 'within' }
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
}

async function writeStep(
  ticketId: string,
  place: number,
  { content, step }: TicketWrite,
  transaction: Transaction,
): Promise<number> {
  switch (step.kind) {
    case 'within':
      await TicketStateModel.update({ content }, { where: { ticketId, place }, transaction });
      return place;
    case 'to':
      await TicketStateModel.update({ content }, { where: { ticketId, place: step.place }, transaction });
      return step.place;
    case 'new': {
      const next = place + 1;
      const dropped = { [Op.or]: [{ [Op.gt]: place }, { [Op.lte]: next - KEPT_STEPS }] };
      await TicketStateModel.destroy({ where: { ticketId, place: dropped }, transaction });
      await TicketStateModel.findOrCreate({
        where: { ticketId, place },
        defaults: { ticketId, place, what: 'Opened', content: step.before },
        transaction,
      });
      await TicketStateModel.create({ ticketId, place: next, what: step.what, content }, { transaction });
      return next;
    }
  }
}

async function writeFreezing(ticketId: string, freezing: Freezing, transaction: Transaction): Promise<void> {
  if (freezing === 'as-is') return;
  await FrozenDraftModel.destroy({ where: { ticketId }, transaction });
  if (freezing !== 'thaw') await FrozenDraftModel.create({ ticketId, ...freezing }, { transaction });
}

/** What is written of one ticket, on the version that the change was made on. */
export interface VersionedWrite {
  readonly id: string;
  readonly version: number;
  readonly write: TicketWrite;
}

/** Whether the ticket still had its version, and was written. */
async function writeOne({ id, version, write }: VersionedWrite, transaction: Transaction): Promise<boolean> {
  const { measures, ...columns } = write.content;
  const [count] = await TicketModel.update(
    { ...columns, ...(write.stops !== undefined && { stops: write.stops }), version: version + 1 },
    { where: { id, version }, transaction },
  );
  if (count !== 1) return false;
  await writeMeasures(id, measures, transaction);
  const row = await TicketModel.findByPk(id, { attributes: ['id', 'place'], transaction });
  const place = await writeStep(id, row?.place ?? 0, write, transaction);
  await TicketModel.update({ place }, { where: { id }, transaction });
  await writeFreezing(id, write.freezing, transaction);
  return true;
}

/** Writes the content of tickets, all of them or, where one has not the version any more that its change was made on, none: gives that one's id. */
export async function writeTickets(writes: readonly VersionedWrite[]): Promise<string | undefined> {
  const transaction = await TicketModel.sequelize!.transaction();
  try {
    // In the order of their ids, so that two writes of the same tickets wait for each other.
    for (const write of [...writes].sort((a, b) => a.id.localeCompare(b.id))) {
      if (await writeOne(write, transaction)) continue;
      await transaction.rollback();
      return write.id;
    }
    await transaction.commit();
    return undefined;
  } catch (error) {
    await transaction.rollback();
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
}

export async function listSteps(ticketId: string): Promise<TicketStep[]> {
  const states = await TicketStateModel.findAll({
    attributes: ['place', 'what', 'madeAt'],
    where: { ticketId },
    order: [['place', 'ASC']],
  });
  return states.map(({ place, what, madeAt }) => ({ place, what, madeAt: madeAt.toISOString() }));
}

export async function contentAt(ticketId: string, place: number): Promise<TicketContent | undefined> {
  return (await TicketStateModel.findOne({ where: { ticketId, place } }))?.content;
}

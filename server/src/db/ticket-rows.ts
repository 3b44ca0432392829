import { noMeasures, type MeasureSet, type Ticket } from '@ample-bolt/core/shop/ticket';
import { ClientModel } from './models/client-model.ts';
import { MeasureSetModel, TicketModel } from './models/ticket-model.ts';
import { FrozenDraftModel } from './models/ticket-state-model.ts';

/** What is read with a ticket. */
export const ticketRelated = [
  { model: ClientModel, as: 'client' },
  { model: MeasureSetModel, as: 'measureSets' },
  { model: FrozenDraftModel, as: 'frozenDraft', attributes: ['core', 'frozenAt'] },
];

/** The steps around a ticket's place: what led here, and what was undone from here. */
export type Steps = ReadonlyMap<number, string>;

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

/** A ticket as it was read. */
export function toTicket(row: TicketModel, steps: Steps = new Map()): Ticket {
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
    include: ticketRelated,
    order: [['number', 'ASC']],
  });
  return rows.map((row) => toTicket(row));
}

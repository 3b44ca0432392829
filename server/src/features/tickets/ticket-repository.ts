import { usualObservations } from '@ample-bolt/core/measures/measure-set';
import type { MeasureSet, Ticket } from '@ample-bolt/core/shop/ticket';
import type { Transaction } from 'sequelize';
import { ClientModel } from '../clients/client-model.ts';
import { MeasureSetModel, TicketModel } from './ticket-model.ts';

const related = [
  { model: ClientModel, as: 'client' },
  { model: MeasureSetModel, as: 'measureSet' },
];

const noMeasures: MeasureSet = {
  from: 'neckSide',
  startLine: 'stitch',
  observations: usualObservations,
  values: {},
};

function toTicket(row: TicketModel): Ticket {
  const { client, measureSet } = row;
  if (!client) throw new Error(`ticket ${row.id} was read without its client`);
  return {
    id: row.id,
    number: row.number,
    title: row.title,
    client: { id: client.id, name: client.name, kind: client.kind },
    dueOn: row.dueOn,
    unit: row.unit,
    styleId: row.styleId,
    measures: measureSet
      ? {
          from: measureSet.measuredFrom,
          startLine: measureSet.startLine,
          observations: measureSet.observations,
          values: measureSet.values,
        }
      : noMeasures,
    choices: row.choices,
    rules: row.rules,
    cloths: row.cloths,
    lay: row.lay,
    chalked: row.chalked,
    marksInAll: row.marksInAll,
    version: row.version,
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
  return rows.map(toTicket);
}

export async function findTicket(id: string): Promise<Ticket | undefined> {
  const row = await TicketModel.findByPk(id, { include: related });
  return row ? toTicket(row) : undefined;
}

export async function createTicket(
  ticket: Pick<Ticket, 'title' | 'dueOn' | 'unit' | 'styleId'> & { clientId: string },
): Promise<string> {
  return (await TicketModel.create(ticket)).id;
}

/** What of a ticket can be changed. Measures live in a row of their own. */
export type TicketChange = Partial<
  Pick<
    Ticket,
    | 'title'
    | 'dueOn'
    | 'unit'
    | 'choices'
    | 'cloths'
    | 'lay'
    | 'chalked'
    | 'marksInAll'
    | 'measures'
    | 'rules'
  >
>;

async function writeMeasures(
  ticketId: string,
  measures: MeasureSet,
  transaction: Transaction,
): Promise<void> {
  const row = {
    measuredFrom: measures.from,
    startLine: measures.startLine,
    observations: measures.observations,
    values: measures.values,
  };
  const existing = await MeasureSetModel.findOne({ where: { ticketId }, transaction });
  if (existing) await existing.update(row, { transaction });
  else await MeasureSetModel.create({ ticketId, ...row }, { transaction });
}

/** Writes a change if the ticket still has the version that it was made on; says whether it did. */
export function changeTicket(
  id: string,
  version: number,
  { measures, ...columns }: TicketChange,
): Promise<boolean> {
  return TicketModel.sequelize!.transaction(async (transaction) => {
    const [count] = await TicketModel.update(
      { ...columns, version: version + 1 },
      { where: { id, version }, transaction },
    );
    if (count === 1 && measures) await writeMeasures(id, measures, transaction);
    return count === 1;
  });
}

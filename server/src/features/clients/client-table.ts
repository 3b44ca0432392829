import { readClientsCsv, writeClientsCsv, type ClientRow } from '@ample-bolt/core/formats/csv/clients-csv';
import { usualObservations } from '@ample-bolt/core/measures/measure-set';
import type { Unit } from '@ample-bolt/core/units/length';
import { format } from 'date-fns';
import { badInput, Problem } from '../../http/problem.ts';
import { newestSets } from '../tickets/ticket-repository.ts';
import { MeasureSetModel } from '../tickets/ticket-model.ts';
import { inTransaction } from '../../db/in-transaction.ts';
import { ClientModel } from './client-model.ts';
import { listClients } from './client-repository.ts';

/** All clients that were measured, each with the newest set, as CSV. */
export async function clientsCsv(unit: Unit): Promise<string> {
  const newest = await newestSets();
  const rows = (await listClients()).flatMap(({ id, name, kind }): ClientRow[] => {
    const set = newest.get(id);
    return set ? [{ name, kind, takenOn: set.takenOn, from: set.from, values: set.values }] : [];
  });
  return writeClientsCsv(rows, unit);
}

/** What became of a table. */
export interface TakenIn {
  readonly clients: number;
  readonly sets: number;
  /** Sets that were there already, the same day and the same figures. */
  readonly known: number;
}

async function ownerOf({ name, kind }: ClientRow): Promise<[ClientModel, boolean]> {
  const [known, another] = await ClientModel.findAll({ where: { name, merged: null } });
  if (another)
    throw new Problem(
      422,
      'two-of-one-name',
      `Two clients are called ${name}, and a table does not say which of them is meant. Leave the row out, and open a ticket for her.`,
      { field: 'client' },
    );
  return known ? [known, false] : [await ClientModel.create({ name, kind }), true];
}

/** The millimetres of a set, so that two can be held against each other. */
const figuresOf = (values: ClientRow['values']): string =>
  JSON.stringify(
    Object.fromEntries(
      Object.entries(values)
        .map(([id, { mm }]) => [id, mm.toFixed(1)])
        .sort(),
    ),
  );

async function addSet(clientId: string, row: ClientRow): Promise<boolean> {
  const sameDay = await MeasureSetModel.findAll({ where: { clientId, takenOn: row.takenOn } });
  if (sameDay.some(({ values }) => figuresOf(values) === figuresOf(row.values))) return false;
  await MeasureSetModel.create({
    clientId,
    ticketId: null,
    source: 'file',
    measuredFrom: row.from,
    startLine: 'stitch',
    observations: usualObservations,
    takenOn: row.takenOn,
    values: row.values,
  });
  return true;
}

/** Takes a table of clients in, all of it or nothing; known names get one more set, new names are new clients. */
export async function takeInClients(table: unknown, unit: Unit): Promise<TakenIn> {
  if (typeof table !== 'string')
    throw new Problem(415, 'not-a-table', 'Send a table as text/csv.', { field: 'table' });
  const rows = readClientsCsv(table, format(new Date(), 'yyyy-MM-dd'), unit);
  if (!rows.ok) throw badInput(rows.fault);
  return inTransaction(ClientModel.sequelize, async () => {
    const taken = { clients: 0, sets: 0, known: 0 };
    for (const row of rows.value) {
      const [{ id }, isNew] = await ownerOf(row);
      const added = await addSet(id, row);
      taken.clients += isNew ? 1 : 0;
      taken.sets += added ? 1 : 0;
      taken.known += added ? 0 : 1;
    }
    return taken;
  });
}

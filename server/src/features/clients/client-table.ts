import { readClientsCsv, writeClientsCsv, type ClientRow } from '@ample-bolt/core/formats/csv/clients-csv';
import type { TakenIn } from '@ample-bolt/core/messages/client-messages';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import type { Unit } from '@ample-bolt/core/units/length';
import { format } from 'date-fns';
import { badInput, Problem } from '../../http/problem.ts';
import type { Stores } from '../../stores/stores.ts';

type ClientStores = Pick<Stores, 'clients' | 'atOnce'>;

/** All clients that were measured, each with the newest set, as CSV. */
export async function clientsCsv({ clients }: Pick<Stores, 'clients'>, unit: Unit): Promise<string> {
  const newest = await clients.newestSets();
  const rows = (await clients.list()).flatMap(({ id, name, kind }): ClientRow[] => {
    const set = newest.get(id);
    return set ? [{ name, kind, takenOn: set.takenOn, from: set.from, values: set.values }] : [];
  });
  return writeClientsCsv(rows, unit);
}

async function ownerOf(
  { clients }: ClientStores,
  { name, kind }: ClientRow,
): Promise<[TicketClient, boolean]> {
  const [known, another] = await clients.named(name);
  if (another)
    throw new Problem(
      422,
      'two-of-one-name',
      `Two clients are called ${name}, and a table does not say which of them is meant. Leave the row out, and open a ticket for her.`,
      { field: 'client' },
    );
  return known ? [known, false] : [await clients.create({ name, kind }), true];
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

async function addSet({ clients }: ClientStores, clientId: string, row: ClientRow): Promise<boolean> {
  const sameDay = (await clients.sets(clientId)).filter(({ takenOn }) => takenOn === row.takenOn);
  if (sameDay.some(({ values }) => figuresOf(values) === figuresOf(row.values))) return false;
  await clients.addSet(clientId, row);
  return true;
}

/** Takes a table of clients in, all of it or nothing; known names get one more set, new names are new clients. */
export async function takeInClients(stores: ClientStores, table: unknown, unit: Unit): Promise<TakenIn> {
  if (typeof table !== 'string')
    throw new Problem(415, 'not-a-table', 'Send a table as text/csv.', { field: 'table' });
  const rows = readClientsCsv(table, format(new Date(), 'yyyy-MM-dd'), unit);
  if (!rows.ok) throw badInput(rows.fault);
  return stores.atOnce(async () => {
    const taken = { clients: 0, sets: 0, known: 0 };
    for (const row of rows.value) {
      const [{ id }, isNew] = await ownerOf(stores, row);
      const added = await addSet(stores, id, row);
      taken.clients += isNew ? 1 : 0;
      taken.sets += added ? 1 : 0;
      taken.known += added ? 0 : 1;
    }
    return taken;
  });
}

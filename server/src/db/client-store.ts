import type { ClientList, KnownClient } from '@ample-bolt/core/shop/known-client';
import { usualObservations } from '@ample-bolt/core/measures/measure-set';
import { inOrder, type ClientSet } from '@ample-bolt/core/shop/client-set';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import { QueryTypes } from 'sequelize';
import type { ClientQuery, ClientStore, ClientWrite, Merged, SetOfTable } from '../stores/client-store.ts';
import { ClientModel } from './models/client-model.ts';
import { MeasureSetModel, TicketModel } from './models/ticket-model.ts';

const toClient = ({ id, name, kind }: ClientModel): TicketClient => ({ id, name, kind });

const database = () => {
  const { sequelize } = ClientModel;
  if (!sequelize) throw new Error('a model is used before it is connected');
  return sequelize;
};

/** Everybody but those who are one with another, by name. */
async function listClients(): Promise<TicketClient[]> {
  return (await ClientModel.findAll({ where: { merged: null }, order: [['name', 'ASC']] })).map(toClient);
}

/** Clients with what tells two of one name apart: those whose name begins with what is sought first, then by name. */
async function knownClients({ state, sought = '', id, limit = 500 }: ClientQuery = {}): Promise<ClientList> {
  const phrase = sought.trim().toLowerCase();
  const words = phrase.split(/\s+/).filter(Boolean);
  const where = [
    ...(id !== undefined
      ? ['c.id = :id']
      : state === undefined
        ? [`c.state <> 'merged'`]
        : ['c.state = :state']),
    ...words.map((_, index) => `position(:word${index} in lower(c.name)) > 0`),
  ];
  const replacements = {
    id,
    state,
    phrase,
    limit,
    ...Object.fromEntries(words.map((word, index) => [`word${index}`, word])),
  };
  const from = `FROM clients c WHERE ${where.join(' AND ')}`;
  const clients = await database().query<KnownClient>(
    `SELECT c.id, c.name, c.kind, c.state, c.contact, c.remarks, c.version, c.merged->>'into' AS "mergedInto",
            (SELECT count(*)::int FROM tickets t WHERE t.client_id = c.id AND t.state <> 'deleted') AS tickets,
            (SELECT max(t.due_on)::text FROM tickets t WHERE t.client_id = c.id AND t.state <> 'deleted') AS "lastDue",
            (SELECT max(m.taken_on)::text FROM measure_sets m WHERE m.client_id = c.id) AS "measuredOn"
       ${from}
      ORDER BY (position(:phrase in lower(c.name)) = 1) DESC, c.name, c.created_at LIMIT :limit`,
    { type: QueryTypes.SELECT, replacements },
  );
  const [counted] = await database().query<{ readonly inAll: number }>(
    `SELECT count(*)::int AS "inAll" ${from}`,
    { type: QueryTypes.SELECT, replacements },
  );
  return { clients, inAll: counted?.inAll ?? 0 };
}

/** A client by her id; none where she is one with another. */
async function findClient(id: string): Promise<TicketClient | undefined> {
  const row = await ClientModel.findOne({ where: { id, merged: null } });
  return row ? toClient(row) : undefined;
}

async function createClient(client: Omit<TicketClient, 'id'>): Promise<TicketClient> {
  return toClient(await ClientModel.create(client));
}

/** Writes what is changed of a client on a version of her; says whether it was still that one. */
async function writeClient(id: string, version: number, change: ClientWrite): Promise<boolean> {
  const [written] = await ClientModel.update({ ...change, version: version + 1 }, { where: { id, version } });
  return written === 1;
}

async function namedClients(name: string): Promise<TicketClient[]> {
  return (await ClientModel.findAll({ where: { name, merged: null } })).map(toClient);
}

async function mergedOf(id: string): Promise<Merged | null> {
  return (await ClientModel.findByPk(id, { attributes: ['merged'] }))?.merged ?? null;
}

const idsOf = (rows: readonly { readonly id: string }[]): string[] => rows.map(({ id }) => id);

/** Gives all tickets and sets of a client to another one; says which they were. */
async function giveAll(from: string, into: string): Promise<Pick<Merged, 'tickets' | 'sets'>> {
  const replacements = { from, into };
  const tickets = await database().query<{ id: string }>(
    'UPDATE tickets SET client_id = :into, version = version + 1 WHERE client_id = :from RETURNING id',
    { type: QueryTypes.SELECT, replacements },
  );
  const sets = await database().query<{ id: string }>(
    'UPDATE measure_sets SET client_id = :into WHERE client_id = :from RETURNING id',
    { type: QueryTypes.SELECT, replacements },
  );
  return { tickets: idsOf(tickets), sets: idsOf(sets) };
}

/** Gives back what went over, as far as it is still there; sets that were taken for such a ticket since go with it. */
async function giveBack(to: string, { into, tickets, sets }: Merged): Promise<void> {
  const none = '00000000-0000-0000-0000-000000000000';
  const replacements = { to, into, tickets: [none, ...tickets], sets: [none, ...sets] };
  await database().query(
    'UPDATE tickets SET client_id = :to, version = version + 1 WHERE client_id = :into AND id IN (:tickets)',
    { replacements },
  );
  await database().query(
    'UPDATE measure_sets SET client_id = :to WHERE client_id = :into AND (id IN (:sets) OR ticket_id IN (:tickets))',
    { replacements },
  );
}

/** Numbers of her tickets that are at work or put aside. */
async function numbersAtWork(id: string): Promise<number[]> {
  const rows = await database().query<{ number: number }>(
    `SELECT number FROM tickets WHERE client_id = :id AND state IN ('open', 'aside') ORDER BY number`,
    { type: QueryTypes.SELECT, replacements: { id } },
  );
  return rows.map(({ number }) => number);
}

/** Takes a client out, with her tickets, sets, links and pictures, and those who were one with her; nothing is left of them. */
async function eraseClient(id: string): Promise<void> {
  const replacements = { id };
  const all = `(SELECT id FROM clients WHERE id = :id OR merged->>'into' = :id)`;
  for (const sql of [
    `DELETE FROM tickets WHERE client_id IN ${all}`,
    `DELETE FROM measure_sets WHERE client_id IN ${all}`,
    `DELETE FROM clients WHERE id = :id OR merged->>'into' = :id`,
  ])
    await database().query(sql, { replacements });
}

/** All sets of a client's measures that have a measure in them, the newest first. */
async function listSets(clientId: string): Promise<ClientSet[]> {
  const rows = await MeasureSetModel.findAll({
    include: [{ model: TicketModel, as: 'ticket', attributes: ['id', 'number', 'title'] }],
    where: { clientId },
  });
  return rows.flatMap(toClientSet).sort(inOrder).reverse();
}

/** The newest set of every client that was measured, by the client's id. */
async function newestSets(): Promise<ReadonlyMap<string, ClientSet>> {
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

async function addSet(clientId: string, { from, takenOn, values }: SetOfTable): Promise<void> {
  await MeasureSetModel.create({
    clientId,
    ticketId: null,
    source: 'file',
    measuredFrom: from,
    startLine: 'stitch',
    observations: usualObservations,
    takenOn,
    values,
  });
}

export const clientStore: ClientStore = {
  list: listClients,
  known: knownClients,
  find: findClient,
  named: namedClients,
  create: createClient,
  write: writeClient,
  merged: mergedOf,
  giveAll,
  giveBack,
  numbersAtWork,
  erase: eraseClient,
  sets: listSets,
  newestSets,
  addSet,
};

import type { ClientList, ClientState, KnownClient } from '@ample-bolt/core/shop/known-client';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import { QueryTypes } from 'sequelize';
import { ClientModel, type Merged } from './client-model.ts';

const toClient = ({ id, name, kind }: ClientModel): TicketClient => ({ id, name, kind });

const database = () => {
  const { sequelize } = ClientModel;
  if (!sequelize) throw new Error('a model is used before it is connected');
  return sequelize;
};

/** Everybody but those who are one with another, by name. */
export async function listClients(): Promise<TicketClient[]> {
  return (await ClientModel.findAll({ where: { merged: null }, order: [['name', 'ASC']] })).map(toClient);
}

/** Which clients are asked for. */
export interface ClientQuery {
  /** All but those who are one with another, without it. */
  readonly state?: ClientState | undefined;
  /** Every word has to be in the name. */
  readonly sought?: string | undefined;
  readonly id?: string | undefined;
  readonly limit?: number | undefined;
}

/** Clients with what tells two of one name apart: those whose name begins with what is sought first, then by name. */
export async function knownClients({
  state,
  sought = '',
  id,
  limit = 500,
}: ClientQuery = {}): Promise<ClientList> {
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
export async function findClient(id: string): Promise<TicketClient | undefined> {
  const row = await ClientModel.findOne({ where: { id, merged: null } });
  return row ? toClient(row) : undefined;
}

export async function createClient(client: Omit<TicketClient, 'id'>): Promise<TicketClient> {
  return toClient(await ClientModel.create(client));
}

/** Writes what is changed of a client on a version of her; says whether it was still that one. */
export async function writeClient(
  id: string,
  version: number,
  change: Partial<Pick<ClientModel, 'name' | 'kind' | 'contact' | 'remarks' | 'state' | 'merged'>>,
): Promise<boolean> {
  const [written] = await ClientModel.update({ ...change, version: version + 1 }, { where: { id, version } });
  return written === 1;
}

export async function mergedOf(id: string): Promise<Merged | null> {
  return (await ClientModel.findByPk(id, { attributes: ['merged'] }))?.merged ?? null;
}

const idsOf = (rows: readonly { readonly id: string }[]): string[] => rows.map(({ id }) => id);

/** Gives all tickets and sets of a client to another one; says which they were. */
export async function giveAll(from: string, into: string): Promise<Pick<Merged, 'tickets' | 'sets'>> {
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
export async function giveBack(to: string, { into, tickets, sets }: Merged): Promise<void> {
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
export async function numbersAtWork(id: string): Promise<number[]> {
  const rows = await database().query<{ number: number }>(
    `SELECT number FROM tickets WHERE client_id = :id AND state IN ('open', 'aside') ORDER BY number`,
    { type: QueryTypes.SELECT, replacements: { id } },
  );
  return rows.map(({ number }) => number);
}

/** Takes a client out, with her tickets, sets, links and pictures, and those who were one with her; nothing is left of them. */
export async function eraseClient(id: string): Promise<void> {
  const replacements = { id };
  const all = `(SELECT id FROM clients WHERE id = :id OR merged->>'into' = :id)`;
  for (const sql of [
    `DELETE FROM tickets WHERE client_id IN ${all}`,
    `DELETE FROM measure_sets WHERE client_id IN ${all}`,
    `DELETE FROM clients WHERE id = :id OR merged->>'into' = :id`,
  ])
    await database().query(sql, { replacements });
}

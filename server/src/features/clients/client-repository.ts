import { namesakesOf, type KnownClient } from '@ample-bolt/core/shop/known-client';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import { QueryTypes } from 'sequelize';
import { Problem } from '../../http/problem.ts';
import { ClientModel } from './client-model.ts';
import type { NewClient } from './client-schema.ts';

const toClient = ({ id, name, kind }: ClientModel): TicketClient => ({ id, name, kind });

export async function listClients(): Promise<TicketClient[]> {
  return (await ClientModel.findAll({ order: [['name', 'ASC']] })).map(toClient);
}

/** Every client with what tells two of one name apart, by name. */
export async function knownClients(): Promise<KnownClient[]> {
  return ClientModel.sequelize!.query<KnownClient>(
    `SELECT c.id, c.name, c.kind,
            (SELECT count(*)::int FROM tickets t WHERE t.client_id = c.id AND t.state <> 'deleted') AS tickets,
            (SELECT max(t.due_on)::text FROM tickets t WHERE t.client_id = c.id AND t.state <> 'deleted') AS "lastDue",
            (SELECT max(m.taken_on)::text FROM measure_sets m WHERE m.client_id = c.id) AS "measuredOn"
       FROM clients c ORDER BY c.name, c.created_at`,
    { type: QueryTypes.SELECT },
  );
}

export async function findClient(id: string): Promise<TicketClient | undefined> {
  const row = await ClientModel.findByPk(id);
  return row ? toClient(row) : undefined;
}

export async function createClient(client: Omit<TicketClient, 'id'>): Promise<TicketClient> {
  return toClient(await ClientModel.create(client));
}

/** A new client, unless the name is known and nobody said that it is somebody else. */
export async function newClient({ name, kind, another = false }: NewClient): Promise<TicketClient> {
  const namesakes = another ? [] : namesakesOf(await knownClients(), name);
  if (namesakes.length > 0)
    throw new Problem(409, 'known-name', `${name.trim()} is known here. Say whether it is her.`, {
      field: 'client',
      extra: { namesakes },
    });
  return createClient({ name: name.trim(), kind });
}

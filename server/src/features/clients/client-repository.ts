import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import { QueryTypes } from 'sequelize';
import { ClientModel } from './client-model.ts';

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

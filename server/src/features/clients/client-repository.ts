import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import { ClientModel } from './client-model.ts';

const toClient = ({ id, name, kind }: ClientModel): TicketClient => ({ id, name, kind });

export async function listClients(): Promise<TicketClient[]> {
  return (await ClientModel.findAll({ order: [['name', 'ASC']] })).map(toClient);
}

export async function findClient(id: string): Promise<TicketClient | undefined> {
  const row = await ClientModel.findByPk(id);
  return row ? toClient(row) : undefined;
}

export async function createClient(client: Omit<TicketClient, 'id'>): Promise<TicketClient> {
  return toClient(await ClientModel.create(client));
}

import { isSameName, namesakesOf, type KnownClient } from '@ample-bolt/core/shop/known-client';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import { inTransaction } from '../../db/in-transaction.ts';
import { notFound, Problem } from '../../http/problem.ts';
import { ClientModel } from './client-model.ts';
import {
  createClient,
  eraseClient,
  giveAll,
  giveBack,
  knownClients,
  mergedOf,
  numbersAtWork,
  writeClient,
} from './client-repository.ts';
import type { ClientChange, ClientErasure, ClientMerge, NewClient } from './client-schema.ts';

export async function clientById(id: string): Promise<KnownClient> {
  const [client] = (await knownClients({ id })).clients;
  if (!client) throw notFound('client');
  return client;
}

/** A name that is known is somebody else's only when somebody said so. */
async function refuseKnown(name: string, besides?: string): Promise<void> {
  const { clients } = await knownClients({ sought: name });
  const namesakes = namesakesOf(clients, name).filter(({ id }) => id !== besides);
  if (namesakes.length > 0)
    throw new Problem(409, 'known-name', `${name.trim()} is known here. Say whether it is her.`, {
      field: 'client',
      extra: { namesakes },
    });
}

export async function newClient({ name, kind, another = false }: NewClient): Promise<TicketClient> {
  if (!another) await refuseKnown(name);
  return createClient({ name: name.trim(), kind });
}

const stale = (current: KnownClient): Problem =>
  new Problem(
    409,
    'stale',
    `${current.name} was changed elsewhere in the meantime; look at what is there now and enter yours again.`,
    { extra: { current } },
  );

async function write(id: string, version: number, change: Parameters<typeof writeClient>[2]): Promise<void> {
  if (!(await writeClient(id, version, change))) throw stale(await clientById(id));
}

/** Changes what is known of a client, puts her away or has her back; taken apart again, she has what was hers. */
export const changeClient = (id: string, { version, another = false, ...change }: ClientChange) =>
  inTransaction(ClientModel.sequelize, async () => {
    const client = await clientById(id);
    if (client.version !== version) throw stale(client);
    const name = change.name?.trim();
    if (name !== undefined && !another && !isSameName(name, client.name)) await refuseKnown(name, id);
    const merged = await mergedOf(id);
    if (merged && change.state === 'archived')
      throw new Problem(422, 'is-merged', `${client.name} is one with another; take them apart first.`, {
        field: 'state',
      });
    const isApart = merged !== null && change.state === 'here';
    if (isApart) await giveBack(id, merged);
    await write(id, version, {
      ...change,
      ...(name !== undefined && { name }),
      ...(isApart && { merged: null }),
    });
    return clientById(id);
  });

/** Makes a client one with another: all that is hers is the other's from now on, until they are taken apart. */
export const mergeClient = (id: string, { version, into }: ClientMerge): Promise<KnownClient> =>
  inTransaction(ClientModel.sequelize, async () => {
    const client = await clientById(id);
    if (client.version !== version) throw stale(client);
    if (into === id || client.state === 'merged')
      throw new Problem(422, 'not-two', 'Choose another client to make one of the two.', { field: 'into' });
    const [other] = (await knownClients({ id: into })).clients;
    if (!other || other.state === 'merged')
      throw new Problem(422, 'unknown-client', 'There is no such client; choose one from the list.', {
        field: 'into',
      });
    if (other.kind !== client.kind)
      throw new Problem(
        422,
        'kinds-differ',
        'One of them is a child and the other is not; set that right on one of them first.',
        { field: 'into' },
      );
    const given = await giveAll(id, into);
    await write(id, version, { state: 'merged', merged: { into, ...given } });
    return clientById(into);
  });

/** Forgets a client, for good. */
export const forgetClient = (id: string, { name }: ClientErasure): Promise<void> =>
  inTransaction(ClientModel.sequelize, async () => {
    const client = await clientById(id);
    if (!isSameName(name, client.name))
      throw new Problem(422, 'not-her-name', `Write ${client.name} to erase her; nothing was erased.`, {
        field: 'name',
      });
    const atWork = await numbersAtWork(id);
    if (atWork.length > 0)
      throw new Problem(
        422,
        'at-work',
        `Nº ${atWork.join(', ')} ${atWork.length === 1 ? 'is' : 'are'} still at work. Deliver or throw away what is hers first.`,
        { field: 'name' },
      );
    await eraseClient(id);
  });

import type {
  ClientChange,
  ClientErasure,
  ClientMerge,
  NewClient,
} from '@ample-bolt/core/messages/client-messages';
import { isSameName, namesakesOf, type KnownClient } from '@ample-bolt/core/shop/known-client';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import { notFound, Problem } from '../../http/problem.ts';
import type { ClientWrite } from '../../stores/client-store.ts';
import type { Stores } from '../../stores/stores.ts';

type ClientStores = Pick<Stores, 'clients' | 'atOnce'>;

export async function clientById({ clients }: Pick<Stores, 'clients'>, id: string): Promise<KnownClient> {
  const [client] = (await clients.known({ id })).clients;
  if (!client) throw notFound('client');
  return client;
}

/** A name that is known is somebody else's only when somebody said so. */
async function refuseKnown({ clients }: ClientStores, name: string, besides?: string): Promise<void> {
  const known = await clients.known({ sought: name });
  const namesakes = namesakesOf(known.clients, name).filter(({ id }) => id !== besides);
  if (namesakes.length > 0)
    throw new Problem(409, 'known-name', `${name.trim()} is known here. Say whether it is her.`, {
      field: 'client',
      extra: { namesakes },
    });
}

export async function newClient(
  stores: ClientStores,
  { name, kind, another = false }: NewClient,
): Promise<TicketClient> {
  if (!another) await refuseKnown(stores, name);
  return stores.clients.create({ name: name.trim(), kind });
}

const stale = (current: KnownClient): Problem =>
  new Problem(
    409,
    'stale',
    `${current.name} was changed elsewhere in the meantime; look at what is there now and enter yours again.`,
    { extra: { current } },
  );

async function write(stores: ClientStores, id: string, version: number, change: ClientWrite): Promise<void> {
  if (!(await stores.clients.write(id, version, change))) throw stale(await clientById(stores, id));
}

/** Changes what is known of a client, puts her away or has her back; taken apart again, she has what was hers. */
export const changeClient = (
  stores: ClientStores,
  id: string,
  { version, another = false, ...change }: ClientChange,
): Promise<KnownClient> =>
  stores.atOnce(async () => {
    const client = await clientById(stores, id);
    if (client.version !== version) throw stale(client);
    const name = change.name?.trim();
    if (name !== undefined && !another && !isSameName(name, client.name)) await refuseKnown(stores, name, id);
    const merged = await stores.clients.merged(id);
    if (merged && change.state === 'archived')
      throw new Problem(422, 'is-merged', `${client.name} is one with another; take them apart first.`, {
        field: 'state',
      });
    const isApart = merged !== null && change.state === 'here';
    if (isApart) await stores.clients.giveBack(id, merged);
    await write(stores, id, version, {
      ...change,
      ...(name !== undefined && { name }),
      ...(isApart && { merged: null }),
    });
    return clientById(stores, id);
  });

/** Makes a client one with another: all that is hers is the other's from now on, until they are taken apart. */
export const mergeClient = (
  stores: ClientStores,
  id: string,
  { version, into }: ClientMerge,
): Promise<KnownClient> =>
  stores.atOnce(async () => {
    const client = await clientById(stores, id);
    if (client.version !== version) throw stale(client);
    if (into === id || client.state === 'merged')
      throw new Problem(422, 'not-two', 'Choose another client to make one of the two.', { field: 'into' });
    const [other] = (await stores.clients.known({ id: into })).clients;
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
    const given = await stores.clients.giveAll(id, into);
    await write(stores, id, version, { state: 'merged', merged: { into, ...given } });
    return clientById(stores, into);
  });

/** Forgets a client, for good. */
export const forgetClient = (stores: ClientStores, id: string, { name }: ClientErasure): Promise<void> =>
  stores.atOnce(async () => {
    const client = await clientById(stores, id);
    if (!isSameName(name, client.name))
      throw new Problem(422, 'not-her-name', `Write ${client.name} to erase her; nothing was erased.`, {
        field: 'name',
      });
    const atWork = await stores.clients.numbersAtWork(id);
    if (atWork.length > 0)
      throw new Problem(
        422,
        'at-work',
        `Nº ${atWork.join(', ')} ${atWork.length === 1 ? 'is' : 'are'} still at work. Deliver or throw away what is hers first.`,
        { field: 'name' },
      );
    await stores.clients.erase(id);
  });

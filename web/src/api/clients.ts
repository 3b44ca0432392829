import type {
  ClientChange,
  ClientErasure,
  ClientMerge,
  TakenIn,
} from '@ample-bolt/core/messages/client-messages';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { ClientList, ClientState, KnownClient } from '@ample-bolt/core/shop/known-client';
import type { Unit } from '@ample-bolt/core/units/length';
import useSWR from 'swr';
import { send, sendFile } from './fetcher.ts';

const LIST = '/api/clients';
const keyOf = (id: string): string => `${LIST}/${id}`;

/** Takes a table of clients in, all of it or nothing. */
export const takeInClients = (table: string, unit: Unit): Promise<TakenIn> =>
  sendFile(`${LIST}/measures.csv?unit=${unit}`, new Blob([table], { type: 'text/csv' }));

/** Which clients are asked for: all but those who are one with another, unless a state is named. */
export interface ClientQuery {
  readonly q?: string;
  readonly state?: ClientState;
  readonly limit?: number;
}

export const useClients = ({ q = '', state, limit = 500 }: ClientQuery = {}) =>
  useSWR<ClientList, Error>(
    `${LIST}?${new URLSearchParams({ q: q.trim(), ...(state && { state }), limit: String(limit) }).toString()}`,
    { keepPreviousData: true },
  );

export const useClient = (id: string) => useSWR<KnownClient, Error>(keyOf(id));

/** Whether a key is of what was fetched of clients. */
export const isOfClients = (key: unknown): boolean => typeof key === 'string' && key.startsWith(LIST);

/** Changes a client as she is known here; refused where another hand changed her meanwhile. */
export const changeClient = (
  { id, version }: KnownClient,
  change: Omit<ClientChange, 'version'>,
): Promise<KnownClient> => send('PATCH', keyOf(id), { version, ...change } satisfies ClientChange);

/** Makes a client one with another, and gives that one. */
export const mergeClient = ({ id, version }: KnownClient, into: string): Promise<KnownClient> =>
  send('POST', `${keyOf(id)}/merge`, { version, into } satisfies ClientMerge);

export const eraseClient = (id: string, name: string): Promise<object> =>
  send('DELETE', keyOf(id), { name } satisfies ClientErasure);

/** All sets of a client's measures, the newest first. */
export const useClientSets = (clientId: string) => useSWR<ClientSet[], Error>(`${keyOf(clientId)}/sets`);

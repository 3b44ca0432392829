import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import type { Unit } from '@ample-bolt/core/units/length';
import useSWR from 'swr';
import { sendFile } from './fetcher.ts';

/** What became of a table of clients. */
export interface TakenIn {
  readonly clients: number;
  readonly sets: number;
  readonly known: number;
}

/** Takes a table of clients in, all of it or nothing. */
export const takeInClients = (table: string, unit: Unit): Promise<TakenIn> =>
  sendFile(`/api/clients/measures.csv?unit=${unit}`, new Blob([table], { type: 'text/csv' }));

export const useClients = () => useSWR<KnownClient[], Error>('/api/clients');

/** All sets of a client's measures, the newest first. */
export const useClientSets = (clientId: string) =>
  useSWR<ClientSet[], Error>(`/api/clients/${clientId}/sets`);

import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import useSWR from 'swr';

export const useClients = () => useSWR<TicketClient[], Error>('/api/clients');

/** All sets of a client's measures, the newest first. */
export const useClientSets = (clientId: string) =>
  useSWR<ClientSet[], Error>(`/api/clients/${clientId}/sets`);

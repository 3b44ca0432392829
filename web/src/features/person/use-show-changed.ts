import { useSWRConfig } from 'swr';
import { isOfClients } from '../../api/clients.ts';
import { isOfTickets } from '../../api/tickets.ts';

/** Fetches people and tickets anew, wherever they are shown: what is hers went elsewhere. */
export function useShowChanged(): () => Promise<unknown> {
  const { mutate } = useSWRConfig();
  return () => Promise.all([mutate(isOfClients), mutate(isOfTickets)]);
}

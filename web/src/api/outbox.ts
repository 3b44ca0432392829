import useSWR from 'swr';
import { send } from './fetcher.ts';

/** A message as it would leave the shop. */
export interface SentMessage {
  readonly id: string;
  readonly to: string;
  readonly subject: string;
  readonly text: string;
  readonly at: string;
}

export const useOutbox = () => useSWR<SentMessage[], Error>('/api/outbox');

export const removeMessage = (id: string) => send<object>('DELETE', `/api/outbox/${id}`);

import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import useSWR from 'swr';

export const useClients = () => useSWR<TicketClient[], Error>('/api/clients');

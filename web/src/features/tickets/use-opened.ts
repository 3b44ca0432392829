import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { isOfClients } from '../../api/clients.ts';
import { isTicketList } from '../../api/tickets.ts';
import { paths } from '../../app/paths.ts';

/** Goes on to measuring a ticket that was just opened; lists that it is new to are read again. */
export function useOpened(): (ticket: Ticket) => Promise<void> {
  const navigate = useNavigate();
  const { mutate } = useSWRConfig();
  return async ({ id }) => {
    void mutate(isTicketList);
    void mutate(isOfClients);
    await navigate(paths.station(id, 'measure'));
  };
}

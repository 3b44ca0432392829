import { lastSetBefore, type ClientSet } from '@ample-bolt/core/shop/client-set';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { useClientSets } from '../../api/clients.ts';
import { useTicketContext } from '../ticket/ticket-context.ts';

/** The client's set before this one, wherever its lengths start. */
export function useLastSet(): ClientSet | undefined {
  const { ticket } = useTicketContext();
  const { data: sets = [] } = useClientSets(ticket.client.id);
  return lastSetBefore(sets, ticket);
}

export const daysBetween = (earlier: string, later: string | null): number =>
  differenceInCalendarDays(later === null ? new Date() : parseISO(later), parseISO(earlier));

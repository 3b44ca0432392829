import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { send } from '../api/fetcher.ts';
import type { LineDependencies } from './ticket-line.ts';

/** Sends one change of a ticket to the shop computer. */
export const sendChange: LineDependencies['send'] = (ticketId, { part, change, by }, version) => {
  const on = { ...version, by };
  const address = `/api/tickets/${ticketId}`;
  switch (part) {
    case 'ticket':
      return send<Ticket>('PATCH', address, { ...on, ...change });
    case 'home':
      return send<Ticket>('PUT', `${address}/home/${change.link}/accepted`, on);
    case 'client':
    case 'measures':
    case 'style':
    case 'choices':
    case 'cloths':
    case 'rules':
    case 'figures':
    case 'sign-offs':
    case 'lay':
    case 'place':
      return send<Ticket>('PATCH', `${address}/${part}`, { ...on, ...change });
  }
};

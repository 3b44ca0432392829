import type { StationId } from '@ample-bolt/core/shop/stations';

/** Every address of the application. */
export const paths = {
  today: '/',
  tickets: '/tickets',
  newTicket: '/tickets/new',
  people: '/people',
  station: (ticketId: string, station: StationId): string => `/tickets/${ticketId}/${station}`,
  marksPdf: (ticketId: string): string => `/api/tickets/${ticketId}/marks.pdf`,
  orderFile: (ticketId: string): string => `/api/tickets/${ticketId}/order.json`,
};

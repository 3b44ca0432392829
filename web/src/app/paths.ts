import type { Unit } from '@ample-bolt/core/units/length';
import type { StationId } from '@ample-bolt/core/shop/stations';

/** Every address of the application. */
export const paths = {
  today: '/',
  tickets: '/tickets',
  newTicket: '/tickets/new',
  people: '/people',
  person: (clientId: string): string => `/people/${clientId}`,
  house: '/house',
  recut: (of: { readonly ticket?: string; readonly client?: string } = {}): string =>
    `/recut?${new URLSearchParams({ ...of }).toString()}`,
  outbox: '/outbox',
  tape: '/tape',
  station: (ticketId: string, station: StationId): string => `/tickets/${ticketId}/${station}`,
  versions: (ticketId: string): string => `/tickets/${ticketId}/versions`,
  ticketRules: (ticketId: string): string => `/tickets/${ticketId}/rules`,
  /** Where one measure, one choice or one rule of a ticket is set. */
  measureOf: (ticketId: string, measure: string): string => `/tickets/${ticketId}/measure?measure=${measure}`,
  choiceOf: (ticketId: string, choice: string): string => `/tickets/${ticketId}/style?choice=${choice}`,
  ruleOf: (ticketId: string, rule: string): string => `/tickets/${ticketId}/rules?rule=${rule}`,
  marksPdf: (ticketId: string): string => `/api/tickets/${ticketId}/marks.pdf`,
  guidePdf: (ticketId: string, sequence: string): string =>
    `/api/tickets/${ticketId}/guide.pdf?sequence=${sequence}`,
  measuresPdf: (ticketId: string): string => `/api/tickets/${ticketId}/measures.pdf`,
  measuresCsv: (ticketId: string): string => `/api/tickets/${ticketId}/measures.csv`,
  clientsCsv: (unit: Unit): string => `/api/clients/measures.csv?unit=${unit}`,
  figuresPdf: (ticketId: string, unit: Unit): string => `/api/tickets/${ticketId}/figures.pdf?unit=${unit}`,
  orderFile: (ticketId: string): string => `/api/tickets/${ticketId}/order.json`,
};

import type { TicketList } from '@ample-bolt/core/shop/ticket-list';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { TableAnswer, TableEvent, TableState } from '@ample-bolt/core/shop/table-event';
import type { Ticket, TicketContent, TicketState } from '@ample-bolt/core/shop/ticket';
import type { TableEdit } from '@ample-bolt/core/messages/table-messages';
import type {
  NewTicket,
  OrderedTicket,
  TicketCopy,
  TicketStep,
} from '@ample-bolt/core/messages/ticket-messages';
import useSWR from 'swr';
import { send } from './fetcher.ts';

const LIST = '/api/tickets';
export const ticketKey = (id: string): string => `/api/tickets/${id}`;

/** Address of a ticket's garment made up: a small picture of its front, or both views on the client. */
export const garmentPictureOf = (
  { id, version }: Pick<Ticket, 'id' | 'version'>,
  size: 'card' | 'page',
): string => `${ticketKey(id)}/garment.svg?size=${size}&version=${version}`;

/** Address of the same on a page to agree on. */
export const garmentPdfOf = ({ id }: Pick<Ticket, 'id'>): string => `${ticketKey(id)}/garment.pdf`;

/** Which tickets are asked for: those at work, unless a state is named. */
export interface TicketQuery {
  readonly state?: TicketState | 'all';
  /** Number, title, client or cloth. */
  readonly q?: string;
  readonly client?: string;
  readonly limit?: number;
  /** `no` where it need not be known how many there are. */
  readonly count?: 'no';
}

/** Tickets as they are asked for; none are while the query is undefined. */
export const useTickets = (query: TicketQuery | undefined) =>
  useSWR<TicketList, Error>(query === undefined ? null : `${LIST}?${addressOf(query)}`, {
    keepPreviousData: true,
  });

const addressOf = (query: TicketQuery): string =>
  new URLSearchParams(
    Object.entries(query).flatMap(([name, value]: [string, string | number | undefined]) =>
      value === undefined || value === '' ? [] : [[name, String(value)]],
    ),
  ).toString();

/** Whether a key is of what was fetched of tickets, one of them or several together. */
export const isOfTickets = (key: unknown): boolean =>
  Array.isArray(key) ? key.some(isOfTickets) : typeof key === 'string' && key.startsWith(LIST);

/** Whether a key of what was fetched is a list of tickets. */
export const isTicketList = (key: unknown): boolean => typeof key === 'string' && key.startsWith(`${LIST}?`);

/** A ticket; none is fetched while no id is known. */
export const useTicket = (id: string | undefined) =>
  useSWR<Ticket, Error>(id === undefined ? null : ticketKey(id));

/** The history as it stands at a version of the ticket. */
export const useSteps = ({ id, version }: Pick<Ticket, 'id' | 'version'>) =>
  useSWR<TicketStep[], Error>(`${ticketKey(id)}/steps?at=${version}`);
export const useStepContent = (id: string, place: number | undefined) =>
  useSWR<TicketContent, Error>(place === undefined ? null : `${ticketKey(id)}/steps/${place}`);

/** The pieces under the chalk, where chalking has begun. */
export const useFrozen = ({ id, frozen }: Pick<Ticket, 'id' | 'frozen'>) =>
  useSWR<Draft, Error>(frozen ? `${ticketKey(id)}/frozen?at=${frozen.at}` : null);

/** Opens a ticket from an order file, parsed. */
export const openFromOrder = (ticket: OrderedTicket): Promise<Ticket> =>
  send<Ticket>('POST', `${LIST}/order`, ticket);

/** Another ticket like this one: its measures, style, choices, rules and cloths, for the day it is due. */
export const copyTicket = (id: string, copy: TicketCopy): Promise<Ticket> =>
  send<Ticket>('POST', `${ticketKey(id)}/copy`, copy);

export const openTicket = (ticket: NewTicket): Promise<Ticket> => send<Ticket>('POST', LIST, ticket);

/** The table of a ticket; looked at again every few seconds, as others may chalk at it too. */
export const useTable = (id: string) =>
  useSWR<TableState, Error>(`${ticketKey(id)}/table`, { refreshInterval: 4000 });

export const sendEvents = (id: string, events: readonly TableEvent[]) =>
  send<TableAnswer>('POST', `${ticketKey(id)}/table`, {
    events,
    sentAt: new Date().toISOString(),
  } satisfies TableEdit);

/** Where a ticket of a list goes: given out, put aside, and back. */
export const setTicketState = ({ id, version }: Pick<Ticket, 'id' | 'version'>, state: TicketState) =>
  send<Ticket>('PATCH', ticketKey(id), { version, state });

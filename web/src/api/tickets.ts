import type { ClothFile } from '@ample-bolt/core/formats/order/order';
import type { Lay, Purchase } from '@ample-bolt/core/lay/lay';
import type { TicketProgress } from '@ample-bolt/core/shop/stations';
import type { MeasureSet, Ticket } from '@ample-bolt/core/shop/ticket';
import { useEffect, useRef } from 'react';
import useSWR, { useSWRConfig } from 'swr';
import { ApiProblem, send } from './fetcher.ts';

const LIST = '/api/tickets';
const keyOf = (id: string): string => `/api/tickets/${id}`;

export interface TicketSummary extends Pick<
  Ticket,
  'id' | 'number' | 'title' | 'client' | 'dueOn' | 'styleId'
> {
  readonly cloth: { readonly name: string; readonly colour: string } | null;
  readonly buy: Purchase | null;
  readonly progress: TicketProgress;
}

export const useTickets = () => useSWR<TicketSummary[], Error>(LIST);
export const useTicket = (id: string) => useSWR<Ticket, Error>(keyOf(id));

/** What each change sends; lengths go as typed. */
export interface TicketChanges {
  readonly measures: Pick<MeasureSet, 'from' | 'startLine' | 'observations'> & {
    readonly values: { readonly [id: string]: string };
  };
  readonly choices: { readonly choices: { readonly [id: string]: string } };
  readonly cloths: { readonly cloths: readonly ClothFile[] };
  readonly lay: { readonly lay: Lay | null };
  readonly chalk: Pick<Ticket, 'chalked'>;
}

export interface TicketActions {
  /** Resolves to the ticket as stored. A stale write leaves the newer ticket on screen and throws. */
  readonly put: <K extends keyof TicketChanges>(part: K, change: TicketChanges[K]) => Promise<Ticket>;
  readonly edit: (change: Partial<Pick<Ticket, 'title' | 'dueOn' | 'unit'>>) => Promise<Ticket>;
}

/**
 * Changes of one ticket, sent one after the other, each on the version that the one before left: fast typing must not
 * collide with itself. A change that others made in between is a 409, and their version is then on screen.
 */
export function useTicketActions(ticket: Pick<Ticket, 'id' | 'version'>): TicketActions {
  const { mutate } = useSWRConfig();
  const key = keyOf(ticket.id);
  const line = useRef({ version: ticket.version, last: Promise.resolve<unknown>(undefined) });
  useEffect(() => {
    line.current.version = Math.max(line.current.version, ticket.version);
  }, [ticket.version]);

  const store = (change: (version: number) => Promise<Ticket>): Promise<Ticket> => {
    const show = (current: Ticket) => {
      line.current.version = current.version;
      return mutate(key, current, { revalidate: false });
    };
    const sent = line.current.last.then(async () => {
      try {
        const stored = await change(line.current.version);
        await show(stored);
        void mutate(LIST);
        return stored;
      } catch (error) {
        if (error instanceof ApiProblem && error.status === 409) await show(error.body['current'] as Ticket);
        throw error;
      }
    });
    line.current.last = sent.catch(() => undefined);
    return sent;
  };
  return {
    put: (part, change) => store((version) => send<Ticket>('PUT', `${key}/${part}`, { version, ...change })),
    edit: (change) => store((version) => send<Ticket>('PATCH', key, { version, ...change })),
  };
}

export interface NewTicket {
  readonly title: string;
  readonly client: { readonly id: string } | { readonly name: string; readonly kind: 'adult' | 'child' };
  readonly dueOn: string;
  readonly unit: Ticket['unit'];
  readonly styleId: string;
}

export const openTicket = (ticket: NewTicket): Promise<Ticket> => send<Ticket>('POST', LIST, ticket);

import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { Lay, Purchase } from '@ample-bolt/core/lay/model/lay';
import type { TicketProgress } from '@ample-bolt/core/shop/stations';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { SignOff } from '@ample-bolt/core/shop/sign-off';
import type { MeasureSet, Ticket, TicketContent } from '@ample-bolt/core/shop/ticket';
import { useEffect, useRef } from 'react';
import useSWR, { useSWRConfig } from 'swr';
import { ApiProblem, send } from './fetcher.ts';
import { acceptHomeSet } from './home.ts';

const LIST = '/api/tickets';
const keyOf = (id: string): string => `/api/tickets/${id}`;

export interface TicketSummary extends Pick<
  Ticket,
  'id' | 'number' | 'title' | 'client' | 'dueOn' | 'styleId' | 'version'
> {
  /** Name and colour of the cloth that shows, once it is named. */
  readonly cloth: string | null;
  readonly colour: string | null;
  readonly toBuy: readonly {
    readonly role: ClothRole;
    readonly bolt: string;
    readonly name: string;
    readonly colour: string;
    readonly buy: Purchase;
    /** Numbers of the tickets that it is bought for as well. */
    readonly with: readonly number[];
  }[];
  readonly progress: TicketProgress;
  /** Measures came from home and wait to be looked at. */
  readonly fromHome: boolean;
}

/** Address of a ticket's garment made up: a small picture of its front, or both views on the client. */
export const garmentPictureOf = (
  { id, version }: Pick<Ticket, 'id' | 'version'>,
  size: 'card' | 'page',
): string => `${keyOf(id)}/garment.svg?size=${size}&version=${version}`;

/** Address of the same on a page to agree on. */
export const garmentPdfOf = ({ id }: Pick<Ticket, 'id'>): string => `${keyOf(id)}/garment.pdf`;

export const useTickets = () => useSWR<TicketSummary[], Error>(LIST);
/** A ticket; none is fetched while no id is known. */
export const useTicket = (id: string | undefined) =>
  useSWR<Ticket, Error>(id === undefined ? null : keyOf(id));

/** One step of a ticket's history. */
export interface TicketStep {
  readonly place: number;
  readonly what: string;
  readonly madeAt: string;
}

/** The history as it stands at a version of the ticket. */
export const useSteps = ({ id, version }: Pick<Ticket, 'id' | 'version'>) =>
  useSWR<TicketStep[], Error>(`${keyOf(id)}/steps?at=${version}`);
export const useStepContent = (id: string, place: number | undefined) =>
  useSWR<TicketContent, Error>(place === undefined ? null : `${keyOf(id)}/steps/${place}`);

/** The pieces under the chalk, where chalking has begun. */
export const useFrozen = ({ id, frozen }: Pick<Ticket, 'id' | 'frozen'>) =>
  useSWR<Draft, Error>(frozen ? `${keyOf(id)}/frozen?at=${frozen.at}` : null);

/** A set of measures; what is left out stays as it is. */
export type MeasuresChange = Pick<MeasureSet, 'from' | 'startLine' | 'observations'> &
  Partial<Pick<MeasureSet, 'takenBy' | 'undergarment'>> & {
    readonly takenOn?: string;
    readonly values: { readonly [id: string]: string };
    readonly garment?: { readonly values: { readonly [id: string]: string }; readonly pleats: number };
    /** Measured anew: the set as it stands stays with the client. */
    readonly anew?: true;
  };

/** What each change sends; lengths go as typed. */
export interface TicketChanges {
  readonly measures: MeasuresChange;
  readonly style: Pick<Ticket, 'styleId'> & { readonly keepParts?: boolean };
  readonly choices: { readonly choices: { readonly [id: string]: string } };
  readonly cloths: { readonly cloths: readonly ClothFile[] };
  readonly rules: { readonly rules: { readonly [id: string]: string | null } };
  readonly figures: {
    readonly figures: { readonly [id: string]: { readonly value: string; readonly why: string } | null };
  };
  readonly 'sign-offs': { readonly signedOff: { readonly [key: string]: SignOff | null } };
  readonly lay: {
    readonly role: ClothRole;
    readonly lay: Lay | null;
    /** Tickets whose pieces are in it too. */
    readonly others?: readonly Pick<Ticket, 'id' | 'version'>[];
  };
  readonly chalk: Pick<Ticket, 'chalked'>;
  readonly cut: Pick<Ticket, 'cut'>;
  readonly place: { readonly place: number };
}

export interface TicketActions {
  /** Resolves to the ticket as stored. A stale write leaves the newer ticket on screen and throws. */
  readonly put: <K extends keyof TicketChanges>(part: K, change: TicketChanges[K]) => Promise<Ticket>;
  /** Takes what a client sent from home as the next set. */
  readonly accept: (homeLinkId: string) => Promise<Ticket>;
  readonly edit: (change: Partial<Pick<Ticket, 'title' | 'dueOn' | 'unit' | 'remarks'>>) => Promise<Ticket>;
}

/**
 * Changes of one ticket, sent one after the other, each on the version that the one before left: fast typing must not
 * collide with itself. A change that others made in between is a 409, and their version is then on screen. One that
 * would redraw pieces under the chalk is a 423: `askRelease` decides whether it is sent again with leave to.
 */
export function useTicketActions(
  ticket: Pick<Ticket, 'id' | 'version'>,
  askRelease: (problem: ApiProblem) => Promise<boolean>,
): TicketActions {
  const { mutate } = useSWRConfig();
  const key = keyOf(ticket.id);
  const line = useRef({ version: ticket.version, last: Promise.resolve<unknown>(undefined), refusals: 0 });
  useEffect(() => {
    line.current.version = Math.max(line.current.version, ticket.version);
  }, [ticket.version]);

  const store = (change: (on: { version: number; release?: true }) => Promise<Ticket>): Promise<Ticket> => {
    const show = (current: Ticket) => {
      line.current.version = current.version;
      return mutate(key, current, { revalidate: false });
    };
    const { refusals } = line.current;
    const sent = line.current.last.then(async () => {
      try {
        // Sent by the same hand while it was asked: the answer was for this change too.
        if (refusals !== line.current.refusals) throw asChalked();
        const on = { version: line.current.version };
        const stored = await change(on).catch(async (error: unknown) => {
          if (!(error instanceof ApiProblem) || error.code !== 'frozen') throw error;
          if (await askRelease(error)) return change({ ...on, release: true });
          line.current.refusals += 1;
          throw asChalked();
        });
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
    put: (part, change) => store((on) => send<Ticket>('PUT', `${key}/${part}`, { ...on, ...change })),
    accept: (homeLinkId) => store((on) => acceptHomeSet(ticket.id, homeLinkId, on)),
    edit: (change) => store((on) => send<Ticket>('PATCH', key, { ...on, ...change })),
  };
}

/** A change that was taken back, because it would have redrawn pieces under the chalk. */
const asChalked = (): ApiProblem =>
  new ApiProblem(423, 'kept', 'Not changed: the pieces stay as they are chalked.', undefined);

/** Whether somebody decided against a change: what was typed for it is then void. */
export const wasRefused = (error: unknown): boolean => error instanceof ApiProblem && error.code === 'kept';

export interface NewTicket {
  readonly title: string;
  readonly client: { readonly id: string } | { readonly name: string; readonly kind: 'adult' | 'child' };
  readonly dueOn: string;
  readonly unit: Ticket['unit'];
  readonly styleId: string;
}

/** Opens a ticket from an order file, parsed. */
export const openFromOrder = (ticket: {
  readonly title: string;
  readonly dueOn: string;
  readonly order: unknown;
}): Promise<Ticket> => send<Ticket>('POST', `${LIST}/order`, ticket);

export const openTicket = (ticket: NewTicket): Promise<Ticket> => send<Ticket>('POST', LIST, ticket);

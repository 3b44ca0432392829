import type { Draft } from '@ample-bolt/core/drafting/draft';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { TicketStep } from '@ample-bolt/core/messages/ticket-messages';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { TableEvent, TableState, TableWork } from '@ample-bolt/core/shop/table-event';
import type { TicketList } from '@ample-bolt/core/shop/ticket-list';
import type { Ticket, TicketContent, TicketState } from '@ample-bolt/core/shop/ticket';

/** Which tickets are asked for. */
export interface TicketQuery {
  /** All but those that were thrown away, without it. */
  readonly state?: TicketState | undefined;
  /** Number, title, client or cloth: every word has to be in one of them. */
  readonly sought?: string | undefined;
  readonly client?: string | undefined;
  /** Of a search the first alone, without how many there are: what comes while a hand still types. */
  readonly uncounted?: boolean;
  readonly limit: number;
  readonly offset: number;
}

/** Where a write leads in the ticket's history. */
export type Step =
  /** A change of its own, that can be undone; what was undone before it is gone. */
  | { readonly kind: 'new'; readonly what: string; readonly before: TicketContent }
  /** Back or on to a step that is kept. */
  | { readonly kind: 'to'; readonly place: number };

/** A draft as it was when chalking began, and the version of core that made it. */
export interface FrozenPieces {
  readonly core: string;
  readonly draft: Draft;
}

/** What becomes of the frozen draft. */
export type Freezing = FrozenPieces | 'thaw' | 'as-is';

export interface TicketWrite {
  readonly content: TicketContent;
  /** Stops of its draft; left as they are where the draft is not touched. */
  readonly stops: number | undefined;
  readonly step: Step;
  readonly freezing: Freezing;
  /** Chalk that goes with pieces that are drawn anew. */
  readonly rubbed: readonly TableEvent[];
}

/** What is written of one ticket, on the version that the change was made on. */
export interface VersionedWrite {
  readonly id: string;
  readonly version: number;
  /** How far the table was when it was decided what the change does to it. */
  readonly tableVersion: number;
  /** Whose change it is, as the device was told. */
  readonly by: string;
  readonly write: TicketWrite;
}

/** A write that was not made: the ticket has another version by now, or somebody went on at its table meanwhile. */
export interface Overtaken {
  readonly id: string;
  readonly by: 'version' | 'table';
}

/** Where tickets, their histories and the pieces that are under the chalk are kept. */
export interface TicketStore {
  find(id: string): Promise<Ticket | undefined>;
  /** Whole tickets by their ids, in the order of their numbers. */
  byIds(ids: readonly string[]): Promise<Ticket[]>;
  /** What lists show of tickets, the best match first; see the query. */
  list(query: TicketQuery): Promise<TicketList>;
  /** Opens a ticket and gives its id. */
  create(
    ticket: Pick<Ticket, 'title' | 'dueOn' | 'unit' | 'styleId' | 'rules'> & { readonly clientId: string },
  ): Promise<string>;
  /** Gives a ticket, and every set that was taken for it, to another client. */
  giveTo(id: string, clientId: string): Promise<void>;
  /** Writes the content of tickets, all of them or none: gives the one that was overtaken. */
  write(writes: readonly VersionedWrite[]): Promise<Overtaken | undefined>;
  frozen(id: string): Promise<Draft | undefined>;
  freeze(id: string, pieces: FrozenPieces): Promise<void>;
  thaw(id: string): Promise<void>;
  /** The steps of a ticket's history, the newest last. */
  steps(id: string): Promise<TicketStep[]>;
  /** What a ticket held at a place of its history: its content now, with every step between undone, or done again. */
  contentAt(id: string, now: TicketContent, from: number, place: number): Promise<TicketContent | undefined>;
  /** Ids of tickets at work that hold a cloth of a bolt. */
  onBolt(role: ClothRole, bolt: string): Promise<string[]>;
  /** Ids of tickets that have pieces of one of these beside their own on a cloth. */
  beside(role: ClothRole, others: readonly string[]): Promise<string[]>;
  /** Cloths of a role that are on a bolt, ticket by ticket, the oldest first. */
  boltsInUse(role: ClothRole): Promise<{ readonly number: number; readonly cloth: Cloth }[]>;
}

/** Where it is kept what was chalked and cut. */
export interface TableStore {
  /** What is chalked and cut on these lays. */
  workOn(ticketId: string, lays: readonly string[]): Promise<TableWork>;
  /** Keeps the table of a ticket to this work: what is read after it is as the one before left it. */
  lock(ticketId: string): Promise<void>;
  /** The table of a ticket, without the rest of it. */
  find(ticketId: string): Promise<TableState | undefined>;
  /** Notes what was done at the table; an event that is known already is the same one, sent twice. */
  note(ticketId: string, events: readonly TableEvent[]): Promise<void>;
  write(ticketId: string, work: TableWork): Promise<void>;
}

import type { Purchase } from '../lay/model/lay.ts';
import type { ClothRole } from '../pieces/piece.ts';
import type { TicketProgress } from './stations.ts';
import type { Ticket, TicketState } from './ticket.ts';

/** Cloth that a chosen lay asks for. */
export interface ClothToBuy {
  readonly role: ClothRole;
  /** The same for tickets that share it. */
  readonly bolt: string;
  readonly name: string;
  readonly colour: string;
  readonly buy: Purchase;
  /** Numbers of the tickets that it is bought for as well. */
  readonly with: readonly number[];
}

/** A ticket as lists show it. */
export interface TicketSummary extends Pick<
  Ticket,
  'id' | 'number' | 'title' | 'client' | 'dueOn' | 'styleId' | 'version' | 'state'
> {
  /** Name and colour of the cloth that shows, once there is one. */
  readonly cloth: string | null;
  readonly colour: string | null;
  readonly toBuy: readonly ClothToBuy[];
  readonly progress: TicketProgress;
  /** Measures came from home and wait to be looked at. */
  readonly fromHome: boolean;
}

/** A part of the tickets that were asked for. */
export interface TicketList {
  readonly tickets: readonly TicketSummary[];
  /** How many there are of what was asked for. */
  readonly inAll: number;
  readonly counts: { readonly [state in TicketState]: number };
}

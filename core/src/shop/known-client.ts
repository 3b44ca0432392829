import type { TicketClient } from './ticket.ts';

/** Places of a client: on the list, put away, or one with another who turned out to be the same. */
export const clientStates = ['here', 'archived', 'merged'] as const;
export type ClientState = (typeof clientStates)[number];

/** A client with what tells her from another of the same name. */
export interface KnownClient extends TicketClient {
  readonly state: ClientState;
  /** Address, number or the like, as the shop wrote it. */
  readonly contact: string;
  readonly remarks: string;
  readonly tickets: number;
  /** The day that her last ticket is due, yyyy-mm-dd. */
  readonly lastDue: string | null;
  /** The day that she was last measured, yyyy-mm-dd. */
  readonly measuredOn: string | null;
  /** Who she is one with. */
  readonly mergedInto: string | null;
  readonly version: number;
}

/** Clients as they are asked for, and how many there are. */
export interface ClientList {
  readonly clients: readonly KnownClient[];
  readonly inAll: number;
}

const plain = (name: string): string => name.trim().replace(/\s+/g, ' ').toLowerCase();

export const isSameName = (a: string, b: string): boolean => plain(a) !== '' && plain(a) === plain(b);

/** Clients of this name, however it is spaced and whatever its capitals. */
export const namesakesOf = <Client extends TicketClient>(
  clients: readonly Client[],
  name: string,
): Client[] => clients.filter((client) => isSameName(client.name, name));

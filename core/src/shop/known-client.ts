import type { TicketClient } from './ticket.ts';

/** A client with what tells her from another of the same name. */
export interface KnownClient extends TicketClient {
  readonly tickets: number;
  /** The day that her last ticket is due, yyyy-mm-dd. */
  readonly lastDue: string | null;
  /** The day that she was last measured, yyyy-mm-dd. */
  readonly measuredOn: string | null;
}

const plain = (name: string): string => name.trim().replace(/\s+/g, ' ').toLowerCase();

/** Clients of this name, however it is spaced and whatever its capitals. */
export const namesakesOf = <Client extends TicketClient>(
  clients: readonly Client[],
  name: string,
): Client[] => (plain(name) === '' ? [] : clients.filter((client) => plain(client.name) === plain(name)));

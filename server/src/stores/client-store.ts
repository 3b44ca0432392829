import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { EnteredById, TicketClient } from '@ample-bolt/core/shop/ticket';
import type { MeasuredFrom } from '@ample-bolt/core/measures/measure-set';
import type { ClientList, ClientState, KnownClient } from '@ample-bolt/core/shop/known-client';

/** Which clients are asked for. */
export interface ClientQuery {
  /** All but those who are one with another, without it. */
  readonly state?: ClientState | undefined;
  /** Every word has to be in the name. */
  readonly sought?: string | undefined;
  readonly id?: string | undefined;
  readonly limit?: number | undefined;
}

/** What went over to another client when two turned out to be one. */
export interface Merged {
  readonly into: string;
  readonly tickets: readonly string[];
  readonly sets: readonly string[];
}

/** What can be written of a client. */
export type ClientWrite = Partial<Pick<KnownClient, 'name' | 'kind' | 'contact' | 'remarks' | 'state'>> & {
  readonly merged?: Merged | null;
};

/** A set that came in a table, without a ticket. */
export interface SetOfTable {
  readonly from: MeasuredFrom;
  readonly takenOn: string;
  readonly values: EnteredById;
}

/** Where clients and their sets of measures are kept. */
export interface ClientStore {
  /** Everybody but those who are one with another, by name. */
  list(): Promise<TicketClient[]>;
  /** Clients with what tells two of one name apart: those whose name begins with what is sought first, then by name. */
  known(query?: ClientQuery): Promise<ClientList>;
  /** A client by her id; none where she is one with another. */
  find(id: string): Promise<TicketClient | undefined>;
  /** All of just this name but those who are one with another. */
  named(name: string): Promise<TicketClient[]>;
  create(client: Omit<TicketClient, 'id'>): Promise<TicketClient>;
  /** Writes what is changed of a client on a version of her; says whether it was still that one. */
  write(id: string, version: number, change: ClientWrite): Promise<boolean>;
  merged(id: string): Promise<Merged | null>;
  /** Gives all tickets and sets of a client to another one; says which they were. */
  giveAll(from: string, into: string): Promise<Pick<Merged, 'tickets' | 'sets'>>;
  /** Gives back what went over, as far as it is still there; sets that were taken for such a ticket since go with it. */
  giveBack(to: string, merged: Merged): Promise<void>;
  /** Numbers of her tickets that are at work or put aside. */
  numbersAtWork(id: string): Promise<number[]>;
  /** Takes a client out, with her tickets, sets, links and pictures, and those who were one with her; nothing is left of them. */
  erase(id: string): Promise<void>;
  /** All sets of a client's measures that have a measure in them, the newest first. */
  sets(clientId: string): Promise<ClientSet[]>;
  /** The newest set of every client that was measured, by the client's id. */
  newestSets(): Promise<ReadonlyMap<string, ClientSet>>;
  addSet(clientId: string, set: SetOfTable): Promise<void>;
}

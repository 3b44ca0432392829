import type { ClientStore } from './client-store.ts';
import type { HomeLinkStore } from './home-link-store.ts';
import type { HouseStore } from './house-store.ts';
import type { LayRunStore } from './lay-run-store.ts';
import type { StyleStore } from './style-store.ts';
import type { TableStore, TicketStore } from './ticket-store.ts';

/** Everything that the shop keeps, as services see it: where it is kept is no concern of theirs. */
export interface Stores {
  readonly clients: ClientStore;
  readonly house: HouseStore;
  readonly styles: StyleStore;
  readonly tickets: TicketStore;
  readonly table: TableStore;
  readonly homeLinks: HomeLinkStore;
  readonly layRuns: LayRunStore;
  /** Does all of it or nothing; what it calls joins it, and is none of its own. */
  readonly atOnce: <Result>(act: () => Promise<Result>) => Promise<Result>;
}

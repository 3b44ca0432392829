import type { Migration } from '../migrate.ts';
import { up as clientsAndTickets } from './0001-clients-and-tickets.ts';

/** In order; a migration that has run anywhere is never edited. */
export const migrations: readonly { readonly name: string; readonly up: Migration }[] = [
  { name: '0001-clients-and-tickets', up: clientsAndTickets },
];

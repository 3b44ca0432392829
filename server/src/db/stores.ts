import type { Sequelize } from 'sequelize';
import type { Stores } from '../stores/stores.ts';
import { clientStore } from './client-store.ts';
import { homeLinkStore } from './home-link-store.ts';
import { houseStore } from './house-store.ts';
import { inTransaction } from './in-transaction.ts';
import { layRunStore } from './lay-run-store.ts';
import { styleStore } from './style-store.ts';
import { tableStore } from './table-store.ts';
import { ticketStore } from './ticket-store.ts';

/** What the shop keeps, in the database that the models are connected to. */
export const storesIn = (sequelize: Sequelize): Stores => ({
  clients: clientStore,
  house: houseStore,
  styles: styleStore,
  tickets: ticketStore,
  table: tableStore,
  homeLinks: homeLinkStore,
  layRuns: layRunStore,
  atOnce: (act) => inTransaction(sequelize, act),
});

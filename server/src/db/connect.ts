import { Sequelize } from 'sequelize';
import { followTransactions } from './in-transaction.ts';
import { initClientModel } from '../features/clients/client-model.ts';
import { initHomeModels } from '../features/home/home-model.ts';
import { initHouseModel } from '../features/house/house-model.ts';
import { initLayRunModels } from '../features/lay-runs/lay-run-model.ts';
import { initTableModel } from '../features/tickets/table-model.ts';
import { initTicketModels } from '../features/tickets/ticket-model.ts';
import { initTicketStateModels } from '../features/tickets/ticket-state-model.ts';

/** A connection with every model bound to it; migrations make the tables. */
export function connect(url: string): Sequelize {
  followTransactions();
  const sequelize = new Sequelize(url, { logging: false, define: { underscored: true }, pool: { max: 8 } });
  initClientModel(sequelize);
  initTicketModels(sequelize);
  initTicketStateModels(sequelize);
  initTableModel(sequelize);
  initHomeModels(sequelize);
  initHouseModel(sequelize);
  initLayRunModels(sequelize);
  return sequelize;
}

import { Sequelize } from 'sequelize';
import { followTransactions } from './in-transaction.ts';
import { initClientModel } from './models/client-model.ts';
import { initHomeModels } from './models/home-model.ts';
import { initHouseModel } from './models/house-model.ts';
import { initHouseStyleModel } from './models/house-style-model.ts';
import { initLayRunModels } from './models/lay-run-model.ts';
import { initTableModel } from './models/table-model.ts';
import { initTicketModels } from './models/ticket-model.ts';
import { initTicketStateModels } from './models/ticket-state-model.ts';

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
  initHouseStyleModel(sequelize);
  initLayRunModels(sequelize);
  return sequelize;
}

import { DataTypes } from 'sequelize';
import type { Migration } from '../migrate.ts';

/** Where a ticket is in its life, what lists show of it, and indices for what is looked up. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  const column = (name: string, definition: Parameters<typeof query.addColumn>[2]) =>
    query.addColumn('tickets', name, definition, { transaction });
  await column('state', { type: DataTypes.TEXT, allowNull: false, defaultValue: 'open' });
  await column('gist', { type: DataTypes.JSONB, allowNull: true });
  await query.addIndex('tickets', ['state', 'due_on', 'number'], { transaction });
  const run = (sql: string) => query.sequelize.query(sql, { transaction });
  await run('CREATE INDEX tickets_cloths ON tickets USING gin (cloths jsonb_path_ops)');
};

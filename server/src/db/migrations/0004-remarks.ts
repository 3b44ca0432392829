import { DataTypes } from 'sequelize';
import type { Migration } from '../migrate.ts';

/** Remarks of a ticket; a step of its history that was kept before there were any has none. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.addColumn(
    'tickets',
    'remarks',
    { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
    { transaction },
  );
  await query.sequelize.query(`UPDATE ticket_states SET content = content || '{"remarks": ""}'::jsonb`, {
    transaction,
  });
};

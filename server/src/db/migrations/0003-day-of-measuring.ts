import { DataTypes } from 'sequelize';
import type { Migration } from '../migrate.ts';

/** The day on which each set of measures was taken; of older sets, the day on which it was begun. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.addColumn(
    'measure_sets',
    'taken_on',
    { type: DataTypes.DATEONLY, allowNull: true },
    { transaction },
  );
  await query.sequelize.query('UPDATE measure_sets SET taken_on = created_at::date', { transaction });
};

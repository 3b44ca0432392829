import { DataTypes } from 'sequelize';
import type { Migration } from '../migrate.ts';

/** Styles that the house composed, each under a name of its own. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.createTable(
    'house_styles',
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      key: { type: DataTypes.TEXT, allowNull: false, unique: true },
      file: { type: DataTypes.JSONB, allowNull: false },
      created_at: { type: DataTypes.DATE, allowNull: false },
    },
    { transaction },
  );
};

import { DataTypes } from 'sequelize';
import type { Migration } from '../migrate.ts';

/** How a client is reached, what is remarked of her, and where she is: on the list, put away, or one with another. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  const column = (name: string, definition: Parameters<typeof query.addColumn>[2]) =>
    query.addColumn('clients', name, definition, { transaction });
  const text = { type: DataTypes.TEXT, allowNull: false, defaultValue: '' };
  await column('contact', { ...text });
  await column('remarks', { ...text });
  await column('state', { ...text, defaultValue: 'here' });
  await column('version', { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 });
  // What went over to another client, so that the two can be taken apart again.
  await column('merged', { type: DataTypes.JSONB, allowNull: true });
};

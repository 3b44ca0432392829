import { DataTypes, literal } from 'sequelize';
import type { Migration } from '../migrate.ts';

const id = () => ({ type: DataTypes.UUID, primaryKey: true, defaultValue: literal('gen_random_uuid()') });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const json = (initial: string) => ({
  type: DataTypes.JSONB,
  allowNull: false,
  defaultValue: literal(`'${initial}'::jsonb`),
});
const moment = () => ({ type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') });

/** Private links by which a client measures at home, what she enters, and her pictures. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.createTable(
    'home_links',
    {
      id: id(),
      ticket_id: {
        type: DataTypes.UUID,
        allowNull: false,
        references: { model: 'tickets', key: 'id' },
        onDelete: 'CASCADE',
      },
      token_hash: { ...text(), unique: true },
      sequence: text(),
      state: { ...text(), defaultValue: 'open' },
      entries: json('{}'),
      expires_at: { type: DataTypes.DATE, allowNull: false },
      sent_at: { type: DataTypes.DATE, allowNull: true },
      created_at: moment(),
      updated_at: moment(),
    },
    { transaction },
  );
  await query.addIndex('home_links', ['ticket_id'], { transaction });
  await query.createTable(
    'home_pictures',
    {
      id: id(),
      link_id: {
        type: DataTypes.UUID,
        allowNull: false,
        references: { model: 'home_links', key: 'id' },
        onDelete: 'CASCADE',
      },
      bytes: { type: DataTypes.BLOB, allowNull: false },
      created_at: moment(),
    },
    { transaction },
  );
  await query.addIndex('home_pictures', ['link_id'], { transaction });
};

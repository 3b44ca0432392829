import { DataTypes, literal } from 'sequelize';
import type { Migration } from '../migrate.ts';

const json = (initial: string) => ({
  type: DataTypes.JSONB,
  allowNull: false,
  defaultValue: literal(`'${initial}'::jsonb`),
});
const moment = () => ({ type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') });
const ticketKey = () => ({
  type: DataTypes.UUID,
  allowNull: false,
  primaryKey: true,
  references: { model: 'tickets', key: 'id' },
  onDelete: 'CASCADE',
});

/** A lay for each cloth, figures by hand, sign-offs, cut pieces; a ticket's states; its frozen pieces; the house's rules. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  const column = (name: string, definition: Parameters<typeof query.addColumn>[2]) =>
    query.addColumn('tickets', name, definition, { transaction });
  await column('lays', json('{}'));
  await column('figures', json('{}'));
  await column('signed_off', json('{}'));
  await column('cut', json('[]'));
  await column('stops', { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 });
  await column('place', { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 });
  await query.sequelize.query(
    `UPDATE tickets SET lays = jsonb_build_object(lay->>'role', lay) WHERE jsonb_typeof(lay) = 'object'`,
    { transaction },
  );
  await query.removeColumn('tickets', 'lay', { transaction });
  await query.createTable(
    'ticket_states',
    {
      ticket_id: ticketKey(),
      place: { type: DataTypes.INTEGER, allowNull: false, primaryKey: true },
      what: { type: DataTypes.TEXT, allowNull: false },
      content: { type: DataTypes.JSONB, allowNull: false },
      made_at: moment(),
    },
    { transaction },
  );
  await query.createTable(
    'frozen_drafts',
    {
      ticket_id: ticketKey(),
      core: { type: DataTypes.TEXT, allowNull: false },
      draft: { type: DataTypes.JSONB, allowNull: false },
      frozen_at: moment(),
    },
    { transaction },
  );
  await query.createTable(
    'houses',
    {
      id: { type: DataTypes.INTEGER, primaryKey: true },
      rules: json('{}'),
      version: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 },
      updated_at: moment(),
    },
    { transaction },
  );
  await query.sequelize.query('INSERT INTO houses (id) VALUES (1)', { transaction });
};

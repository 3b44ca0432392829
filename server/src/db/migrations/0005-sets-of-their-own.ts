import { DataTypes, literal } from 'sequelize';
import type { Migration } from '../migrate.ts';

/**
 * A set of measures belongs to a client, and to a ticket where it was taken for one; a ticket may have several, one
 * after the other. Who took it, over what; and the measures of a garment that fits.
 */
export const up: Migration = async ({ context: { query, transaction } }) => {
  const column = (name: string, definition: Parameters<typeof query.addColumn>[2]) =>
    query.addColumn('measure_sets', name, definition, { transaction });
  const run = (statement: string) => query.sequelize.query(statement, { transaction });
  const text = (value: string) => ({ type: DataTypes.TEXT, allowNull: false, defaultValue: value });
  await column('client_id', { type: DataTypes.UUID, references: { model: 'clients', key: 'id' } });
  await column('revision', { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 });
  await column('source', text('shop'));
  await column('taken_by', text(''));
  await column('undergarment', text(''));
  await column('garment', {
    type: DataTypes.JSONB,
    allowNull: false,
    defaultValue: literal(`'{"values": {}, "pleats": 0}'::jsonb`),
  });
  await run(
    'UPDATE measure_sets SET client_id = tickets.client_id FROM tickets WHERE tickets.id = measure_sets.ticket_id',
  );
  await run('ALTER TABLE measure_sets ALTER COLUMN client_id SET NOT NULL');
  await run('ALTER TABLE measure_sets ALTER COLUMN ticket_id DROP NOT NULL');
  await run('ALTER TABLE measure_sets DROP CONSTRAINT IF EXISTS measure_sets_ticket_id_key');
  await query.addIndex('measure_sets', ['ticket_id', 'revision'], { unique: true, transaction });
  await query.addIndex('measure_sets', ['client_id'], { transaction });
  await run(`UPDATE ticket_states SET content = jsonb_set(content, '{measures}',
    '{"revision": 1, "source": "shop", "takenBy": "", "undergarment": "", "garment": {"values": {}, "pleats": 0}}'::jsonb
    || (content->'measures'))`);
};

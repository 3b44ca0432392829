import { DataTypes, literal } from 'sequelize';
import type { Migration } from '../migrate.ts';

const id = { type: DataTypes.UUID, primaryKey: true, defaultValue: literal('gen_random_uuid()') };
const stamps = {
  created_at: { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') },
  updated_at: { type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') },
};
const json = (initial: string) => ({
  type: DataTypes.JSONB,
  allowNull: false,
  defaultValue: literal(`'${initial}'::jsonb`),
});

export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.createTable(
    'clients',
    {
      id,
      name: { type: DataTypes.TEXT, allowNull: false },
      kind: { type: DataTypes.TEXT, allowNull: false },
      ...stamps,
    },
    { transaction },
  );
  await query.createTable(
    'tickets',
    {
      id,
      number: { type: DataTypes.INTEGER, allowNull: false, unique: true, autoIncrement: true },
      client_id: { type: DataTypes.UUID, allowNull: false, references: { model: 'clients', key: 'id' } },
      title: { type: DataTypes.TEXT, allowNull: false },
      due_on: { type: DataTypes.DATEONLY, allowNull: false },
      unit: { type: DataTypes.TEXT, allowNull: false },
      style_id: { type: DataTypes.TEXT, allowNull: false },
      choices: { type: DataTypes.JSONB },
      rules: json('{}'),
      cloths: json('[]'),
      lay: { type: DataTypes.JSONB },
      chalked: json('{}'),
      marks_in_all: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
      version: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 },
      ...stamps,
    },
    { transaction },
  );
  await query.createTable(
    'measure_sets',
    {
      id,
      ticket_id: {
        type: DataTypes.UUID,
        allowNull: false,
        unique: true,
        references: { model: 'tickets', key: 'id' },
        onDelete: 'CASCADE',
      },
      measured_from: { type: DataTypes.TEXT, allowNull: false },
      start_line: { type: DataTypes.TEXT, allowNull: false },
      observations: { type: DataTypes.JSONB, allowNull: false },
      values: json('{}'),
      ...stamps,
    },
    { transaction },
  );
  await query.addIndex('tickets', ['client_id'], { transaction });
  await query.addIndex('tickets', ['due_on'], { transaction });
};

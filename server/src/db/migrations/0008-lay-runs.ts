import { DataTypes, literal } from 'sequelize';
import type { Migration } from '../migrate.ts';

const id = () => ({ type: DataTypes.UUID, primaryKey: true, defaultValue: literal('gen_random_uuid()') });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const json = () => ({ type: DataTypes.JSONB, allowNull: false });
const number = () => ({ type: DataTypes.DOUBLE, allowNull: false, defaultValue: 0 });
const moment = () => ({ type: DataTypes.DATE, allowNull: false, defaultValue: literal('now()') });
const belonging = (model: string) => ({
  type: DataTypes.UUID,
  allowNull: false,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
});

/** Long searches for lays, and the shares that they are divided into. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  await query.createTable(
    'lay_runs',
    {
      id: id(),
      ticket_id: belonging('tickets'),
      role: text(),
      state: { ...text(), defaultValue: 'running' },
      folds: json(),
      task: json(),
      seconds: number(),
      plans: { ...json(), defaultValue: literal(`'{}'::jsonb`) },
      found: { ...number(), type: DataTypes.INTEGER },
      failure: { type: DataTypes.TEXT, allowNull: true },
      created_at: moment(),
      updated_at: moment(),
    },
    { transaction },
  );
  await query.addIndex('lay_runs', ['ticket_id'], { transaction });
  // One search at a time for each cloth, however fast a button is pressed.
  await query.addIndex('lay_runs', ['ticket_id', 'role'], {
    name: 'lay_runs_one_running',
    unique: true,
    where: { state: 'running' },
    transaction,
  });
  await query.createTable(
    'lay_shares',
    {
      id: id(),
      run_id: belonging('lay_runs'),
      seed: { ...number(), type: DataTypes.INTEGER },
      fold: { type: DataTypes.TEXT, allowNull: true },
      seconds: number(),
      spent: number(),
      starts: { ...number(), type: DataTypes.INTEGER },
      state: { ...text(), defaultValue: 'waiting' },
      heard_at: { type: DataTypes.DATE, allowNull: true },
    },
    { transaction },
  );
  await query.addIndex('lay_shares', ['run_id'], { transaction });
};

import { QueryTypes, type QueryInterface, type Sequelize, type Transaction } from 'sequelize';
import { Umzug, type MigrationFn } from 'umzug';
import { migrations } from './migrations/index.ts';

export interface MigrationContext {
  readonly query: QueryInterface;
  readonly transaction: Transaction;
}

export type Migration = MigrationFn<MigrationContext>;

/** Any number that only this project's migrations lock on. */
const LOCK = 512_617;

/**
 * Runs all pending migrations in one transaction under an advisory lock, so that two servers can start together.
 * The log is kept in the same transaction; umzug's own storage would write outside it.
 */
export function migrate(sequelize: Sequelize): Promise<string[]> {
  return sequelize.transaction(async (transaction) => {
    await sequelize.query(`SELECT pg_advisory_xact_lock(${LOCK})`, { transaction });
    await sequelize.query(
      'CREATE TABLE IF NOT EXISTS migrations (name text PRIMARY KEY, at timestamptz NOT NULL DEFAULT now())',
      { transaction },
    );
    const umzug = new Umzug<MigrationContext>({
      migrations: [...migrations],
      context: { query: sequelize.getQueryInterface(), transaction },
      logger: undefined,
      storage: {
        logMigration: async ({ name }) => {
          await sequelize.query('INSERT INTO migrations (name) VALUES ($1)', { bind: [name], transaction });
        },
        unlogMigration: async ({ name }) => {
          await sequelize.query('DELETE FROM migrations WHERE name = $1', { bind: [name], transaction });
        },
        executed: async () => {
          const rows = await sequelize.query<{ name: string }>('SELECT name FROM migrations ORDER BY name', {
            type: QueryTypes.SELECT,
            transaction,
          });
          return rows.map(({ name }) => name);
        },
      },
    });
    return (await umzug.up()).map(({ name }) => name);
  });
}

import type { Migration } from '../migrate.ts';

/** What tickets are found by, as one text that the database keeps, and indices for lists in their order; where trigrams are not to be had, a search looks at all. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  const run = (sql: string) => query.sequelize.query(sql, { transaction });
  // What is large lies beside the table, so that looking through all tickets does not read their lays.
  await run('ALTER TABLE tickets SET (toast_tuple_target = 512)');
  await run(`ALTER TABLE tickets ADD COLUMN sought TEXT NOT NULL DEFAULT ''`);
  await run(`CREATE FUNCTION ticket_sought() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
    NEW.sought := lower(concat_ws(' ', NEW.title, NEW.gist->>'cloth', (SELECT name FROM clients WHERE id = NEW.client_id)));
    RETURN NEW;
  END $$`);
  await run(`CREATE TRIGGER ticket_sought BEFORE INSERT OR UPDATE OF title, gist, client_id ON tickets
    FOR EACH ROW EXECUTE FUNCTION ticket_sought()`);
  await run(`CREATE FUNCTION client_renamed() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
    UPDATE tickets SET client_id = client_id WHERE client_id = NEW.id;
    RETURN NULL;
  END $$`);
  await run(`CREATE TRIGGER client_renamed AFTER UPDATE OF name ON clients
    FOR EACH ROW WHEN (OLD.name IS DISTINCT FROM NEW.name) EXECUTE FUNCTION client_renamed()`);
  await run('UPDATE tickets SET client_id = client_id');
  await run('CREATE INDEX tickets_due ON tickets (due_on, number)');
  await run(`DO $$ BEGIN
    CREATE EXTENSION IF NOT EXISTS pg_trgm;
    CREATE INDEX tickets_sought ON tickets USING gin (sought gin_trgm_ops);
  EXCEPTION WHEN OTHERS THEN
    RAISE NOTICE 'pg_trgm cannot be had: %', SQLERRM;
  END $$`);
};

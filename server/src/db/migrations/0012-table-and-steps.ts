import { randomUUID } from 'node:crypto';
import jsonPatch from 'fast-json-patch';
import { DataTypes, literal, QueryTypes } from 'sequelize';
import type { Migration } from '../migrate.ts';

interface OldTicket {
  readonly id: string;
  readonly lays: {
    readonly [role: string]: {
      readonly id: string;
      readonly placements: readonly { readonly piece: string }[];
    };
  };
  readonly chalked: { readonly [piece: string]: number };
  readonly cut: readonly string[];
}

interface OldState {
  readonly ticket_id: string;
  readonly place: number;
  readonly content: object;
}

/** Each lay by what it is, so that the same lay of two steps is one. */
const withIds = (lays: string) => `(
  SELECT COALESCE(jsonb_object_agg(role, lay || jsonb_build_object('id', md5(lay::text)::uuid::text)), '{}'::jsonb)
    FROM jsonb_each(${lays}) AS each(role, lay))`;

/** Chalk and shears as events on their lay, and history as what changed. */
export const up: Migration = async ({ context: { query, transaction } }) => {
  const run = (sql: string, bind: unknown[] = []) => query.sequelize.query(sql, { bind, transaction });
  await run(`UPDATE tickets SET lays = ${withIds('lays')} WHERE lays <> '{}'::jsonb`);
  await run(
    `UPDATE ticket_states SET content = jsonb_set(content, '{lays}', ${withIds(`content->'lays'`)})
      WHERE content->'lays' <> '{}'::jsonb`,
  );

  const text = (initial: string) => ({
    type: DataTypes.TEXT,
    allowNull: false,
    defaultValue: literal(`'${initial}'`),
  });
  await query.createTable(
    'table_events',
    {
      id: { type: DataTypes.UUID, allowNull: false, primaryKey: true },
      ticket_id: {
        type: DataTypes.UUID,
        allowNull: false,
        references: { model: 'tickets', key: 'id' },
        onDelete: 'CASCADE',
      },
      lay: { type: DataTypes.TEXT, allowNull: false },
      kind: { type: DataTypes.TEXT, allowNull: false },
      on: { type: DataTypes.TEXT, allowNull: false },
      mark: { type: DataTypes.INTEGER, allowNull: false },
      done: { type: DataTypes.BOOLEAN, allowNull: false },
      at: { type: DataTypes.TEXT, allowNull: false },
      by: text(''),
    },
    { transaction },
  );
  await query.addIndex('table_events', ['ticket_id', 'lay'], { transaction });
  const tickets = await query.sequelize.query<OldTicket>(
    `SELECT id, lays, chalked, cut FROM tickets WHERE chalked <> '{}'::jsonb OR cut <> '[]'::jsonb`,
    { type: QueryTypes.SELECT, transaction },
  );
  const now = new Date().toISOString();
  for (const ticket of tickets) {
    const layOf = (piece: string) =>
      Object.values(ticket.lays).find(({ placements }) => placements.some((each) => each.piece === piece))
        ?.id;
    const note = async (kind: string, on: string, mark: number) => {
      const lay = layOf(on.split('/')[0] ?? on);
      if (lay === undefined) return;
      await run(
        `INSERT INTO table_events (id, ticket_id, lay, kind, "on", mark, done, at) VALUES ($1, $2, $3, $4, $5, $6, true, $7)`,
        [randomUUID(), ticket.id, lay, kind, on, mark, now],
      );
    };
    for (const [piece, count] of Object.entries(ticket.chalked))
      for (let mark = 1; mark <= count; mark++) await note('mark', piece, mark);
    for (const id of ticket.cut) await note('cut', id, 0);
  }

  const patch = { type: DataTypes.JSONB, allowNull: false, defaultValue: literal(`'[]'::jsonb`) };
  await query.addColumn('ticket_states', 'back', patch, { transaction });
  await query.addColumn('ticket_states', 'forth', patch, { transaction });
  await query.addColumn('ticket_states', 'by', text(''), { transaction });
  await query.addColumn(
    'tickets',
    'table_version',
    { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
    { transaction },
  );
  await run(`UPDATE ticket_states SET content = content - 'chalked' - 'cut'`);
  const places = await query.sequelize.query<Omit<OldState, 'content'>>(
    `SELECT ticket_id, place FROM ticket_states ORDER BY ticket_id, place`,
    { type: QueryTypes.SELECT, transaction },
  );
  // One pair at a time: the contents of all steps are more than is well held at once.
  for (const { ticket_id, place } of places) {
    const pair = await query.sequelize.query<OldState>(
      `SELECT place, content FROM ticket_states WHERE ticket_id = $1 AND place IN ($2, $3) ORDER BY place`,
      { type: QueryTypes.SELECT, bind: [ticket_id, place - 1, place], transaction },
    );
    const [before, after] = pair;
    if (!before || !after) continue;
    await run(`UPDATE ticket_states SET back = $3, forth = $4 WHERE ticket_id = $1 AND place = $2`, [
      ticket_id,
      place,
      JSON.stringify(jsonPatch.compare(after.content, before.content)),
      JSON.stringify(jsonPatch.compare(before.content, after.content)),
    ]);
  }
  await query.removeColumn('ticket_states', 'content', { transaction });
};

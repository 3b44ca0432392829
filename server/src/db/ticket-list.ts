import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { ClothToBuy, TicketList, TicketSummary } from '@ample-bolt/core/shop/ticket-list';
import { ticketStates, type Ticket, type TicketState } from '@ample-bolt/core/shop/ticket';
import { gistOf, progressBy, type LayGist, type TicketGist } from '@ample-bolt/core/shop/ticket-gist';
import { coreVersion } from '@ample-bolt/core/version';
import { QueryTypes } from 'sequelize';
import type { TicketQuery } from '../stores/ticket-store.ts';
import { TicketModel } from './models/ticket-model.ts';
import { ticketsById } from './ticket-rows.ts';

interface Row {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly due_on: string;
  readonly style_id: string;
  readonly version: number;
  readonly state: TicketState;
  readonly stops: number;
  readonly chalked: Ticket['chalked'];
  readonly cut: Ticket['cut'];
  readonly marks_in_all: number;
  readonly gist: TicketGist | null;
  readonly client_id: string;
  readonly client_name: string;
  readonly client_kind: Ticket['client']['kind'];
  readonly from_home: boolean;
}

/** A pattern that a text with these words somewhere in it is like. */
const somewhere = (text: string): string => `%${text.replace(/[\\%_]/g, '\\$&')}%`;

/** Conditions by which tickets are found, and what stands in them. */
interface Sought {
  readonly phrase: string;
  /** What every ticket of the query has to be, but for what is sought. */
  readonly among: readonly string[];
  /** It is the number that is sought. */
  readonly byNumber: readonly string[];
  readonly byPhrase: string;
  readonly byWords: readonly string[];
  readonly replacements: { readonly [name: string]: string | number | undefined };
}

function soughtBy({ state, sought = '', client, limit, offset }: TicketQuery): Sought {
  const phrase = sought.trim().toLowerCase();
  const words = phrase.split(/\s+/).filter(Boolean);
  const isLike = (name: string) => `t.sought LIKE :${name}`;
  const byNumber = (name: string, text: string): string[] =>
    /^\d{1,9}$/.test(text) ? [`t.number = :${name}::int`] : [];
  return {
    phrase,
    among: [
      state === undefined ? `t.state <> 'deleted'` : 't.state = :state',
      ...(client === undefined ? [] : ['t.client_id = :client']),
    ],
    byNumber: byNumber('phrase', phrase),
    byPhrase: isLike('like'),
    byWords: words.map(
      (word, index) => `(${[...byNumber(`word${index}`, word), isLike(`like${index}`)].join(' OR ')})`,
    ),
    replacements: {
      ...{ state, client, phrase, like: somewhere(phrase), limit, offset },
      ...Object.fromEntries(
        words.flatMap((word, index) => [
          [`word${index}`, word],
          [`like${index}`, somewhere(word)],
        ]),
      ),
    },
  };
}

const read = <Found extends object>(sql: string, replacements: Sought['replacements']) =>
  TicketModel.sequelize!.query<Found>(sql, { type: QueryTypes.SELECT, replacements });

const AT_WORK = `t.state = 'open'`;

/** Ids that a query asks for, the best match first: by number, by the whole of what is sought, at work, soonest due; and how many there are. */
async function idsOf(query: TicketQuery) {
  const { phrase, among, byNumber, byPhrase, byWords, replacements } = soughtBy(query);
  const rank = phrase === '' ? [] : [...byNumber, byPhrase, `(${AT_WORK})`].map((each) => `${each} DESC`);
  // Where only a state is asked for, the counts of all states say how many there are, and the index gives the first of them.
  const isCounted = byWords.length > 0 || query.client !== undefined;
  const found = await read<{ id: string; count?: number }>(
    `SELECT t.id${isCounted ? ', count(*) OVER()::int AS count' : ''} FROM tickets t
      WHERE ${[...among, ...byWords].join(' AND ')}
      ORDER BY ${[...rank, 't.due_on', 't.number'].join(', ')} LIMIT :limit OFFSET :offset`,
    replacements,
  );
  return { ids: found.map(({ id }) => id), inAll: isCounted ? (found[0]?.count ?? 0) : undefined };
}

/**
 * The first ids of a search, in the same order, without looking at all that match: one kind of match after the other, each by its index, until
 * there are enough. How many there are in all is not known then.
 */
async function firstIdsOf(query: TicketQuery): Promise<string[]> {
  const { among, byNumber, byPhrase, byWords, replacements } = soughtBy(query);
  const isPhrase = byWords.length > 1 ? [byPhrase] : [];
  const stages = [
    ...byNumber.map((number) => [number]),
    ...(isPhrase.length > 0
      ? [
          [...isPhrase, AT_WORK],
          [...isPhrase, `NOT ${AT_WORK}`],
        ]
      : []),
    [...byWords, AT_WORK],
    [...byWords, `NOT ${AT_WORK}`],
  ];
  const ids = new Set<string>();
  for (const stage of stages) {
    if (ids.size >= query.limit) break;
    const found = await read<{ id: string }>(
      `SELECT t.id FROM tickets t WHERE ${[...among, ...stage].join(' AND ')}
        ORDER BY t.due_on, t.number LIMIT :limit`,
      replacements,
    );
    for (const { id } of found) ids.add(id);
  }
  return [...ids].slice(0, query.limit);
}

/** What lists show of tickets, in the order of their ids. */
async function rowsOf(ids: readonly string[]): Promise<Row[]> {
  if (ids.length === 0) return [];
  const rows = await TicketModel.sequelize!.query<Row>(
    `SELECT t.id, t.number, t.title, t.due_on, t.style_id, t.version, t.state, t.stops, t.chalked, t.cut, t.marks_in_all, t.gist,
            c.id AS client_id, c.name AS client_name, c.kind AS client_kind,
            EXISTS (SELECT 1 FROM home_links h WHERE h.ticket_id = t.id AND h.state = 'sent') AS from_home
       FROM tickets t JOIN clients c ON c.id = t.client_id WHERE t.id IN (:ids)`,
    { type: QueryTypes.SELECT, replacements: { ids: [...ids] } },
  );
  const byId = new Map(rows.map((row) => [row.id, row]));
  return ids.flatMap((id) => byId.get(id) ?? []);
}

/** Tickets whose gist was never worked out, or by another version of core, are read whole, once. */
async function withGists(rows: readonly Row[]): Promise<ReadonlyMap<string, TicketGist>> {
  const gists = new Map<string, TicketGist>();
  for (const { id, gist } of rows) if (gist?.core === coreVersion) gists.set(id, gist);
  const missing = rows.filter(({ id }) => !gists.has(id)).map(({ id }) => id);
  for (const ticket of await ticketsById(missing)) {
    const gist = gistOf(ticket);
    gists.set(ticket.id, gist);
    await TicketModel.update({ gist }, { where: { id: ticket.id, version: ticket.version }, silent: true });
  }
  return gists;
}

/** Lays of the tickets that buy cloth for others, by the tickets' numbers. */
async function buyersOf(gists: Iterable<TicketGist>): Promise<ReadonlyMap<number, readonly LayGist[]>> {
  const numbers = [...gists].flatMap(({ lays }) => lays.flatMap(({ boughtBy }) => boughtBy ?? []));
  if (numbers.length === 0) return new Map();
  const rows = await TicketModel.findAll({
    attributes: ['number', 'gist'],
    where: { number: [...new Set(numbers)] },
  });
  return new Map(rows.map(({ number, gist }) => [number, gist?.lays ?? []]));
}

/** A cloth is bought before it is chalked; one of a given length lies in the shop, and one that is shared is bought once. */
function toBuy(
  { id, chalked }: Pick<Row, 'id' | 'chalked'>,
  { lays }: TicketGist,
  buyers: ReadonlyMap<number, readonly LayGist[]>,
): ClothToBuy[] {
  return lays.flatMap(({ role, bolt, name, colour, buy, inStock, boughtBy, beside, pieces }) => {
    const begun = pieces.some((piece) => (chalked[piece] ?? 0) > 0);
    // Whoever buys it for others still has them in its own lay.
    const comesWithAnother =
      boughtBy !== null &&
      (buyers.get(boughtBy) ?? []).some(
        (lay) => lay.role === role && lay.beside.some(({ ticket }) => ticket === id),
      );
    if (inStock || begun || comesWithAnother) return [];
    const on = bolt ?? `${id} ${role}`;
    return [{ role, bolt: on, name, colour, buy, with: beside.map(({ number }) => number) }];
  });
}

async function countsOf(): Promise<TicketList['counts']> {
  const rows = await TicketModel.sequelize!.query<{ state: TicketState; count: number }>(
    'SELECT state, count(*)::int AS count FROM tickets GROUP BY state',
    { type: QueryTypes.SELECT },
  );
  const count = (state: TicketState) => rows.find((row) => row.state === state)?.count ?? 0;
  return Object.fromEntries(ticketStates.map((state) => [state, count(state)])) as TicketList['counts'];
}

/** How many tickets are in a state, or in any but thrown away. */
const countOf = (counts: TicketList['counts'], state: TicketState | undefined): number =>
  state === undefined
    ? ticketStates.filter((each) => each !== 'deleted').reduce((sum, each) => sum + counts[each], 0)
    : counts[state];

export async function listTickets(query: TicketQuery): Promise<TicketList> {
  const isFirst = query.uncounted === true && (query.sought ?? '').trim() !== '';
  const [{ ids, inAll }, counts] = await Promise.all([
    isFirst ? firstIdsOf(query).then((first) => ({ ids: first, inAll: first.length })) : idsOf(query),
    countsOf(),
  ]);
  const rows = await rowsOf(ids);
  const gists = await withGists(rows);
  const buyers = await buyersOf(gists.values());
  const tickets = rows.flatMap((row): TicketSummary[] => {
    const gist = gists.get(row.id);
    if (!gist) return [];
    const { id, number, title, version, state, stops, chalked, cut } = row;
    return [
      {
        id,
        number,
        title,
        version,
        state,
        client: { id: row.client_id, name: row.client_name, kind: row.client_kind },
        dueOn: row.due_on,
        styleId: row.style_id,
        cloth: gist.cloth,
        colour: gist.colour,
        toBuy: state === 'open' ? toBuy(row, gist, buyers) : [],
        progress: progressBy(gist, { chalked, cut, stops, marksInAll: row.marks_in_all }),
        fromHome: row.from_home,
      },
    ];
  });
  return { tickets, inAll: inAll ?? countOf(counts, query.state), counts };
}

/** Ids of tickets at work that hold a cloth of a bolt. */
export async function ticketsOnBolt(role: ClothRole, bolt: string): Promise<string[]> {
  const rows = await TicketModel.sequelize!.query<{ id: string }>(
    `SELECT id FROM tickets WHERE state = 'open' AND cloths @> :cloth::jsonb`,
    { type: QueryTypes.SELECT, replacements: { cloth: JSON.stringify([{ role, bolt }]) } },
  );
  return rows.map(({ id }) => id);
}

/** Ids of tickets that have pieces of one of these beside their own on a cloth. */
export async function ticketsBeside(role: ClothRole, others: readonly string[]): Promise<string[]> {
  const rows = await TicketModel.sequelize!.query<{ id: string }>(
    `SELECT DISTINCT t.id FROM tickets t, unnest(ARRAY[:others]) AS other
      WHERE COALESCE(
        t.gist->'lays' @> jsonb_build_array(jsonb_build_object('role', :role::text, 'beside', jsonb_build_array(jsonb_build_object('ticket', other)))),
        t.lays->:role::text->'beside' @> jsonb_build_array(jsonb_build_object('ticket', other)))`,
    { type: QueryTypes.SELECT, replacements: { role, others: [...others] } },
  );
  return rows.map(({ id }) => id);
}

/** Cloths of a role that are on a bolt, ticket by ticket, the oldest first. */
export const boltsInUse = (role: ClothRole): Promise<{ readonly number: number; readonly cloth: Cloth }[]> =>
  TicketModel.sequelize!.query(
    `SELECT t.number, cloth FROM tickets t, jsonb_array_elements(t.cloths) AS cloth
      WHERE t.state <> 'deleted' AND cloth->>'role' = :role AND cloth->>'bolt' IS NOT NULL ORDER BY t.number`,
    { type: QueryTypes.SELECT, replacements: { role } },
  );

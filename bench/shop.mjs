// What grows with a shop: lists with 5,000 tickets beside 50, one chalk mark beside its ticket, and a history beside whole contents.
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { median } from './median.mjs';

const ROUNDS = 41;
const FEW = 50;
const MANY = 5000;

/** A ticket as others of the demo are, with a client, title and day of its own, until there are so many. */
const fill = (client, count) =>
  client.query(
    `WITH made AS (
       INSERT INTO clients (id, name, kind, created_at, updated_at)
       SELECT gen_random_uuid(), 'Bulk client ' || n, 'adult', now(), now()
         FROM generate_series((SELECT count(*) + 1 FROM tickets), $1) n
       RETURNING id, name),
     model AS (SELECT *, row_number() OVER () AS turn FROM tickets WHERE gist IS NOT NULL ORDER BY number LIMIT 16)
     INSERT INTO tickets (client_id, title, due_on, unit, style_id, choices, rules, figures, signed_off, cloths, lays, chalked,
                          marks_in_all, cut, remarks, state, gist, created_at, updated_at)
     SELECT made.id, 'Bulk dress of ' || made.name, m.due_on, m.unit, m.style_id, m.choices, m.rules, m.figures, m.signed_off,
            m.cloths, m.lays, m.chalked, m.marks_in_all, m.cut, m.remarks, 'open', m.gist, now(), now()
       FROM (SELECT *, row_number() OVER () AS turn FROM made) made
       JOIN model m ON m.turn = 1 + made.turn % (SELECT count(*) FROM model)`,
    [count],
  );

async function timed(act) {
  const times = [];
  let bytes = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const start = performance.now();
    bytes = (await act(round)).length;
    times.push(performance.now() - start);
  }
  return { time: median(times.slice(1)), bytes };
}

const body = async (address, init) => {
  const response = await fetch(address, {
    ...init,
    headers: { 'content-type': 'application/json', 'accept-encoding': 'identity' },
  });
  const text = await response.text();
  if (!response.ok) throw new Error(`${address}: ${text.slice(0, 300)}`);
  return text;
};

const lists = [
  ['Today', '/api/tickets?state=open'],
  ['Tickets', '/api/tickets?limit=50'],
  ['Find', '/api/tickets?state=all&q=client%2047&limit=8&count=no'],
];

async function benchLists(base, client) {
  await fill(client, FEW);
  const few = [];
  for (const [, path] of lists) few.push(await timed(() => body(`${base}${path}`)));
  await fill(client, MANY);
  await client.query('VACUUM ANALYZE');
  for (const [index, [name, path]] of lists.entries()) {
    const many = await timed(() => body(`${base}${path}`));
    console.log(
      `${name} with ${MANY} tickets: ${(many.time / few[index].time).toFixed(2)} times as long as with ${FEW} (${few[index].time.toFixed(1)} ms), ${(many.bytes / 1000).toFixed(0)} kB`,
    );
  }
}

async function benchMark(base, id) {
  const ticket = JSON.parse(await body(`${base}/api/tickets/${id}`));
  const [role, lay] = Object.entries(ticket.lays).find(([, each]) => each.id);
  const piece = lay.placements[0].piece;
  const mark = await timed((round) =>
    body(`${base}/api/tickets/${id}/table`, {
      method: 'POST',
      body: JSON.stringify({
        sentAt: new Date().toISOString(),
        events: [
          { id: randomUUID(), kind: 'mark', on: piece, mark: round, done: true, lay: lay.id, at: new Date().toISOString(), by: '' }, // prettier-ignore
        ],
      }),
    }),
  );
  const whole = await timed(() => body(`${base}/api/tickets/${id}`));
  console.log(
    `one chalk mark (${role}): answered with 1/${(whole.bytes / mark.bytes).toFixed(0)} of the bytes of its ticket, in ${(mark.time / whole.time).toFixed(2)} of the time of reading it`,
  );
}

async function benchHistory(base, client, id) {
  const ticketAt = async () => JSON.parse(await body(`${base}/api/tickets/${id}`));
  const before = (
    await client.query('SELECT max(place) AS place FROM ticket_states WHERE ticket_id = $1', [id])
  ).rows[0].place;
  for (let step = 0; step < 50; step++) {
    const { version } = await ticketAt();
    await body(`${base}/api/tickets/${id}`, {
      method: 'PATCH',
      body: JSON.stringify({ version, remarks: `Looked at again, ${step}` }),
    });
  }
  const { rows } = await client.query(
    `SELECT sum(octet_length(back::text) + octet_length(forth::text))::int AS steps
       FROM ticket_states WHERE ticket_id = $1 AND place > $2`,
    [id, before],
  );
  const whole = Buffer.byteLength(JSON.stringify(await ticketAt()));
  console.log(
    `fifty steps of a ticket with ${(whole / 1000).toFixed(0)} kB: 1/${((50 * whole) / rows[0].steps).toFixed(0)} of fifty whole contents`,
  );
}

/** Measures an application with the demo data on a database of its own. */
export async function benchShop(base, databaseUrl) {
  console.log('\nthe shop grows:');
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const { rows } = await client.query(
      `SELECT id FROM tickets WHERE lays::text <> '{}' AND marks_in_all > 0 ORDER BY number LIMIT 1`,
    );
    await benchLists(base, client);
    await benchMark(base, rows[0].id);
    await benchHistory(base, client, rows[0].id);
  } finally {
    await client.end();
  }
}

import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { TableEvent } from '@ample-bolt/core/shop/table-event';
import type { TicketState } from '@ample-bolt/core/shop/ticket';
import { measures, outerLay, ticketClient } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import type { TableAnswer } from '@ample-bolt/core/shop/table-event';
import type { TicketList } from '@ample-bolt/core/shop/ticket-list';

describe('the life of tickets', () => {
  let app: TestApp;
  let client: ReturnType<typeof ticketClient>;
  beforeAll(async () => {
    app = await testApp('ticket_life');
    client = ticketClient(app);
  });
  afterAll(() => app.close());

  const list = async (query: string) => (await app.agent.get(`/api/tickets?${query}`)).body as TicketList;
  const titles = async (query: string) => (await list(query)).tickets.map(({ title }) => title);

  test('a ticket is put aside, delivered, archived, thrown away and had back, each undone like any change', async () => {
    let ticket = (await client.open({ title: 'Walking suit' })).body;
    const states: TicketState[] = ['aside', 'delivered', 'archived', 'deleted'];
    for (const state of states) {
      ticket = (await client.edit(ticket, { state })).body;
      expect(ticket.history.undo).toContain('Ticket:');
      expect(await titles('')).not.toContain('Walking suit');
      expect(await titles(`state=${state}`)).toEqual(['Walking suit']);
      expect((await list('')).counts[state]).toBe(1);
    }
    expect(await titles('state=all&q=walking')).toEqual([]);
    ticket = (await client.put(ticket, 'place', { place: ticket.history.place - 1 })).body;
    expect(ticket.state).toBe('archived');
    expect((await client.edit(ticket, { state: 'open' })).body.state).toBe('open');
    expect(await titles('')).toContain('Walking suit');
    expect((await app.agent.get('/api/tickets?state=lost')).body).toMatchObject({
      code: 'unknown-state',
      field: 'state',
    });
  });

  test('another like it has measures, style, choices and cloths, and is laid and chalked by itself', async () => {
    const ticket = await client.measured();
    const laid = (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket) })).body;
    const agreed = (await client.put(laid, 'choices', { choices: { pegging: '1/2' } })).body;
    const copy = await app.agent
      .post(`/api/tickets/${ticket.id}/copy`)
      .send({ title: 'The same in red', dueOn: '2027-02-01' });
    expect(copy.status).toBe(201);
    expect(copy.body).toMatchObject({
      title: 'The same in red',
      client: ticket.client,
      measures: { values: agreed.measures.values, revision: 1 },
      choices: agreed.choices,
      cloths: agreed.cloths,
      lays: {},
      chalked: {},
    });
    expect((await client.get(ticket.id)).lays.outer).toBeDefined();
  });

  test('a ticket that was opened for the wrong client goes to another, with its measures', async () => {
    const ticket = (await client.open({ client: { name: 'Wrong name', kind: 'adult' } })).body;
    const other = (await client.open({ client: { name: 'Right name', kind: 'adult' } })).body;
    const taken = (await client.put(ticket, 'measures', measures)).body;
    const given = (await client.put(taken, 'client', { client: { id: other.client.id } })).body;
    expect([given.client.name, given.version]).toEqual(['Right name', taken.version + 1]);
    const sets = async (id: string) => (await app.agent.get(`/api/clients/${id}/sets`)).body as unknown[];
    expect([(await sets(ticket.client.id)).length, (await sets(other.client.id)).length]).toEqual([0, 1]);
    expect((await client.put(taken, 'client', { client: { id: other.client.id } })).status).toBe(409);
  });

  test('what is sought comes by its number first, then by the whole of it, then by its words', async () => {
    const opened = [];
    for (const [title, name] of [
      ['Gown for fair 3', 'Ada Crane'],
      ['Coat', 'Fair Client 3'],
      ['Apron', 'Client Fair, the third'],
    ] as const)
      opened.push((await client.open({ title, client: { name, kind: 'adult' } })).body);
    expect(await titles('state=all&q=fair client 3')).toEqual(['Coat']);
    expect((await titles('state=all&q=client fair'))[0]).toBe('Apron');
    expect(await titles('state=all&q=client fair')).toContain('Coat');
    const [gown] = opened;
    expect((await titles(`state=all&q=${gown?.number}`))[0]).toBe('Gown for fair 3');
    expect(await titles("state=all&q=%25' OR 1=1")).toEqual([]);
  });

  test('a list of thousands is answered a page at a time, and small', async () => {
    await app.sequelize.query(
      `INSERT INTO tickets (client_id, title, due_on, unit, style_id)
       SELECT (SELECT id FROM clients LIMIT 1), 'Bulk ' || n, DATE '2028-01-01' + n % 400, 'in', 'fitted-dress'
         FROM generate_series(1, 3000) AS n`,
    );
    const response = await app.agent.get('/api/tickets?q=bulk&limit=50&offset=100');
    const { tickets, inAll } = response.body as TicketList;
    expect([tickets.length, inAll]).toEqual([50, 3000]);
    expect(JSON.stringify(response.body).length).toBeLessThan(200_000);
    // The first of them alone, without how many there are, are the same.
    for (const q of ['bulk', 'bulk 47', 'bulk 4', '47', 'fair client', 'no such words'])
      for (const state of ['open', 'all'])
        expect([q, await titles(`state=${state}&q=${q}&limit=8&count=no`)]).toEqual([
          q,
          await titles(`state=${state}&q=${q}&limit=8`),
        ]);
    const next = (await list('q=bulk&limit=50&offset=150')).tickets;
    expect(new Set([...tickets, ...next].map(({ id }) => id)).size).toBe(100);
    expect(next[0]?.dueOn.localeCompare(tickets.at(-1)?.dueOn ?? '')).toBeGreaterThanOrEqual(0);
  });

  describe('at the table', () => {
    const laid = async () => {
      const ticket = await client.measured();
      return (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket) })).body;
    };
    let count = 0;
    const event = (lay: string | undefined, on: string, mark: number, change: Partial<TableEvent> = {}) => ({
      id: `7f0d3a52-2f5e-4c8e-9d39-${String(++count).padStart(12, '0')}`,
      kind: 'mark',
      on,
      mark,
      done: true,
      lay: lay ?? '',
      at: new Date(Date.UTC(2026, 11, 1, 9, 0, count)).toISOString(),
      by: 'Odile',
      ...change,
    });
    const send = async (id: string, events: object[], sentAt = new Date().toISOString()) => {
      const { status, body } = (await app.agent
        .post(`/api/tickets/${id}/table`)
        .send({ events, sentAt })) as {
        status: number;
        body: unknown;
      };
      return { status, body: body as TableAnswer & { code: string } };
    };

    test('marks of two devices add up in whatever order they come, and one that is sent twice is one', async () => {
      const ticket = await laid();
      const lay = ticket.lays.outer?.id;
      const [tablet, phone] = ['skirt-front', 'skirt-back'].map((piece) =>
        [1, 2, 3, 4].map((mark) => event(lay, piece, mark)),
      );
      if (!tablet || !phone) throw new Error('two devices');
      await send(ticket.id, [...phone].reverse());
      await Promise.all(tablet.map((each) => send(ticket.id, [each])));
      const again = await send(ticket.id, tablet.slice(0, 2));
      expect(again.body).toMatchObject({ chalked: { 'skirt-front': 4, 'skirt-back': 4 }, refused: [] });
      expect(again.body.frozenAt).not.toBeNull();
      // A mark makes no version: what somebody else has open stays current.
      expect((await client.get(ticket.id)).version).toBe(ticket.version);
      expect((await client.edit(ticket, { title: 'While it was chalked' })).status).toBe(200);
      expect((await client.get(ticket.id)).chalked).toEqual({ 'skirt-front': 4, 'skirt-back': 4 });
    });

    test('a device whose clock is behind marks again what another rubbed out before', async () => {
      const ticket = await laid();
      const lay = ticket.lays.outer?.id;
      const at = (minutes: number) => new Date(Date.UTC(2026, 11, 1, 9, minutes)).toISOString();
      await send(ticket.id, [event(lay, 'skirt-front', 1, { done: false, at: at(30) })], at(30));
      // By its own clock it is a quarter of an hour earlier.
      const { body } = await send(ticket.id, [event(lay, 'skirt-front', 1, { at: at(15) })], at(15));
      expect(body.chalked).toEqual({ 'skirt-front': 1 });
    });

    test('marks while changes are stored are all there', async () => {
      const ticket = await laid();
      const lay = ticket.lays.outer?.id;
      const change = async () => {
        let current = ticket;
        for (let each = 0; each < 5; each++)
          current = (await client.edit(current, { remarks: `step ${each}` })).body;
      };
      await Promise.all([
        change(),
        ...Array.from({ length: 12 }, async (_, index) => {
          const { status, body } = await send(ticket.id, [event(lay, 'skirt-front', index + 1)]);
          expect([status, body]).toEqual([200, expect.anything()]);
        }),
      ]);
      const after = await client.get(ticket.id);
      expect([after.remarks, after.chalked]).toEqual(['step 4', { 'skirt-front': 12 }]);
    });

    test('an answer is small, and marks on a lay that was replaced are refused by their ids', async () => {
      const ticket = await laid();
      const old = event(ticket.lays.outer?.id, 'skirt-front', 1);
      const again = (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket, 'open') })).body;
      const { body } = await send(ticket.id, [old, event(again.lays.outer?.id, 'skirt-back', 1)]);
      expect([body.refused, body.chalked]).toEqual([[old.id], { 'skirt-back': 1 }]);
      expect(JSON.stringify(body).length).toBeLessThan(JSON.stringify(again).length / 20);
    });

    test.each([
      ['an event without its lay', { lay: undefined }],
      ['a day for a moment', { at: '2026-12-01' }],
      ['a mark below none', { mark: -1 }],
    ])('%s is refused by its field', async (_, change) => {
      const ticket = (await client.open()).body;
      const { status, body } = await send(ticket.id, [{ ...event('a', 'skirt-front', 1), ...change }]);
      expect([status, body.code]).toEqual([422, expect.any(String)]);
    });
  });

  test('a history of fifty steps over a lay is a fraction of what whole contents would be', async () => {
    const ticket = await client.measured();
    let current = (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket) })).body;
    for (let each = 0; each < 50; each++)
      current = (await client.edit(current, { remarks: `Note ${each}`, by: 'Odile' })).body;
    const [[stored]] = (await app.sequelize.query(
      `SELECT sum(length(back::text) + length(forth::text))::int AS bytes, count(*)::int AS steps
         FROM ticket_states WHERE ticket_id = '${ticket.id}'`,
    )) as unknown as [[{ bytes: number; steps: number }]];
    expect(stored.steps).toBeGreaterThan(50);
    expect(stored.bytes).toBeLessThan((stored.steps * JSON.stringify(current).length) / 20);
    const steps = (await app.agent.get(`/api/tickets/${ticket.id}/steps`)).body as { by: string }[];
    expect(steps.at(-1)?.by).toBe('Odile');
    const back = (await client.put(current, 'place', { place: current.history.place - 25 })).body;
    expect(back.remarks).toBe('Note 24');
    expect((await client.put(back, 'place', { place: current.history.place })).body.remarks).toBe('Note 49');
  });
});

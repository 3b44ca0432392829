import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
import { measures, ticketClient } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';

describe('clients over HTTP', () => {
  let app: TestApp;
  beforeAll(async () => {
    app = await testApp('clients');
  });
  afterAll(() => app.close());
  const add = (body: object) => app.agent.post('/api/clients').send(body);

  test('are kept and listed by name, whatever letters it has', async () => {
    for (const name of ['Tansy Brook', '  Ægir Łoś ', 'Marisol Tern'])
      expect((await add({ name, kind: 'adult' })).status).toBe(201);
    const list = (await app.agent.get('/api/clients')).body as TicketClient[];
    expect(list.map(({ name }) => name).sort()).toEqual(['Marisol Tern', 'Tansy Brook', 'Ægir Łoś']);
  });

  test.each([
    [{ kind: 'adult' }, 'name'],
    [{ name: '   ', kind: 'adult' }, 'name'],
    [{ name: 'x'.repeat(121), kind: 'adult' }, 'name'],
    [{ name: 'x', kind: 'cat' }, 'kind'],
    [{ name: 'x', kind: 'adult', id: 7 }, 'id'],
  ])('%j is refused by name', async (body, field) => {
    const response = await add(body);
    expect([response.status, (response.body as { field: string }).field]).toEqual([422, field]);
  });

  test('a name is text, never a statement', async () => {
    const name = "'; DROP TABLE clients; --";
    await add({ name, kind: 'adult' });
    expect(
      ((await app.agent.get('/api/clients')).body as TicketClient[]).map((client) => client.name),
    ).toContain(name);
  });

  test('the sets of a client come newest first, each with its day; a set without a measure is none', async () => {
    const tickets = ticketClient(app);
    const first = (await tickets.open({ client: { name: 'Twice Measured', kind: 'adult' } })).body;
    const { id } = first.client;
    const again = (await tickets.open({ client: { id } })).body;
    await tickets.open({ client: { id } });
    const values = { bust: '36', waist: '28 1/2' };
    await tickets.put(first, 'measures', { ...measures, takenOn: '2026-03-01', values });
    const dated = await tickets.put(again, 'measures', { ...measures, values: { bust: '95 cm' } });
    expect(dated.body.measures.takenOn).toMatch(/^\d{4}-\d\d-\d\d$/);
    const sets = (await app.agent.get(`/api/clients/${id}/sets`)).body as ClientSet[];
    expect(sets.map(({ ticket, takenOn }) => [ticket?.number, takenOn])).toEqual([
      [again.number, dated.body.measures.takenOn],
      [first.number, '2026-03-01'],
    ]);
    expect(sets[1]?.values['bust']).toEqual({ mm: 914.4, typed: '36 in' });
    // A later change leaves the day as it was.
    const changed = await tickets.put(dated.body, 'measures', { ...measures, values: { bust: '96 cm' } });
    expect(changed.body.measures.takenOn).toBe(dated.body.measures.takenOn);
  });

  test.each(['not-an-id', '00000000-0000-4000-8000-000000000000'])(
    'client %s has no sets: not found',
    async (id) => {
      expect((await app.agent.get(`/api/clients/${id}/sets`)).status).toBe(404);
    },
  );

  test('a day that is none, or lies ahead, is refused by name', async () => {
    const tickets = ticketClient(app);
    const ticket = (await tickets.open()).body;
    const response = await tickets.put(ticket, 'measures', { ...measures, takenOn: 'yesterday' });
    expect([response.status, response.body.field]).toEqual([422, 'takenOn']);
    const ahead = await tickets.put(ticket, 'measures', { ...measures, takenOn: '2999-01-01' });
    expect([ahead.status, ahead.body.field]).toEqual([422, 'takenOn']);
  });

  describe('as a table', () => {
    const takeIn = (table: string, type = 'text/csv') =>
      app.agent.post('/api/clients/measures.csv').set('Content-Type', type).send(table);

    test('go out with their newest sets, and come in again without doubling', async () => {
      const table =
        'client,takenOn,bust,hip\nLinnet Vale,2026-02-01,36 1/2,98 cm\nLinnet Vale,2026-05-01,37,\n';
      expect((await takeIn(table)).body).toEqual({ clients: 1, sets: 2, known: 0 });
      expect((await takeIn(table)).body).toEqual({ clients: 0, sets: 0, known: 2 });
      const clients = (await app.agent.get('/api/clients')).body as TicketClient[];
      const id = clients.find(({ name }) => name === 'Linnet Vale')?.id;
      const sets = (await app.agent.get(`/api/clients/${id}/sets`)).body as ClientSet[];
      expect(sets.map(({ takenOn, source, ticket }) => [takenOn, source, ticket])).toEqual([
        ['2026-05-01', 'file', null],
        ['2026-02-01', 'file', null],
      ]);
      const out = await app.agent.get('/api/clients/measures.csv?unit=cm');
      expect([out.status, out.type]).toEqual([200, 'text/csv']);
      expect(out.text).toMatch(/Linnet Vale,adult,2026-05-01,neckSide,cm,/);
      expect(((await takeIn(out.text)).body as { clients: number }).clients).toBe(0);
    });

    test('a table with one bad row takes nothing in, and names the row', async () => {
      const response = await takeIn('client,bust\nGood Row,36\nBad Row,wide\n');
      expect([response.status, (response.body as { field: string }).field]).toEqual([422, 'row 3, bust']);
      const names = ((await app.agent.get('/api/clients')).body as TicketClient[]).map(({ name }) => name);
      expect(names).not.toContain('Good Row');
      expect((await takeIn('{}', 'application/json')).status).toBe(415);
    });

    test('one set goes out as a row for each measure', async () => {
      const tickets = ticketClient(app);
      const ticket = await tickets.measured();
      const out = await app.agent.get(`/api/tickets/${ticket.id}/measures.csv`);
      expect([out.status, out.type]).toEqual([200, 'text/csv']);
      expect(out.text).toContain('hip,Hip,38 9/16,in,98 cm');
    });
  });
});

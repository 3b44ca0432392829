import type { ClientList, KnownClient } from '@ample-bolt/core/shop/known-client';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
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
    const list = ((await app.agent.get('/api/clients')).body as ClientList).clients;
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
      ((await app.agent.get('/api/clients')).body as ClientList).clients.map((client) => client.name),
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
      const clients = ((await app.agent.get('/api/clients')).body as ClientList).clients;
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
      const names = ((await app.agent.get('/api/clients')).body as ClientList).clients.map(
        ({ name }) => name,
      );
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

describe('the life of a client', () => {
  let app: TestApp;
  beforeAll(async () => {
    app = await testApp('client_life');
  });
  afterAll(() => app.close());
  const add = async (name: string, kind = 'adult') =>
    (await app.agent.post('/api/clients').send({ name, kind })).body as KnownClient;
  const get = async (id: string) => (await app.agent.get(`/api/clients/${id}`)).body as KnownClient;
  const change = (id: string, body: object) => app.agent.patch(`/api/clients/${id}`).send(body);
  const list = async (query = '') =>
    ((await app.agent.get(`/api/clients?${query}`)).body as ClientList).clients.map(({ name }) => name);
  const setsOf = async (id: string) => (await app.agent.get(`/api/clients/${id}/sets`)).body as ClientSet[];
  const ticketFor = async (id: string) => {
    const tickets = ticketClient(app);
    const opened = (await tickets.open({ client: { id } })).body;
    return (await tickets.put(opened, 'measures', measures)).body;
  };

  test('name, contact and remarks are changed on the newest version; another hand’s change is shown, not written over', async () => {
    const { id } = await add('Isolde Marsh');
    const changed = await change(id, { version: 1, contact: 'by the ferry', remarks: 'left shoulder low' });
    expect(changed.body).toMatchObject({ version: 2, contact: 'by the ferry', remarks: 'left shoulder low' });
    const late = await change(id, { version: 1, contact: 'by the mill' });
    expect([late.status, late.body]).toMatchObject([
      409,
      { code: 'stale', current: { contact: 'by the ferry' } },
    ]);
    expect((await change(id, { version: 2, name: ' Isolde  Fenn ' })).body).toMatchObject({ version: 3 });
    expect((await get(id)).contact).toBe('by the ferry');
    expect((await change(id, { version: 3, name: '  ' })).body).toMatchObject({ field: 'name' });
    expect((await change(id, { version: 3, mood: 'good' })).status).toBe(422);
  });

  test('a name that is known is taken only when somebody says that it is another’s', async () => {
    await add('Runa Thorn');
    const { id } = await add('Runa Torn');
    const asked = await change(id, { version: 1, name: 'runa thorn' });
    expect([asked.status, asked.body]).toMatchObject([409, { code: 'known-name' }]);
    expect((await change(id, { version: 1, name: 'Runa Thorn', another: true })).status).toBe(200);
    // Another spelling of her own name is no other’s.
    const { id: own } = await add('Odile Vance');
    expect((await change(own, { version: 1, name: 'odile vance' })).status).toBe(200);
  });

  test('put away she is not listed among those who are here, and is had back', async () => {
    const { id } = await add('Wilma Quay');
    await change(id, { version: 1, state: 'archived' });
    expect([await list('state=here&q=quay'), await list('state=archived&q=wil qu')]).toEqual([
      [],
      ['Wilma Quay'],
    ]);
    await change(id, { version: 2, state: 'here' });
    expect(await list('state=here&q=quay')).toEqual(['Wilma Quay']);
  });

  test('two who are one: tickets and sets go over, and come back when they are taken apart', async () => {
    const [first, second] = [await add('Dora Hest'), await add('Dora  Hesst')];
    const [own, theirs] = [await ticketFor(first.id), await ticketFor(second.id)];
    const merged = await app.agent
      .post(`/api/clients/${first.id}/merge`)
      .send({ version: 1, into: second.id });
    expect(merged.body).toMatchObject({ id: second.id, tickets: 2 });
    expect((await setsOf(second.id)).map(({ ticket }) => ticket?.number).sort()).toEqual(
      [own.number, theirs.number].sort(),
    );
    expect(await get(first.id)).toMatchObject({ state: 'merged', mergedInto: second.id, tickets: 0 });
    expect(await list('q=dora')).toEqual(['Dora  Hesst']);
    const onMerged = await app.agent.post('/api/tickets').send({
      title: 'x',
      client: { id: first.id },
      dueOn: '2026-12-11',
      unit: 'in',
      styleId: 'fitted-dress',
    });
    expect([onMerged.status, (onMerged.body as { code: string }).code]).toEqual([422, 'unknown-client']);

    expect((await change(first.id, { version: 2, state: 'here' })).body).toMatchObject({
      state: 'here',
      tickets: 1,
    });
    expect((await setsOf(second.id)).map(({ ticket }) => ticket?.number)).toEqual([theirs.number]);
    expect((await ticketClient(app).get(own.id)).client.id).toBe(first.id);
  });

  test('with herself, with nobody, with a child or twice she is not made one', async () => {
    const [one, child] = [await add('Petra Oak'), await add('Petra Oak the younger', 'child')];
    const merge = async (into: string) =>
      (await app.agent.post(`/api/clients/${one.id}/merge`).send({ version: 1, into })).body as object;
    expect(await merge(one.id)).toMatchObject({ code: 'not-two', field: 'into' });
    expect(await merge('00000000-0000-4000-8000-000000000000')).toMatchObject({ code: 'unknown-client' });
    expect(await merge(child.id)).toMatchObject({ code: 'kinds-differ' });
    expect(await merge('petra')).toMatchObject({ field: 'into' });
  });

  test('erased by her name and with nothing at work, nothing is left of her', async () => {
    const { id } = await add('Nell Hart');
    const ticket = await ticketFor(id);
    const erase = (name: string) => app.agent.delete(`/api/clients/${id}`).send({ name });
    expect((await erase('Nell')).body).toMatchObject({ code: 'not-her-name', field: 'name' });
    const atWork = await erase('Nell Hart');
    expect([atWork.status, (atWork.body as { detail: string }).detail]).toEqual([
      422,
      `Nº ${ticket.number} is still at work. Deliver or throw away what is hers first.`,
    ]);
    await ticketClient(app).edit(ticket, { state: 'delivered' });
    expect((await erase('nell hart')).status).toBe(200);
    for (const address of [`/api/clients/${id}`, `/api/clients/${id}/sets`, `/api/tickets/${ticket.id}`])
      expect((await app.agent.get(address)).status).toBe(404);
    const left = await app.sequelize.query<{ count: number }>(
      `SELECT (SELECT count(*) FROM measure_sets WHERE client_id = :id)::int
            + (SELECT count(*) FROM ticket_states WHERE ticket_id = :ticket)::int AS count`,
      { type: QueryTypes.SELECT, replacements: { id, ticket: ticket.id } },
    );
    expect(left).toEqual([{ count: 0 }]);
  });
});

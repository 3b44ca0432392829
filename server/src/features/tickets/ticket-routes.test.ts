import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { readOrder } from '@ample-bolt/core/formats/order/read-order';
import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import { findingKey, openStops } from '@ample-bolt/core/shop/sign-off';
import { orderOfTicket, type Ticket } from '@ample-bolt/core/shop/ticket';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import type { TicketList } from '@ample-bolt/core/shop/ticket-list';
import { measures, outerLay, ticketClient, type ProblemBody } from '../../testing/ticket-client.ts';

describe('tickets over HTTP', () => {
  let app: TestApp;
  let client: ReturnType<typeof ticketClient>;
  let ticket: Ticket;
  beforeAll(async () => {
    app = await testApp('tickets');
    client = ticketClient(app);
  });
  afterAll(() => app.close());

  const open = (change: object = {}) => client.open(change);
  const put = (part: string, body: object, on: Pick<Ticket, 'id' | 'version'> = ticket) =>
    client.put(on, part, body);
  const measured = async () => (ticket = await client.measured());

  beforeEach(async () => {
    ticket = (await open()).body;
  });

  test('a ticket opens with a number of its own, for a new client or a known one', async () => {
    const again = await open({ client: { id: ticket.client.id } });
    expect(again.status).toBe(201);
    expect(again.body.number).toBeGreaterThan(ticket.number);
    expect(again.body.client).toEqual(ticket.client);
    expect(again.body).toMatchObject({ choices: null, lays: {}, version: 1, measures: { values: {} } });
  });

  test.each([
    ['no title', { title: ' ' }, 'title'],
    ['a day that is none', { dueOn: '2026-02-31' }, 'dueOn'],
    ['an unknown style', { styleId: 'toga' }, 'styleId'],
    ['an unknown client', { client: { id: '00000000-0000-4000-8000-000000000000' } }, 'client'],
    ['a client without a kind', { client: { name: 'X' } }, 'client.kind'],
    ['a field too many', { price: 3 }, 'price'],
    ['an unknown unit', { unit: 'ell' }, 'unit'],
  ])('%s is refused with 422, naming the field', async (_, change, field) => {
    const { status, body } = await open(change);
    expect([status, body.field]).toEqual([422, field]);
  });

  test('measures are read in any form and come back as they were typed', async () => {
    const { status, body } = await put('measures', measures);
    expect(status).toBe(200);
    expect(body.version).toBe(2);
    expect(body.measures.values['waist']).toEqual({ mm: 723.9, typed: '28½ in' });
    expect(body.measures.values['hip']).toEqual({ mm: 980, typed: '98 cm' });
    const { body: emptied } = await put(
      'measures',
      { ...measures, values: { ...measures.values, hip: '' } },
      body,
    );
    expect(emptied.measures.values['hip']).toBeUndefined();
  });

  test.each([
    ['wide', 'not-a-length'],
    ['1/0', 'not-a-length'],
    ['-3', 'out-of-range'],
    ['400', 'out-of-range'],
  ])('a bust of %s is refused, named, and nothing is changed', async (bust, code) => {
    const { status, type, body } = await put('measures', { ...measures, values: { bust } });
    expect([status, type, body.code, body.field]).toEqual([
      422,
      'application/problem+json',
      code,
      'measures.bust',
    ]);
    const unchanged = await app.agent.get(`/api/tickets/${ticket.id}`);
    expect(unchanged.body).toEqual(ticket);
  });

  test('choices out of range and cloths a finger wide are refused by name', async () => {
    expect((await put('choices', { choices: { pegging: '9' } })).body).toMatchObject({
      code: 'out-of-range',
      field: 'choices.pegging',
    });
    expect((await put('choices', { choices: { train: '9' } })).body).toMatchObject({
      code: 'unknown-choice',
      field: 'choices.train',
    });
    expect((await put('cloths', { cloths: [{ role: 'outer', width: '1' }] })).body).toMatchObject({
      code: 'out-of-range',
      field: 'cloths.0.width',
    });
    expect(
      (await put('cloths', { cloths: [{ role: 'outer', name: ' ', width: '45in' }] })).body,
    ).toMatchObject({
      status: 422,
      field: 'cloths.0.name',
    });
    expect((await put('cloths', { cloths: [{ role: 'sail', width: '60' }] })).body).toMatchObject({
      code: 'wrong-shape',
      field: 'cloths.0.role',
    });
  });

  test('a stale write gets 409 with the newer version, and changes nothing', async () => {
    const first = await put('choices', { choices: { pegging: '1/2' } });
    const second = await put('choices', { choices: { pegging: '2' } });
    expect([first.status, second.status]).toEqual([200, 409]);
    expect(second.body.current).toEqual(first.body);
  });

  test('of two writes at the same moment one wins and one is told', async () => {
    const both = await Promise.all([
      put('choices', { choices: { pegging: '1/2' } }),
      put('choices', { choices: { pegging: '2' } }),
    ]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
  });

  test('a ticket that is not measured has no draft yet, and says so', async () => {
    const response = await app.agent.get(`/api/tickets/${ticket.id}/draft`);
    expect([response.status, (response.body as ProblemBody).field]).toEqual([422, 'measures']);
  });

  test('a measured ticket is drafted, written as an order file and printed', async () => {
    await measured();
    const draft = await app.agent.get(`/api/tickets/${ticket.id}/draft`);
    expect((draft.body as { pieces: unknown[] }).pieces).toHaveLength(12);
    const file = await app.agent.get(`/api/tickets/${ticket.id}/order.json`);
    expect(readOrder(file.body).ok).toBe(true);
    const pdf = await app.agent.get(`/api/tickets/${ticket.id}/marks.pdf`).buffer(true);
    expect([pdf.status, pdf.type]).toEqual([200, 'application/pdf']);
    const sheet = await app.agent.get(`/api/tickets/${ticket.id}/figures.pdf?unit=cm`).buffer(true);
    expect([sheet.status, sheet.type]).toEqual([200, 'application/pdf']);
    const paper = await app.agent.get(`/api/tickets/${ticket.id}/garment.pdf`).buffer(true);
    expect([paper.status, paper.type]).toEqual([200, 'application/pdf']);
    const tape = await app.agent.get(`/api/tickets/${ticket.id}/measures.pdf`).buffer(true);
    expect([tape.status, tape.type]).toEqual([200, 'application/pdf']);
  });

  test('its garment is drawn made up before it is measured and after, and kept for ever by its version', async () => {
    const picture = async (query: string) => {
      const answer = await app.agent.get(`/api/tickets/${ticket.id}/garment.svg?${query}`).buffer(true);
      const text = String(answer.body as Buffer);
      return { status: answer.status, type: answer.type, kept: answer.get('Cache-Control'), text };
    };
    const before = await picture('size=card');
    expect([before.status, before.type, before.kept]).toEqual([200, 'image/svg+xml', 'no-cache']);
    await measured();
    const after = await picture(`size=card&version=${ticket.version}`);
    expect(after.kept).toContain('immutable');
    expect(after.text).not.toBe(before.text);
    expect((await picture('size=page')).text.length).toBeGreaterThan(after.text.length);
    expect((await app.agent.get('/api/tickets/not-an-id/garment.svg')).type).toBe('application/problem+json');
  });

  test('pictures that are asked for at once are drawn one after the other, each ticket its own', async () => {
    const [first, second] = [await client.measured(), (await open({ styleId: 'halter-bodice' })).body];
    const asked = [first, second, first, second].map(({ id }) =>
      app.agent.get(`/api/tickets/${id}/garment.svg?size=card`).buffer(true),
    );
    const texts = (await Promise.all(asked)).map(({ body }) => String(body as Buffer));
    expect(texts.slice(0, 2)).toEqual(texts.slice(2));
    expect(texts[0]).not.toBe(texts[1]);
  });

  test('a lay is stored only when it proves on today’s pieces and cloth', async () => {
    const lay = outerLay(await measured());
    const [first, ...rest] = lay.placements;
    if (!first) throw new Error('expected placements');
    const spoilt = {
      ...lay,
      placements: [{ ...first, x: first.x + 30 }, ...rest],
    };
    expect(await put('lay', { role: 'outer', lay: spoilt })).toMatchObject({
      status: 422,
      body: { code: 'lay-not-proved', field: 'lay' },
    });
    // What it comes to is reckoned here: a page cannot say that less is to be bought.
    for (const said of [{ buy: { amount: 0.25, unit: 'yd' } }, { utilisation: 1 }, { beside: [] }])
      expect(await put('lay', { role: 'outer', lay: { ...lay, ...said } })).toMatchObject({
        status: 422,
        body: { code: 'wrong-shape' },
      });
    const padded = await put('lay', { role: 'outer', lay: { ...lay, length: 2 * lay.length } });
    expect(padded.body.lays.outer?.length).toBeCloseTo(lay.length, 6);
    expect((await put('lay', { role: 'lining', lay }, padded.body)).body.code).toBe('no-cloth');
    ticket = await client.get(ticket.id);
    const stored = await put('lay', { role: 'outer', lay });
    expect([stored.status, stored.body.detail]).toEqual([200, undefined]);
    expect(stored.body.marksInAll).toBeGreaterThan(50);
    const chalked = await client.table(ticket.id, { chalked: { 'skirt-front': 3 } });
    const summaries = (await app.agent.get('/api/tickets')).body as TicketList;
    expect(summaries.tickets.find(({ id }) => id === ticket.id)?.progress.marksDone).toBe(3);
    expect((await put('lay', { role: 'outer', lay: null }, chalked)).body).toMatchObject({
      lays: {},
      chalked: {},
      marksInAll: 0,
    });
  });

  test.each(['open', 'half', 'width'] as const)(
    'a lay folded %s is stored, with its fold lines',
    async (fold) => {
      const lay = outerLay(await measured(), fold);
      const stored = await put('lay', { role: 'outer', lay });
      expect([stored.status, stored.body.lays.outer?.fold]).toEqual([200, fold]);
      expect(stored.body.lays.outer?.sections).toEqual(
        lay.sections.map(({ to, ...section }): unknown => ({ ...section, to: expect.closeTo(to, 6) })),
      );
    },
  );

  test.each(['not-an-id', '00000000-0000-4000-8000-000000000000', '%ff'])(
    'a ticket called %s is a plain not found or bad request',
    async (id) => {
      const response = await app.agent.get(`/api/tickets/${id}`);
      expect([400, 404]).toContain(response.status);
      expect(response.type).toBe('application/problem+json');
    },
  );

  describe('from an order file', () => {
    const fromOrder = async (order: object, change: object = {}) => {
      const response = await app.agent
        .post('/api/tickets/order')
        .send({ title: 'From a file', dueOn: '2026-12-11', order, ...change });
      return { status: response.status, body: response.body as Ticket & ProblemBody };
    };
    const order = {
      format: 'ample-bolt/order',
      version: 1,
      unit: 'in',
      client: { name: 'Out of a File', kind: 'adult' },
      measured: { from: 'midShoulder', heelHeight: '2' },
      measures: measures.values,
      observations: { shoulders: 'sloping' },
      garments: [
        {
          style: 'fitted-dress',
          choices: { pegging: '1/2', allowances: { side: 0.75 } },
          figures: { 'skirt-front/length': { value: '25', why: 'Leans back' } },
        },
      ],
      rules: { 'school.block': 'table' },
      cloths: [{ role: 'outer', name: 'Teal', width: '45in', colour: '#23545b' }],
    };

    test('everything it says stands on the ticket, and goes out again as it came', async () => {
      const { status, body } = await fromOrder(order);
      expect([status, body.detail]).toEqual([201, undefined]);
      expect(body.measures).toMatchObject({ from: 'midShoulder', observations: { shoulders: 'sloping' } });
      expect(body.measures.values['heelHeight']?.mm).toBeCloseTo(50.8, 6);
      expect(body.rules['school.block']).toBe('table');
      expect(body.rules['allowance.side']).toBeCloseTo(19.05, 6);
      expect(body.figures['skirt-front/length']?.mm).toBeCloseTo(635, 6);
      const out = (await app.agent.get(`/api/tickets/${body.id}/order.json`)).body as typeof order;
      expect(out.measured).toMatchObject({ from: 'midShoulder', heelHeight: '2 in' });
      // The file does not say whether she is the one of that name: somebody has to.
      const asked = await fromOrder(out);
      expect([asked.status, asked.body.code]).toEqual([409, 'known-name']);
      const { namesakes } = asked.body as unknown as { namesakes: { id: string; tickets: number }[] };
      expect(namesakes).toMatchObject([{ id: body.client.id, tickets: 1 }]);
      const namesake = await fromOrder(out, { client: 'new' });
      expect(namesake.body.client).toMatchObject({ name: body.client.name });
      expect(namesake.body.client.id).not.toBe(body.client.id);
      const again = await fromOrder(out, { client: { id: body.client.id } });
      expect(again.body.measures.values).toEqual(body.measures.values);
      expect(again.body.client.id).toBe(body.client.id);
    });

    test('what a fitting corrected is a figure with its reason, and a stop that the file signs off stays signed off', async () => {
      const spoilt = {
        ...order,
        rules: {},
        garments: [
          { style: 'fitted-dress', figures: { 'bodice-back/waist-side': { value: '17 1/2', why: 'seen' } } },
        ],
        corrections: [{ figure: 'bodice-front/neck-width', by: '-1/4', from: 'The fitting of May' }],
      };
      const held = await fromOrder(spoilt, { client: 'new' });
      expect([held.status, held.body.detail]).toEqual([201, undefined]);
      expect(held.body.figures['bodice-front/neck-width']).toMatchObject({ why: 'The fitting of May' });
      expect(held.body.stops).toBeGreaterThan(0);
      const asked = orderOfTicket(held.body);
      if (!asked) throw new Error('not measured');
      const keys = openStops(draftOrder(asked).findings, {}).map(findingKey);
      const signedOff = Object.fromEntries(keys.map((key) => [key, 'Worn open at the side']));
      const { body } = await fromOrder({ ...spoilt, signedOff }, { client: 'new' });
      expect(body.stops).toBe(0);
      const out = (await app.agent.get(`/api/tickets/${body.id}/order.json`)).body as object;
      expect(out).toMatchObject({ signedOff });
    });

    test.each([
      [{ ...order, measures: { ...measures.values, bust: 'wide' } }, {}, 'measures.bust'],
      [{ ...order, format: 'other' }, {}, 'format'],
      [order, { title: '' }, 'title'],
      [
        {
          ...order,
          garments: [{ style: 'fitted-dress', figures: { 'skirt-front/length': { value: '0' } } }],
        },
        {},
        undefined,
      ],
    ])('a bad one opens nothing (%#)', async (file, change, field) => {
      const count = async () => ((await app.agent.get('/api/tickets')).body as TicketList).inAll;
      const before = await count();
      const { status, body } = await fromOrder(file, { client: 'new', ...change });
      expect(status).toBe(422);
      if (field) expect(body.field).toBe(field);
      expect(await count()).toBe(before);
    });
  });
});

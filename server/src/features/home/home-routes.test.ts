import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { GuestPage, HomeLink } from '@ample-bolt/core/shop/home-set';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import type { TicketList } from '@ample-bolt/core/shop/ticket-list';
import type { SentMessage } from '../../outbox/outbox.ts';
import { measures, ticketClient, type ProblemBody } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { HomeLinkModel } from '../../db/models/home-model.ts';
import { samplePicture } from '../../testing/sample-picture.ts';

const entered = { unit: 'cm', from: 'neckSide', undergarment: 'a soft bra', remarks: 'My left arm is longer', values: { bust: '92,5', waist: '28 1/2 in' } }; // prettier-ignore

describe('measuring at home', () => {
  let app: TestApp;
  let tickets: ReturnType<typeof ticketClient>;
  beforeAll(async () => {
    app = await testApp('home');
    tickets = ticketClient(app);
  });
  afterAll(() => app.close());

  const invite = async (ticket: Pick<Ticket, 'id'>, body: object = {}) => {
    const response = await app.agent
      .post(`/api/tickets/${ticket.id}/home`)
      .send({ sequence: 'style', days: 7, to: 'Nobody, by letter', ...body });
    const made = response.body as { url: string; link: HomeLink } & ProblemBody;
    return { status: response.status, body: made, token: made.url?.split('/').at(-1) ?? '' };
  };
  const guest = (token: string) => app.agent.get(`/api/home/${token}`);
  const enter = (token: string, body: object = {}) =>
    app.agent.put(`/api/home/${token}`).send({ ...entered, ...body });
  const send = (token: string) => app.agent.post(`/api/home/${token}/sent`);
  const picture = (token: string, bytes: Buffer, type = 'image/jpeg') =>
    app.agent.post(`/api/home/${token}/pictures`).set('Content-Type', type).send(bytes);
  const linksOf = async (ticket: Pick<Ticket, 'id'>) =>
    (await app.agent.get(`/api/tickets/${ticket.id}/home`)).body as HomeLink[];

  test('from the message in the outbox to the ticket’s next set, which can be undone', async () => {
    const opened = (await tickets.open()).body;
    const ticket = (await tickets.put(opened, 'measures', measures)).body;
    const { token, status } = await invite(ticket);
    expect(status).toBe(201);
    const [message] = (await app.agent.get('/api/outbox')).body as SentMessage[];
    expect(message?.to).toBe('Nobody, by letter');
    expect(message?.text).toContain(`/home/${token}`);

    const page = (await guest(token)).body as GuestPage;
    expect(page.entries.from).toBe(ticket.measures.from);
    expect(page.asked).toContain('bust');
    expect(page.entries.values).toEqual({});
    await enter(token);
    await picture(token, samplePicture());
    expect((await linksOf(ticket))[0]).toMatchObject({ state: 'open', entries: null, pictures: [] });
    expect(((await send(token)).body as GuestPage).sent).toBe(true);

    const summaries = ((await app.agent.get('/api/tickets')).body as TicketList).tickets;
    expect(summaries.filter(({ fromHome }) => fromHome).map(({ id }) => id)).toEqual([ticket.id]);
    const [link] = await linksOf(ticket);
    expect(link).toMatchObject({ state: 'sent', entries: { undergarment: 'a soft bra' } });
    expect(link?.pictures).toHaveLength(1);
    const shown = await app.agent.get(
      `/api/tickets/${ticket.id}/home/${link?.id}/pictures/${link?.pictures[0]}`,
    );
    expect([shown.status, shown.type]).toEqual([200, 'image/jpeg']);

    const accept = () =>
      app.agent.put(`/api/tickets/${ticket.id}/home/${link?.id}/accepted`).send({ version: ticket.version });
    const taken = (await accept()).body as Ticket;
    expect(taken.measures).toMatchObject({ revision: 2, source: 'home', takenBy: 'Nobody' });
    expect(taken.measures.values['bust']).toEqual({ mm: 925, typed: '92,5 cm' });
    // What she did not measure stays as the shop measured it.
    expect(taken.measures.values['hip']?.typed).toBe('98 cm');
    expect(taken.remarks).toBe('From home: My left arm is longer');
    expect((await accept()).status).toBe(409);
    const undone = (await tickets.put(taken, 'place', { place: taken.history.place - 1 })).body;
    expect(undone.measures).toMatchObject({ revision: 1, source: 'shop' });
  });

  test('the page shows nothing but her own entries', async () => {
    const ticket = (
      await tickets.open({ title: 'Secret gown', client: { name: 'Known Name', kind: 'adult' } })
    ).body;
    await tickets.put(ticket, 'measures', measures);
    const { token } = await invite(ticket);
    const { text, headers } = await guest(token);
    expect(text).not.toMatch(/Secret|Known|28½|titl|ticket|rules|version/);
    expect(headers['cache-control']).toBe('no-store');
    expect(headers['referrer-policy']).toBe('no-referrer');
  });

  test('a wrong token opens nothing; a token is kept as a hash alone', async () => {
    const ticket = (await tickets.open()).body;
    const { token } = await invite(ticket);
    for (const wrong of ['x', `${token.slice(0, -1)}_`, token.toLowerCase(), "';--"])
      expect((await guest(encodeURIComponent(wrong))).status).toBe(404);
    const rows = await app.sequelize.query('SELECT * FROM home_links');
    expect(JSON.stringify(rows)).not.toContain(token);
    expect(token).toMatch(/^[\w-]{43}$/);
  });

  test('a link that has run out, or was taken back, opens no longer', async () => {
    const ticket = (await tickets.open()).body;
    const { token, body } = await invite(ticket, { days: 1 });
    await HomeLinkModel.update({ expiresAt: new Date(Date.now() - 1000) }, { where: { id: body.link.id } });
    for (const response of [await guest(token), await enter(token), await send(token)])
      expect([response.status, (response.body as ProblemBody).code]).toEqual([410, 'expired-link']);
    expect((await linksOf(ticket))[0]?.state).toBe('expired');
    const other = await invite(ticket);
    expect((await app.agent.delete(`/api/tickets/${ticket.id}/home/${other.body.link.id}`)).status).toBe(204);
    expect((await guest(other.token)).status).toBe(404);
  });

  test('after sending it is only looked at, and nothing can be sent that is empty', async () => {
    const ticket = (await tickets.open()).body;
    const { token } = await invite(ticket);
    expect((await send(token)).status).toBe(422);
    await enter(token);
    await send(token);
    expect((await enter(token)).status).toBe(409);
    expect((await picture(token, samplePicture())).status).toBe(409);
    expect((await guest(token)).status).toBe(200);
  });

  test('refused, her pictures are gone', async () => {
    const ticket = (await tickets.open()).body;
    const { token, body } = await invite(ticket);
    await enter(token);
    await picture(token, samplePicture());
    await send(token);
    const refuse = () => app.agent.put(`/api/tickets/${ticket.id}/home/${body.link.id}/refused`);
    expect((await refuse()).status).toBe(204);
    expect((await linksOf(ticket))[0]).toMatchObject({ state: 'refused', pictures: [] });
    expect((await refuse()).status).toBe(409);
  });

  test.each([
    [{ values: { bust: 'wide' } }, 'measures.bust'],
    [{ values: { collar: '4' } }, 'measures.collar'],
    [{ unit: 'ell' }, 'unit'],
    [{ remarks: 'x'.repeat(1001) }, 'remarks'],
  ])('%j is refused by name', async (change, field) => {
    const { token } = await invite((await tickets.open()).body);
    const response = await enter(token, change);
    expect([response.status, (response.body as ProblemBody).field]).toEqual([422, field]);
  });

  test.each([
    [{ days: 0 }, 'days'],
    [{ days: 31 }, 'days'],
    [{ to: ' ' }, 'to'],
    [{ to: 'a\r\nBcc: b' }, 'to'],
    [{ sequence: 'hat' }, 'sequence'],
  ])('an invitation with %j is refused by name', async (change, field) => {
    const { status, body } = await invite((await tickets.open()).body, change);
    expect([status, body.field]).toEqual([422, field]);
  });

  test('pictures are checked: kind, size, number, and what a camera writes beside them', async () => {
    const { token } = await invite((await tickets.open()).body);
    const refused = async (bytes: Buffer, type?: string) => {
      const response = await picture(token, bytes, type);
      return [response.status, (response.body as ProblemBody).code];
    };
    expect(await refused(Buffer.from('not a picture'))).toEqual([422, 'not-a-picture']);
    expect(await refused(Buffer.from([0xff, 0xd8, 0xff]))).toEqual([422, 'not-a-picture']);
    expect(await refused(samplePicture(), 'application/json')).toEqual([422, 'not-a-picture']);
    expect(await refused(samplePicture({ width: 4000 }))).toEqual([422, 'not-a-picture']);
    expect(await refused(samplePicture({ camera: true }))).toEqual([422, 'not-a-picture']);
    expect(await refused(Buffer.alloc(800_000, 0xff))).toEqual([413, 'too-large']);
    for (let count = 0; count < 3; count++) expect((await picture(token, samplePicture())).status).toBe(201);
    expect(await refused(samplePicture())).toEqual([422, 'too-many-pictures']);
    const { pictures } = (await guest(token)).body as GuestPage;
    const left = await app.agent.delete(`/api/home/${token}/pictures/${pictures[0]}`);
    expect((left.body as GuestPage).pictures).toHaveLength(2);
  });

  test('one client’s pictures are not another’s', async () => {
    const [mine, hers] = [
      await invite((await tickets.open()).body),
      await invite((await tickets.open()).body),
    ];
    const { pictures } = (await picture(mine.token, samplePicture())).body as GuestPage;
    expect((await app.agent.get(`/api/home/${mine.token}/pictures/${pictures[0]}`)).status).toBe(200);
    expect((await app.agent.get(`/api/home/${hers.token}/pictures/${pictures[0]}`)).status).toBe(404);
  });

  test('from outside only private links are reached', async () => {
    const ticket = (await tickets.open()).body;
    const { token } = await invite(ticket);
    expect((await app.guests.get(`/api/home/${token}`)).status).toBe(200);
    for (const address of [
      '/api/tickets',
      `/api/tickets/${ticket.id}`,
      '/api/clients',
      '/api/outbox',
      '/api/house',
    ])
      expect([address, (await app.guests.get(address)).status]).toEqual([address, 404]);
    expect((await app.guests.put(`/api/tickets/${ticket.id}/measures`).send({})).status).toBe(404);
  });

  test('the guide on paper names what is asked', async () => {
    const ticket = (await tickets.open()).body;
    const { status, type } = await app.agent.get(`/api/tickets/${ticket.id}/guide.pdf?sequence=dress`);
    expect([status, type]).toEqual([200, 'application/pdf']);
  });
});

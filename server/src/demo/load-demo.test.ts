import type { ClientList } from '@ample-bolt/core/shop/known-client';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { stationsOf } from '@ample-bolt/core/shop/stations';
import type { HomeLink } from '@ample-bolt/core/shop/home-set';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { inches } from '@ample-bolt/core/units/length';
import type { TicketList } from '@ample-bolt/core/shop/ticket-list';
import { testApp, type TestApp } from '../testing/test-app.ts';
import { demoExpiredLink, demoFromHome } from './demo-data.ts';
import { loadDemo } from './load-demo.ts';

describe('demo data', () => {
  let app: TestApp;
  let tickets: TicketList['tickets'];
  beforeAll(async () => {
    app = await testApp('demo');
    expect(await loadDemo(app.stores, new Date('2026-11-25T12:00:00Z'))).toBe(true);
    tickets = ((await app.agent.get('/api/tickets')).body as TicketList).tickets;
  }, 120_000);
  afterAll(() => app.close());

  test('has a dozen clients, a child among them', async () => {
    const clients = ((await app.agent.get('/api/clients')).body as ClientList).clients;
    expect(clients.length).toBeGreaterThanOrEqual(12);
    expect(clients.some(({ kind }) => kind === 'child')).toBe(true);
  });

  test('has a ticket waiting at every station, and one that is done', () => {
    const waiting = tickets.map(
      ({ progress }) => stationsOf(progress).find(({ state }) => state === 'next')?.id ?? 'done',
    );
    expect([...new Set(waiting)].sort()).toEqual(['chalk', 'done', 'lay', 'measure', 'style']);
    expect(tickets.flatMap(({ toBuy }) => toBuy).length).toBeGreaterThan(4);
  });

  test('shows hand-set figures, a school of its own, a sign-off and cut pieces', async () => {
    const whole = await Promise.all(
      tickets.map(async ({ id }) => (await app.agent.get(`/api/tickets/${id}`)).body as Ticket),
    );
    expect(whole.some(({ figures }) => Object.keys(figures).length > 0)).toBe(true);
    expect(whole.some(({ rules }) => rules['school.block'] === 'table')).toBe(true);
    expect(whole.some(({ signedOff }) => Object.keys(signedOff).length > 0)).toBe(true);
    expect(whole.some(({ cut }) => cut.length > 0)).toBe(true);
    expect(new Set(whole.map(({ rules }) => rules['allowance.hem']))).toEqual(
      new Set([inches(2), inches(2.5)]),
    );
    expect(whole.some(({ stops }) => stops > 0)).toBe(true);
    expect(whole.every(({ version, history }) => version >= 1 && history.redo === null)).toBe(true);
  });

  test('has a client whose sets go back further than her tickets, and a child who grows', async () => {
    const clients = ((await app.agent.get('/api/clients')).body as ClientList).clients;
    for (const [name, count] of [
      ['Ottoline Farrow', 4],
      ['Pip Marrow', 3],
    ] as const) {
      const id = clients.find((client) => client.name === name)?.id;
      expect((await app.agent.get(`/api/clients/${id}/sets`)).body).toHaveLength(count);
    }
  });

  test('has measures that came from home and wait, and a link that has run out', async () => {
    const id = tickets.find(({ title }) => title === demoFromHome.title)?.id;
    const [link] = (await app.agent.get(`/api/tickets/${id}/home`)).body as HomeLink[];
    expect(link).toMatchObject({ state: 'sent', entries: { undergarment: 'a soft bra' } });
    expect((await app.agent.get(`/api/home/${demoExpiredLink.token}`)).status).toBe(410);
  });

  test('is loaded once only', async () => {
    expect(await loadDemo(app.stores, new Date())).toBe(false);
  });
});

import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { TicketClient } from '@ample-bolt/core/shop/ticket';
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
});

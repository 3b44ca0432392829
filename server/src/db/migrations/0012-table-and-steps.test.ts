import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { TicketContent } from '@ample-bolt/core/shop/ticket';
import { outerLay, ticketClient } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { up } from './0012-table-and-steps.ts';

let app: TestApp;
beforeAll(async () => {
  app = await testApp('table_and_steps');
});
afterAll(() => app.close());

test('chalk, shears and every step of a ticket that was kept whole are what they were', async () => {
  const client = ticketClient(app);
  const ticket = await client.measured();
  const { id } = ticket;
  const laid = (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket) })).body;
  await client.put(laid, 'choices', { choices: { pegging: '1/2' } });
  const now = await client.table(id, {
    chalked: { 'bodice-front': 6, 'bodice-back': 2 },
    cut: ['bodice-front'],
  });
  const places = Array.from({ length: now.history.place + 1 }, (_, place) => place);
  const contentAt = async (place: number) =>
    (await app.agent.get(`/api/tickets/${id}/steps/${place}`)).body as TicketContent;
  const withoutIds = ({ lays, ...content }: TicketContent) => ({
    ...content,
    lays: Object.fromEntries(Object.entries(lays).map(([role, lay]) => [role, { ...lay, id: undefined }])),
  });
  const before = await Promise.all(places.map(contentAt));
  const run = (sql: string, replacements: { readonly [name: string]: string | number } = {}) =>
    app.sequelize.query(sql, { replacements });

  // As it was kept before.
  await run(`ALTER TABLE ticket_states ADD COLUMN content jsonb`);
  for (const [place, content] of before.entries())
    await run(`UPDATE ticket_states SET content = :content::jsonb WHERE ticket_id = :id AND place = :place`, {
      id,
      place,
      content: JSON.stringify(withoutIds(content)),
    });
  await run(`UPDATE tickets SET lays = :lays::jsonb WHERE id = :id`, {
    id,
    lays: JSON.stringify(withoutIds(now).lays),
  });
  await run(`ALTER TABLE ticket_states DROP COLUMN back, DROP COLUMN forth, DROP COLUMN by`);
  await run(`ALTER TABLE tickets DROP COLUMN table_version`);
  await run(`DROP TABLE table_events`);
  await app.sequelize.transaction((transaction) =>
    up({ context: { query: app.sequelize.getQueryInterface(), transaction }, name: 'again' }),
  );

  const after = await client.get(id);
  expect([after.chalked, after.cut]).toEqual([now.chalked, now.cut]);
  for (const [place, content] of before.entries())
    expect(withoutIds(await contentAt(place))).toEqual(withoutIds(content));
  // What was noted at the table counts on: one more mark, and none is lost.
  const further = await client.table(id, { chalked: { 'bodice-front': 6, 'bodice-back': 3 } });
  expect(further.chalked).toEqual({ 'bodice-front': 6, 'bodice-back': 3 });
  const undone = (await client.put(further, 'place', { place: further.history.place - 1 })).body;
  expect([undone.choices, undone.version]).toEqual([null, further.version + 1]);
  expect(undone.chalked).toEqual(further.chalked);
});

import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { outerLay, ticketClient } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { up } from './0009-details-of-drafts.ts';

let app: TestApp;
beforeAll(async () => {
  app = await testApp('details_of_drafts');
});
afterAll(() => app.close());

test('a draft that was frozen before says nothing of details, and keeps its pieces', async () => {
  const client = ticketClient(app);
  const ticket = await client.measured();
  const laid = (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket) })).body;
  await client.table(laid.id, { chalked: { 'bodice-front': 2 } });
  const frozen = async () => (await app.agent.get(`/api/tickets/${ticket.id}/frozen`)).body as Draft & { worn?: unknown };
  const now = await frozen();
  expect(now.details.length).toBeGreaterThan(0);

  await app.sequelize.query(
    `UPDATE frozen_drafts SET draft = (draft - 'details') || '{"worn": [{"piece": "bodice-front"}]}'::jsonb`,
  );
  await app.sequelize.transaction((transaction) =>
    up({ context: { query: app.sequelize.getQueryInterface(), transaction }, name: '0009' }),
  );
  const after = await frozen();
  expect([after.details, after.worn]).toEqual([[], undefined]);
  expect(after.pieces).toEqual(now.pieces);
  // It is drawn all the same, without what it never declared.
  expect((await app.agent.get(`/api/tickets/${ticket.id}/garment.svg`)).status).toBe(200);
}); // prettier-ignore

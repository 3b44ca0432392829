import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { outerLay, ticketClient } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { up as partsHaveNames } from './0010-parts-have-names.ts';
import { up as seamsByRuns } from './0011-seams-by-runs.ts';

let app: TestApp;
beforeAll(async () => {
  app = await testApp('parts_have_names');
});
afterAll(() => app.close());

const run = (up: typeof partsHaveNames) =>
  app.sequelize.transaction((transaction) =>
    up({ context: { query: app.sequelize.getQueryInterface(), transaction }, name: 'again' }),
  );

test('lengths that were entered under a name that went to a part are kept under another', async () => {
  const client = ticketClient(app);
  const ticket = (await client.put(await client.measured(), 'style', { styleId: 'plain-bodice' })).body;
  const chosen = (await client.put(ticket, 'choices', { choices: { below: 'hem', lengthBelow: '5' } })).body;
  const { lengthBelow, ...others } = chosen.choices ?? {};
  const before = JSON.stringify({ ...others, length: lengthBelow });
  await app.sequelize.query(`UPDATE tickets SET choices = :before::jsonb WHERE id = :id`, {
    replacements: { before, id: ticket.id },
  });
  // Steps kept whole contents then.
  await app.sequelize.query(`ALTER TABLE ticket_states ADD COLUMN content jsonb`);
  await run(partsHaveNames);
  const after = (await app.agent.get(`/api/tickets/${ticket.id}`)).body as typeof chosen;
  expect(after.choices).toEqual(chosen.choices);
  await app.sequelize.query(`ALTER TABLE ticket_states DROP COLUMN content`);
});

test('a seam that was frozen by its edges alone is walked by runs', async () => {
  const client = ticketClient(app);
  const ticket = await client.measured();
  const laid = (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket) })).body;
  await client.table(laid.id, { chalked: { 'bodice-front': 2 } });
  const frozen = async () => (await app.agent.get(`/api/tickets/${ticket.id}/frozen`)).body as Draft;
  const now = await frozen();
  const old = now.seams.map(({ a, b, intervals, relation, ...seam }, index) => ({
    ...seam,
    a: a.map(({ edge }) => edge),
    b: b.map(({ edge }) => edge),
    relation:
      index === 0
        ? { kind: 'part', free: 10, layers: 1 }
        : index === 1
          ? { ...relation, reversed: { a: true, b: false } }
          : relation,
    was: intervals.length,
  }));
  await app.sequelize.query(`UPDATE frozen_drafts SET draft = jsonb_set(draft, '{seams}', :old::jsonb)`, {
    replacements: { old: JSON.stringify(old) },
  });
  await run(seamsByRuns);
  const after = await frozen();
  expect(after.seams.map(({ a, b }) => [a, b].map((side) => side.map(({ edge }) => edge)))).toEqual(
    now.seams.map(({ a, b }) => [a, b].map((side) => side.map(({ edge }) => edge))),
  );
  expect(after.seams.every(({ intervals }) => intervals.length === 1)).toBe(true);
  expect(after.seams[0]).toMatchObject({ relation: { kind: 'equal' } });
  expect(after.seams[0]?.lengthB).toBeCloseTo(
    (now.seams[0]?.lengthA ?? 0) - (now.seams[0]?.difference ?? 0),
    6,
  );
  expect([after.seams[1]?.a[0]?.reversed, after.seams[1]?.b[0]?.reversed]).toEqual([true, false]);
  expect((await app.agent.get(`/api/tickets/${ticket.id}/garment.svg`)).status).toBe(200);
});

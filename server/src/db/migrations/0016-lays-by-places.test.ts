import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { laidLay, type KeptLay } from '@ample-bolt/core/lay/model/kept-lay';
import { layPiecesOn } from '@ample-bolt/core/lay/model/layable';
import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import { orderOfTicket, type Ticket, type TicketContent } from '@ample-bolt/core/shop/ticket';
import jsonPatch from 'fast-json-patch';
import { outerLay, ticketClient } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { up } from './0016-lays-by-places.ts';

let app: TestApp;
beforeAll(async () => {
  app = await testApp('lays_by_places');
});
afterAll(() => app.close());

/** A lay as it was kept before: every copy with its outline. */
function outlined(kept: KeptLay, ticket: Ticket): object {
  const order = orderOfTicket(ticket);
  const [cloth] = ticket.cloths;
  if (!order || !cloth) throw new Error('not ready to lay');
  const lay = laidLay(kept, layPiecesOn(cloth, draftOrder(order).pieces));
  return Object.fromEntries(Object.entries(lay).filter(([name]) => name !== 'drawn'));
}

const figures = (text: string): string =>
  text.replace(/-?\d+\.\d+(e-?\d+)?/g, (digits) => Number(digits).toFixed(5).replace('-0.00000', '0.00000'));

test('lays with outlines, now, in every step that led here and in those undone, lie where they did', async () => {
  const client = ticketClient(app);
  let ticket = await client.measured();
  const { id } = ticket;
  const put = async (part: string, body: object) => {
    const answer = await client.put(ticket, part, body);
    expect([part, answer.status]).toEqual([part, 200]);
    ticket = answer.body;
  };
  await put('lay', { role: 'outer', lay: outerLay(ticket) });
  await put('lay', { role: 'outer', lay: outerLay(ticket, 'open') });
  await put('lay', { role: 'outer', lay: null });
  await put('lay', { role: 'outer', lay: outerLay(ticket, 'half') });
  await put('place', { place: ticket.history.place - 1 });
  await put('place', { place: ticket.history.place - 1 });
  const steps = (await app.agent.get(`/api/tickets/${id}/steps`)).body as { place: number }[];
  const contentAt = async (place: number) =>
    (await app.agent.get(`/api/tickets/${id}/steps/${place}`)).body as TicketContent;
  const before = new Map<number, TicketContent>();
  for (const { place } of steps) before.set(place, await contentAt(place));

  // As it was kept before.
  const run = (sql: string, bind: unknown[]) => app.sequelize.query(sql, { bind });
  const old = (content: TicketContent): object =>
    JSON.parse(
      JSON.stringify({
        ...content,
        chalked: undefined,
        cut: undefined,
        lays: Object.fromEntries(
          Object.entries(content.lays).map(([role, lay]) => [role, outlined(lay, ticket)]),
        ),
      }),
    ) as object;
  for (const { place } of steps) {
    const [from, to] = [before.get(place - 1), before.get(place)];
    if (!from || !to) continue;
    await run('UPDATE ticket_states SET back = $3, forth = $4 WHERE ticket_id = $1 AND place = $2', [
      id,
      place,
      JSON.stringify(jsonPatch.compare(old(to), old(from))),
      JSON.stringify(jsonPatch.compare(old(from), old(to))),
    ]);
  }
  const { lays } = old(ticket) as { lays: { outer: { placements: object[] } } };
  expect(Object.keys(lays.outer.placements[0] ?? {})).toContain('polygon');
  await run('UPDATE tickets SET lays = $2 WHERE id = $1', [id, JSON.stringify(lays)]);

  await app.sequelize.transaction((transaction) =>
    up({ context: { query: app.sequelize.getQueryInterface(), transaction }, name: 'again' }),
  );
  for (const [place, content] of before) {
    const again = await contentAt(place);
    expect([place, JSON.parse(figures(JSON.stringify(again)))]).toEqual([
      place,
      JSON.parse(figures(JSON.stringify(content))),
    ]);
  }
  // Undo and redo lead through them as before.
  await put('place', { place: ticket.history.place + 1 });
  expect(ticket.lays).toEqual({});
  await put('place', { place: ticket.history.place + 1 });
  expect(ticket.lays.outer?.fold).toBe('half');
});

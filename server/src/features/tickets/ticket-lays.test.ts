import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { laidOut } from '@ample-bolt/core/lay/model/laid-out';
import type { LayPiece } from '@ample-bolt/core/lay/model/layable';
import { planForWork } from '@ample-bolt/core/lay/plan/plan-lay';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { outerLay, ticketClient } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import type { ClothSharer, KnownCloth } from '@ample-bolt/core/messages/ticket-messages';
import type { TicketList } from '@ample-bolt/core/shop/ticket-list';

let app: TestApp;
beforeAll(async () => {
  app = await testApp('lays');
});
afterAll(() => app.close());

const read = async <T>(address: string): Promise<T> => (await app.agent.get(address)).body as T;

/** A lay of a ticket with another one, as the page would send it. */
async function together(first: Ticket, second: Ticket): Promise<Lay> {
  const own = await read<LayPiece[]>(`/api/tickets/${first.id}/cloths/outer/pieces`);
  const theirs = await read<LayPiece[]>(`/api/tickets/${second.id}/cloths/outer/pieces`);
  const [cloth] = first.cloths;
  if (!cloth) throw new Error('no cloth');
  const mine = own.map((piece) => ({ ...piece, id: piece.id.slice(`${first.number}:`.length) }));
  return planForWork(
    { pieces: [...mine, ...theirs], cloth, fold: 'open', seed: 1, shrinkPercent: 0, buyIn: 'yd' },
    3,
  );
}

const versionOf = ({ id, version }: Ticket) => ({ id, version });

describe('tickets of one cloth', () => {
  test('know each other, are laid together, bought for once, and each is chalked from its own part', async () => {
    const client = ticketClient(app);
    const [first, second] = [await client.measured(), await client.measured()];
    const sharers = await read<ClothSharer[]>(`/api/tickets/${first.id}/cloths/outer/sharers`);
    expect(sharers.find(({ id }) => id === second.id)).toMatchObject({
      number: second.number,
      chalked: false,
    });
    const lay = await together(first, second);
    const stored = await client.put(first, 'lay', {
      role: 'outer',
      lay: laidOut(lay),
      others: [versionOf(second)],
    });
    expect(stored.status).toBe(200);
    // Reckoned by the shop computer from where everything lies, it is what the plan came to.
    const { width, usable, length, buy, sections } = lay;
    expect(stored.body.lays.outer).toMatchObject({
      width,
      usable,
      length: expect.closeTo(length, 6) as unknown,
      buy,
      sections,
      utilisation: expect.closeTo(lay.utilisation, 9) as unknown,
      bound: expect.closeTo(lay.bound, 6) as unknown,
    });
    const other = await client.get(second.id);
    const [own, theirs] = [stored.body.lays.outer, other.lays.outer];
    if (!own || !theirs) throw new Error('not laid');
    expect(own.beside?.map(({ number }) => number)).toEqual([second.number]);
    expect([own.boughtBy, theirs.boughtBy]).toEqual([undefined, first.number]);
    expect([...theirs.placements, ...(theirs.beside ?? []).flatMap(({ placements }) => placements)]).toHaveLength(lay.placements.length); // prettier-ignore
    expect(other.marksInAll).toBeGreaterThan(0);
    const list = (await read<TicketList>('/api/tickets')).tickets;
    const toBuy = (id: string) => list.find((each) => each.id === id)?.toBuy;
    expect(toBuy(first.id)).toMatchObject([{ buy: lay.buy, with: [second.number] }]);
    expect(toBuy(second.id)).toEqual([]);
    // Undone on one, the other has to buy for itself.
    await client.put(stored.body, 'place', { place: stored.body.history.place - 1 });
    const after = (await read<TicketList>('/api/tickets')).tickets;
    expect(after.find((each) => each.id === second.id)?.toBuy).toHaveLength(1);
  });

  test('that are planned anew by themselves leave the others where they lie, without them, to buy for themselves', async () => {
    const client = ticketClient(app);
    const [first, second] = [await client.measured(), await client.measured()];
    const lay = await together(first, second);
    const shared = (
      await client.put(first, 'lay', { role: 'outer', lay: laidOut(lay), others: [versionOf(second)] })
    ).body;
    const before = (await client.get(second.id)).lays.outer;
    const alone = await client.put(shared, 'lay', { role: 'outer', lay: outerLay(first) });
    expect(alone.body.lays.outer?.beside).toBeUndefined();
    const after = (await client.get(second.id)).lays.outer;
    expect(after?.placements).toEqual(before?.placements);
    expect([after?.beside, after?.boughtBy]).toEqual([undefined, undefined]);
    expect(after?.length).toBeLessThanOrEqual(before?.length ?? NaN);
    const list = (await read<TicketList>('/api/tickets')).tickets;
    for (const { id } of [first, second])
      expect(list.find((each) => each.id === id)?.toBuy).toMatchObject([{ with: [] }]);
    // The lay that is left proves, and can be chalked.
    const left = await client.get(second.id);
    const { outer } = left.lays;
    if (!outer) throw new Error('not laid');
    const { role, fold, length, sections, placements, drawn } = outer;
    const lain = { role, fold, length, sections, placements, drawn };
    const chalked = await client.put(left, 'lay', { role, lay: lain });
    expect(chalked.status).toBe(200);
  });

  test('are stored all or none: one that was changed, is being chalked or does not fit keeps all as they were', async () => {
    const client = ticketClient(app);
    const [first, second] = [await client.measured(), await client.measured()];
    const lay = await together(first, second);
    const send = (others: readonly object[], sent: object = laidOut(lay)) =>
      client.put(first, 'lay', { role: 'outer', lay: sent, others });
    const stale = await send([{ id: second.id, version: second.version - 1 }]);
    expect([stale.status, stale.body.code, stale.body.field]).toEqual([422, 'share-changed', 'others']);
    // Its pieces on the other's: each would have its own, and neither could be cut.
    const told = laidOut(lay);
    const onEachOther = { ...told, placements: told.placements.map((each) => ({ ...each, x: 20, y: 0 })) };
    expect((await send([versionOf(second)], onEachOther)).body.code).toBe('lay-not-proved');
    expect((await send([{ id: first.id.replace(/^./, 'f').replace(/.$/, '0'), version: 1 }])).status).toBe(
      404,
    );
    const laid = (await client.put(second, 'lay', { role: 'outer', lay: outerLay(second) })).body;
    const chalked = await client.table(laid.id, { chalked: { 'bodice-front': 1 } });
    const refused = await send([versionOf(chalked)]);
    expect([refused.status, refused.body.code]).toEqual([422, 'being-chalked']);
    expect((await client.get(first.id)).lays).toEqual({});
    expect((await client.get(second.id)).lays.outer?.beside).toBeUndefined();
  });

  test('are only those of one bolt, width and nap, whatever it is called; a role that no cloth has is not found', async () => {
    const client = ticketClient(app);
    const first = await client.measured();
    const other = await client.measured();
    const outerOf = (bolt: string) => ({
      cloths: [{ role: 'outer', name: 'Test teal', bolt, width: '45in' }],
    });
    await client.put(other, 'cloths', outerOf('another teal'));
    const known = await read<KnownCloth[]>(`/api/tickets/${first.id}/cloths/outer/known`);
    expect(known.find(({ cloth }) => cloth.bolt === 'another teal')?.tickets).toEqual([other.number]);
    const sharers = await read<ClothSharer[]>(`/api/tickets/${first.id}/cloths/outer/sharers`);
    expect(sharers.map(({ id }) => id)).not.toContain(other.id);
    const both = await client.measured();
    const [outer] = both.cloths;
    const pinned = { role: 'lining', name: 'Twill', width: '45in', under: 'outer' };
    for (const each of [both, await client.measured()])
      await client.put(each, 'cloths', {
        cloths: [{ role: 'outer', name: outer?.name, width: '45in' }, pinned],
      });
    expect(await read(`/api/tickets/${both.id}/cloths/lining/sharers`)).toEqual([]);
    expect(await read(`/api/tickets/${first.id}/cloths/lining/sharers`)).toEqual([]);
    expect((await app.agent.get(`/api/tickets/${first.id}/cloths/sail/sharers`)).status).toBe(404);
  });
});

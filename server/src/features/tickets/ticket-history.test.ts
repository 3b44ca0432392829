import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import type { Ticket, TicketContent } from '@ample-bolt/core/shop/ticket';
import { plainLengths } from '@ample-bolt/core/units/format-length';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { measures, outerLay, ticketClient } from '../../testing/ticket-client.ts';

describe('the history of a ticket', () => {
  let app: TestApp;
  let client: ReturnType<typeof ticketClient>;
  beforeAll(async () => {
    app = await testApp('history');
    client = ticketClient(app);
  });
  afterAll(() => app.close());

  const goTo = (ticket: Ticket, place: number, more: object = {}) =>
    client.put(ticket, 'place', { place, ...more });
  const plain = (text: string | null) => text && plainLengths(text);

  test('every change is a step that can be undone and done again, and says what it was', async () => {
    const opened = (await client.open()).body;
    expect(opened.history).toEqual({ place: 0, undo: null, redo: null });
    const taken = (await client.put(opened, 'measures', { ...measures, values: { waist: '28 1/2' } })).body;
    const changed = (await client.put(taken, 'measures', { ...measures, values: { waist: '29' } })).body;
    expect(plain(changed.history.undo)).toBe('Waist: 28 1/2 in → 29 in');
    const undone = (await goTo(changed, 1)).body;
    expect(undone.measures.values['waist']?.typed).toBe('28 1/2 in');
    expect(plain(undone.history.redo)).toBe('Waist: 28 1/2 in → 29 in');
    expect(undone.version).toBe(changed.version + 1);
    const empty = (await goTo(undone, 0)).body;
    expect(empty.measures.values).toEqual({});
    expect(empty.history.undo).toBeNull();
    const again = (await goTo(empty, 2)).body;
    expect(again.measures.values['waist']?.typed).toBe('29 in');
  });

  test('measured anew, the set before stays with the client; undone, the newer one is gone, and comes back', async () => {
    const opened = (await client.open()).body;
    const sets = async () =>
      ((await app.agent.get(`/api/clients/${opened.client.id}/sets`)).body as ClientSet[]).map(
        ({ revision, takenBy, values }) => [revision, takenBy, values['waist']?.typed],
      );
    const first = (
      await client.put(opened, 'measures', {
        ...measures,
        takenOn: '2026-09-01',
        takenBy: 'Juno',
        undergarment: 'none',
        values: { waist: '28' },
      })
    ).body;
    const second = (
      await client.put(first, 'measures', {
        ...measures,
        anew: true,
        takenBy: 'Odile',
        values: { waist: '29' },
      })
    ).body;
    expect(second.measures).toMatchObject({ revision: 2, takenBy: 'Odile', undergarment: 'none' });
    expect(second.measures.takenOn).not.toBe('2026-09-01');
    expect(await sets()).toEqual([
      [2, 'Odile', '29 in'],
      [1, 'Juno', '28 in'],
    ]);
    const undone = (await goTo(second, 1)).body;
    expect(undone.measures).toMatchObject({ revision: 1, takenOn: '2026-09-01' });
    expect(await sets()).toEqual([[1, 'Juno', '28 in']]);
    const again = (await goTo(undone, 2)).body;
    expect(again.measures.values['waist']?.typed).toBe('29 in');
    expect(await sets()).toHaveLength(2);
  });

  test('a garment that fits is measured beside the body, and undone like it', async () => {
    const opened = (await client.open()).body;
    const garment = { values: { collar: '15 1/2', pleatDepth: '19mm' }, pleats: 2 };
    const taken = (await client.put(opened, 'measures', { ...measures, values: {}, garment })).body;
    expect(taken.measures.garment).toEqual({
      values: { collar: { mm: 393.7, typed: '15 1/2 in' }, pleatDepth: { mm: 19, typed: '19mm' } },
      pleats: 2,
    });
    expect(plain(taken.history.undo)).toContain('Collar, of the garment: not taken → 15 1/2 in');
    // A page that sends only the body leaves the garment as it was.
    const body = (await client.put(taken, 'measures', { ...measures, values: { waist: '28' } })).body;
    expect(body.measures.garment.pleats).toBe(2);
    const refused = await client.put(body, 'measures', {
      ...measures,
      garment: { values: { collar: 'wide' }, pleats: 0 },
    });
    expect([refused.status, refused.body.field]).toEqual([422, 'garment.collar']);
  });

  test('remarks are kept, said in the history, and undone', async () => {
    const opened = (await client.open()).body;
    expect(opened.remarks).toBe('');
    const { body: said } = await client.edit(opened, { remarks: 'Leans to the left' });
    expect([said.remarks, said.history.undo]).toEqual([
      'Leans to the left',
      'Remarks: none → Leans to the left',
    ]);
    expect((await goTo(said, 0)).body.remarks).toBe('');
    const long = await client.edit(said, { remarks: 'x'.repeat(4001) });
    expect([long.status, long.body.field]).toEqual([422, 'remarks']);
  });

  test('a new change after an undo forgets what was undone', async () => {
    const opened = (await client.open()).body;
    const first = (await client.put(opened, 'choices', { choices: { pegging: '1/2' } })).body;
    const undone = (await goTo(first, 0)).body;
    const other = (await client.put(undone, 'choices', { choices: { pegging: '2' } })).body;
    expect(other.history).toMatchObject({ place: 1, redo: null });
    const steps = (await app.agent.get(`/api/tickets/${opened.id}/steps`)).body as { place: number }[];
    expect(steps.map(({ place }) => place)).toEqual([0, 1]);
    const content = (await app.agent.get(`/api/tickets/${opened.id}/steps/1`)).body as TicketContent;
    expect(content.choices?.['pegging']?.typed).toBe('2 in');
  });

  test('a change that changes nothing is no step', async () => {
    const opened = (await client.open()).body;
    const first = (await client.put(opened, 'choices', { choices: { pegging: '1/2' } })).body;
    const same = (await client.put(first, 'choices', { choices: { pegging: '1/2' } })).body;
    expect(same.version).toBe(first.version);
  });

  test.each([['7'], ['-1'], ['x']])('a step %s that is not there is a plain not found', async (place) => {
    const opened = (await client.open()).body;
    expect((await app.agent.get(`/api/tickets/${opened.id}/steps/${place}`)).status).toBe(404);
  });

  describe('under the chalk', () => {
    const chalking = async () => {
      const ticket = await client.measured();
      const laid = (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket) })).body;
      return await client.table(laid.id, { chalked: { 'skirt-front': 6, 'skirt-back': 2 } });
    };

    test('pieces freeze with the first mark, and chalking is no step of its own', async () => {
      const ticket = await chalking();
      expect(ticket.frozen?.core).toMatch(/\d/);
      expect(ticket.history.undo).toContain('lay');
      const frozen = await app.agent.get(`/api/tickets/${ticket.id}/frozen`);
      expect((frozen.body as { pieces: unknown[] }).pieces).toHaveLength(12);
      const rubbed = await client.table(ticket.id, { chalked: {} });
      expect(rubbed.frozen).toBeNull();
      expect((await app.agent.get(`/api/tickets/${ticket.id}/frozen`)).status).toBe(404);
    });

    test('a change that redraws a chalked piece asks first, and says what is chalked and cut', async () => {
      const cut = await client.table((await chalking()).id, { cut: ['skirt-front'] });
      const asked = await client.put(cut, 'choices', { choices: { length: '40' } });
      expect(asked).toMatchObject({
        status: 423,
        type: 'application/problem+json',
        body: { code: 'frozen' },
      });
      expect(asked.body.detail).toContain('Already cut: skirt front.');
      expect(asked.body.detail).toContain('Already chalked: skirt back.');
      expect(asked.body.touched?.map(({ piece }) => piece)).toEqual(['skirt-front', 'skirt-back']);
      expect((await client.get(cut.id)).version).toBe(cut.version);
      const released = (await client.put(cut, 'choices', { choices: { length: '40' }, release: true })).body;
      expect([released.chalked, released.cut, released.frozen]).toEqual([{}, [], null]);
    });

    test('only the pieces that change lose their chalk', async () => {
      const begun = await chalking();
      const ticket = await client.table(begun.id, { chalked: { 'skirt-front': 6, 'bodice-back': 3 } });
      const released = (await client.put(ticket, 'choices', { choices: { length: '40' }, release: true }))
        .body;
      expect(released.chalked).toEqual({ 'bodice-back': 3 });
      expect(released.frozen).not.toBeNull();
    });

    test('a join that would draw a chalked facing anew is asked about; one that is not chalked is joined', async () => {
      const begun = await chalking();
      const joined = { cloths: [{ role: 'outer', name: 'Teal', width: '45in', joined: ['facing-front'] }] };
      const chalked = await client.table(begun.id, { chalked: { 'facing-front': 2 } });
      expect((await client.put(chalked, 'cloths', joined)).body).toMatchObject({
        status: 423,
        touched: [{ piece: 'facing-front', chalked: 2 }],
      });
      const other = await client.table(chalked.id, { chalked: { 'skirt-front': 2 } });
      const { status, body } = await client.put(other, 'cloths', joined);
      expect(status).toBe(200);
      expect(body.chalked).toEqual({ 'skirt-front': 2 });
      const frozen = await app.agent.get(`/api/tickets/${body.id}/frozen`);
      const { pieces } = frozen.body as { pieces: { piece: { id: string; cut: object } }[] };
      const facing = pieces.find(({ piece }) => piece.id === 'facing-front');
      expect(facing?.piece.cut).toEqual({ copies: 2, layers: 'pair' });
    });

    test('what draws no chalked piece anew goes through without asking', async () => {
      const ticket = await chalking();
      expect(
        (
          await client.put(ticket, 'cloths', {
            cloths: [{ role: 'outer', width: '45in', name: 'Teal' }],
          })
        ).status,
      ).toBe(200);
      const renamed = await app.agent
        .patch(`/api/tickets/${ticket.id}`)
        .send({ version: ticket.version + 1, title: 'Renamed' });
      expect(renamed.status).toBe(200);
    });

    test('undo under the chalk asks too, and leaves the chalk where the lay is the same', async () => {
      const ticket = await chalking();
      const renamed = (
        await app.agent.patch(`/api/tickets/${ticket.id}`).send({ version: ticket.version, title: 'Renamed' })
      ).body as Ticket;
      const undone = (await goTo(renamed, ticket.history.place)).body;
      expect(undone).toMatchObject({ title: 'Test dress', chalked: ticket.chalked });
      // Before it was laid nothing could be chalked: that asks, and what was chalked is there again with the lay.
      expect((await goTo(undone, 0)).body.code).toBe('frozen');
      const before = (await goTo(undone, 0, { release: true })).body;
      expect([before.chalked, before.lays, before.frozen]).toEqual([{}, {}, null]);
      const again = (await goTo(before, ticket.history.place)).body;
      expect([again.chalked, again.frozen !== null]).toEqual([ticket.chalked, true]);
    });
  });
});

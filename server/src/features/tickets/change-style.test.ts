import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { outerLay, ticketClient } from '../../testing/ticket-client.ts';

describe('another style for a ticket', () => {
  let app: TestApp;
  let client: ReturnType<typeof ticketClient>;
  beforeAll(async () => {
    app = await testApp('change_style');
    client = ticketClient(app);
  });
  afterAll(() => app.close());

  const agreed = async (): Promise<Ticket> => {
    const measured = await client.measured();
    return (await client.put(measured, 'choices', { choices: { neckDepthFront: '4' } })).body;
  };

  test('keeps the measures and the choices that it has too, lets go of the rest, and says so in the history', async () => {
    const ticket = await agreed();
    const { status, body } = await client.put(ticket, 'style', { styleId: 'waistcoat' });
    expect(status).toBe(200);
    expect(body).toMatchObject({ styleId: 'waistcoat', figures: {}, lays: {} });
    expect(Object.keys(body.choices ?? {})).toEqual(['neckDepthFront']);
    const tube = (await client.put(body, 'style', { styleId: 'tube-top' })).body;
    expect(tube.choices).toEqual({});
    expect(body.measures.values).toEqual(ticket.measures.values);
    expect(body.history.undo).toMatch(/^Style: Fitted dress → Waistcoat/);
  });

  test('that is not agreed yet stays so', async () => {
    const { body } = await client.put(await client.measured(), 'style', { styleId: 'waistcoat' });
    expect(body.choices).toBeNull();
  });

  test('is undone and done again, with the choices of each', async () => {
    const ticket = await agreed();
    const changed = (await client.put(ticket, 'style', { styleId: 'tube-top' })).body;
    const chosen = (await client.put(changed, 'choices', { choices: { topEdge: 'straight' } })).body;
    const back = (await client.put(chosen, 'place', { place: ticket.history.place })).body;
    expect(back.styleId).toBe('fitted-dress');
    expect(back.choices).toMatchObject({ neckDepthFront: { typed: '4 in' } });
    const again = (await client.put(back, 'place', { place: chosen.history.place })).body;
    expect(again).toMatchObject({ styleId: 'tube-top', choices: { topEdge: { option: 'straight' } } });
  });

  test('one that the book does not have is refused by name, and the same one changes nothing', async () => {
    const ticket = await client.measured();
    const { status, body } = await client.put(ticket, 'style', { styleId: 'toga' });
    expect([status, body.field]).toEqual([422, 'styleId']);
    const same = await client.put(ticket, 'style', { styleId: ticket.styleId });
    expect(same.body.version).toBe(ticket.version);
  });

  test('only the bodice exchanged, what is sewn on stays where the other takes it: of a dress its skirt, chosen or not', async () => {
    const dress = (
      await client.put(await client.measured(), 'choices', { choices: { collar: 'collar-stand' } })
    ).body;
    const princess = (await client.put(dress, 'style', { styleId: 'bustier-bodice', keepParts: true })).body;
    expect(princess.choices).toMatchObject({
      collar: { option: 'collar-stand' },
      skirt: { option: 'skirt-fitted' },
    });
    const tube = (await client.put(princess, 'style', { styleId: 'tube-top', keepParts: true })).body;
    expect(Object.keys(tube.choices ?? {})).toEqual(['skirt']);
  });

  test('once chalking has begun it asks first', async () => {
    const ticket = await agreed();
    const laid = (await client.put(ticket, 'lay', { role: 'outer', lay: outerLay(ticket) })).body;
    const chalked = await client.table(laid.id, { chalked: { 'bodice-front': 3 } });
    const { status, body } = await client.put(chalked, 'style', { styleId: 'waistcoat' });
    expect([status, body.code]).toEqual([423, 'frozen']);
    const released = await client.put(chalked, 'style', { styleId: 'waistcoat', release: true });
    expect(released.body).toMatchObject({ styleId: 'waistcoat', chalked: {} });
  });
});

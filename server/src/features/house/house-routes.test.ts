import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { ruleSet, rulesThatDiffer } from '@ample-bolt/core/rules/catalogue';
import { inches } from '@ample-bolt/core/units/length';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { ticketClient, type ProblemBody } from '../../testing/ticket-client.ts';
import type { House } from '@ample-bolt/core/messages/house-messages';

describe('the house’s rules', () => {
  let app: TestApp;
  let client: ReturnType<typeof ticketClient>;
  beforeAll(async () => {
    app = await testApp('house');
    client = ticketClient(app);
  });
  afterAll(() => app.close());
  const house = async () => (await app.agent.get('/api/house')).body as House;
  const set = async (rules: object, version?: number) => {
    const response = await app.agent
      .put('/api/house/rules')
      .send({ version: version ?? (await house()).version, unit: 'in', rules });
    return { status: response.status, body: response.body as House & ProblemBody };
  };

  test('a rule is read in any form, and null takes it back to its default', async () => {
    expect(
      (await set({ 'allowance.side': '3/4', 'waist.sideNip': '0.45', 'school.block': 'table' })).body.rules,
    ).toEqual({
      'allowance.side': inches(0.75),
      'waist.sideNip': 0.45,
      'school.block': 'table',
    });
    expect((await set({ 'waist.sideNip': null, 'school.block': null })).body.rules).toEqual({
      'allowance.side': inches(0.75),
    });
    await set({ 'allowance.side': null });
  });

  test.each([
    [{ 'allowance.side': 'wide' }, 'rules.allowance.side'],
    [{ 'allowance.side': '9' }, 'rules.allowance.side'],
    [{ 'waist.sideNip': 'x' }, 'rules.waist.sideNip'],
    [{ 'waist.sideNip': '' }, 'rules.waist.sideNip'],
    [{ 'school.block': 'guess' }, 'rules.school.block'],
    [{ 'sleeve.cap': '4' }, 'rules.sleeve.cap'],
  ])('%j is refused by name', async (rules, field) => {
    const { status, body } = await set(rules);
    expect([status, body.field]).toEqual([422, field]);
  });

  test('of two hands at once the second is told', async () => {
    const { version } = await house();
    const first = await set({ 'allowance.hem': '2 1/2' }, version);
    const second = await set({ 'allowance.hem': '3' }, version);
    expect([first.status, second.status]).toEqual([200, 409]);
    await set({ 'allowance.hem': null });
  });

  test('a ticket keeps the rules that it was opened with, and can take today’s', async () => {
    await set({ 'allowance.side': '3/4' });
    const ticket = await client.measured();
    await set({ 'allowance.side': '1 1/4', 'allowance.zip': '2' });
    const kept = await client.get(ticket.id);
    expect(kept.rules['allowance.side']).toBeCloseTo(19.05, 9);
    const today = ruleSet((await house()).rules);
    expect(rulesThatDiffer(ruleSet(kept.rules), today)).toEqual(['allowance.side', 'allowance.zip']);
    const taken = (
      await client.put(kept, 'rules', { rules: { 'allowance.side': null, 'allowance.zip': null } })
    ).body;
    expect(rulesThatDiffer(ruleSet(taken.rules), today)).toEqual([]);
    const own = (await client.put(taken, 'rules', { rules: { 'allowance.side': '1' } })).body;
    expect(own.rules['allowance.side']).toBeCloseTo(25.4, 9);
    expect((await client.put(own, 'rules', { rules: { 'allowance.side': 'x' } })).body.field).toBe(
      'rules.allowance.side',
    );
  });

  test('a figure by hand is stored with its reason; one that cannot be drawn is refused by name', async () => {
    const ticket = await client.measured();
    const set = await client.put(ticket, 'figures', {
      figures: { 'bodice-front/waist': { value: '10 1/2', why: 'long lunch' } },
    });
    expect(set.body.figures['bodice-front/waist']).toEqual({ mm: 266.7, why: 'long lunch' });
    for (const [id, value] of [
      ['bodice-front/elbow', '10'],
      ['bodice-front/bust-dart-leg', '4'],
      ['bodice-front/waist', '60'],
      ['bodice-front/waist', 'x'],
    ] as const) {
      const refused = await client.put(set.body, 'figures', { figures: { [id]: { value, why: '' } } });
      expect([refused.status, refused.body.field]).toEqual([422, `figures.${id}`]);
    }
    const back = await client.put(set.body, 'figures', { figures: { 'bodice-front/waist': null } });
    expect(back.body.figures).toEqual({});
  });

  test('a stop is signed off with a reason, and the sign-off can be taken back', async () => {
    const ticket = await client.measured();
    const key = 'round-differs bust bust';
    expect(
      (await client.put(ticket, 'sign-offs', { signedOff: { [key]: { why: ' ', found: 1 } } })).status,
    ).toBe(422);
    const signed = await client.put(ticket, 'sign-offs', {
      signedOff: { [key]: { why: 'She asked', found: 930 } },
    });
    expect(signed.body.signedOff[key]?.why).toBe('She asked');
    expect(
      (await client.put(signed.body, 'sign-offs', { signedOff: { [key]: null } })).body.signedOff,
    ).toEqual({});
  });
});

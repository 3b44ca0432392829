import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { styleFileOf } from '@ample-bolt/core/formats/style/write-style';
import type { HouseStyle } from '@ample-bolt/core/messages/style-messages';
import { inches } from '@ample-bolt/core/units/length';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { ticketClient, type ProblemBody } from '../../testing/ticket-client.ts';

const fileCalled = (name: string) =>
  styleFileOf(
    {
      unit: 'in',
      styleId: 'gathered-skirt',
      choices: {
        skirtLength: { mm: inches(31), typed: '31 in' },
        skirtRatio: { option: '2.5', typed: '2.5' },
      },
    },
    name,
  );

describe('the styles of the house', () => {
  let app: TestApp;
  beforeAll(async () => {
    app = await testApp('styles');
  });
  afterAll(() => app.close());
  const keep = async (file: object) => {
    const response = await app.agent.post('/api/styles').send({ file });
    return { status: response.status, body: response.body as HouseStyle & ProblemBody };
  };
  const list = async () => (await app.agent.get('/api/styles')).body as HouseStyle[];

  test('are kept under their names, with what a picture is drawn by, and taken out', async () => {
    expect(await list()).toEqual([]);
    const { status, body } = await keep(fileCalled(' Harvest skirt '));
    expect([status, body.file.name]).toEqual([201, 'Harvest skirt']);
    expect(await list()).toEqual([
      {
        id: body.id,
        file: fileCalled('Harvest skirt'),
        choices: { skirtLength: inches(31), skirtRatio: '2.5' },
        typed: { skirtLength: '31 in', skirtRatio: '2.5' },
      },
    ]);
    expect((await app.agent.delete(`/api/styles/${body.id}`)).status).toBe(204);
    expect((await app.agent.delete(`/api/styles/${body.id}`)).status).toBe(404);
    expect((await app.agent.delete('/api/styles/none')).status).toBe(404);
    expect(await list()).toEqual([]);
  });

  test('of one name there is one, however it is written, whoever comes first', async () => {
    const both = await Promise.all([keep(fileCalled('Sunday skirt')), keep(fileCalled('SUNDAY skirt'))]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 409]);
    expect(both.find(({ status }) => status === 409)?.body).toMatchObject({
      code: 'known-style',
      field: 'name',
    });
  });

  test.each([
    [{ ...fileCalled('A'), style: 'ball-gown' }, 'style'],
    [{ ...fileCalled('A'), choices: { skirtLength: 'long' } }, 'choices.skirtLength'],
    [{ ...fileCalled('A'), name: '' }, 'name'],
  ])('a file that cannot be read is refused by its field', async (file, field) => {
    const { status, body } = await keep(file);
    expect([status, body.field]).toEqual([422, field]);
  });

  test('a ticket that is opened in one has its choices, in whatever unit it is measured', async () => {
    const opened = await app.agent.post('/api/tickets').send({
      title: 'Harvest',
      client: { name: 'Vida of the styles', kind: 'adult' },
      dueOn: '2027-03-01',
      unit: 'cm',
      styleId: 'gathered-skirt',
      choices: fileCalled('x').choices,
    });
    const ticket = opened.body as { readonly choices: unknown };
    expect(ticket.choices).toEqual({
      skirtLength: { mm: inches(31), typed: '31 in' },
      skirtRatio: { option: '2.5', typed: '2.5' },
    });
    const wrong = await app.agent.post('/api/tickets').send({
      title: 'Harvest',
      client: { name: 'Vida of no style', kind: 'adult' },
      dueOn: '2027-03-01',
      unit: 'cm',
      styleId: 'gathered-skirt',
      choices: { skirtLength: 'long' },
    });
    expect([wrong.status, (wrong.body as ProblemBody).field]).toEqual([422, 'choices.skirtLength']);
    // Nothing is left of a ticket that could not be opened.
    const known = await app.agent.get('/api/clients');
    expect(JSON.stringify(known.body)).not.toContain('Vida of no style');
  });

  test('a ticket is made of one in a single step, in the place of what was chosen, and one undo brings that back', async () => {
    const client = ticketClient(app);
    const ticket = await client.measured();
    const chosen = (await client.put(ticket, 'choices', { choices: { pegging: '2' } })).body;
    const { typed } = (await keep(fileCalled('One step skirt'))).body;
    const { body } = await client.put(chosen, 'style', { styleId: 'gathered-skirt', choices: typed });
    expect([body.styleId, Object.keys(body.choices ?? {}).sort(), body.version]).toEqual([
      'gathered-skirt',
      ['skirtLength', 'skirtRatio'],
      chosen.version + 1,
    ]);
    const back = await client.put(body, 'place', { place: body.history.place - 1 });
    expect([back.body.styleId, back.body.choices]).toEqual([chosen.styleId, chosen.choices]);
    const wrong = await client.put(back.body, 'style', {
      styleId: 'gathered-skirt',
      choices: { skirtLength: 'long' },
    });
    expect([wrong.status, wrong.body.field]).toEqual([422, 'choices.skirtLength']);
  });
});

import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { checkKept } from '@ample-bolt/core/lay/proof/check-kept';
import type { LayRun, RunPlans } from '@ample-bolt/core/shop/lay-run';
import { layTaskOf } from '@ample-bolt/core/shop/lay-task';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { pino } from 'pino';
import { createApp } from '../../app.ts';
import { folderOutbox } from '../../outbox/outbox.ts';
import { ticketClient, type ProblemBody } from '../../testing/ticket-client.ts';
import { testApp, type TestApp } from '../../testing/test-app.ts';
import { draftTicket } from '../tickets/ticket-service.ts';
import { LayRunModel, LayShareModel } from '../../db/models/lay-run-model.ts';
import { LOST_AFTER } from '../../stores/lay-run-store.ts';
import { Interrupted, searchShare, type SharePorts } from './search-share.ts';

describe('long searches', () => {
  let app: TestApp;
  let tickets: ReturnType<typeof ticketClient>;
  let ticket: Ticket;
  beforeAll(async () => {
    app = await testApp('lay_runs');
    tickets = ticketClient(app);
    ticket = await tickets.measured();
  });
  afterAll(() => app.close());

  const address = (on: Pick<Ticket, 'id'> = ticket) => `/api/tickets/${on.id}/lay-runs`;
  const begin = async (body: object = {}, on: Pick<Ticket, 'id'> = ticket) => {
    const response = await app.agent
      .post(address(on))
      .send({ role: 'outer', folds: ['open', 'half'], seconds: 5, ...body });
    return { status: response.status, body: response.body as LayRun & ProblemBody };
  };
  const runs = async () => (await app.agent.get(address())).body as LayRun[];
  const only = async () => {
    const [run] = await runs();
    if (!run) throw new Error('no run');
    return run;
  };
  const stop = (run: LayRun) => app.agent.delete(`${address()}/${run.id}`);
  const plans = async (run: LayRun) => (await app.agent.get(`${address()}/${run.id}/plans`)).body as RunPlans;
  const sharesOf = (run: LayRun) =>
    LayShareModel.findAll({ where: { runId: run.id }, order: [['seed', 'ASC']] });
  const ports = (change: Partial<SharePorts> = {}): SharePorts => ({
    stopping: () => false,
    ring: (id) => app.bell.ring(id),
    ...change,
  });

  test('shares leave the queue, are searched at once, and their plans hold on the ticket’s cloth', async () => {
    const { status, body } = await begin();
    expect(status).toBe(201);
    expect(body).toMatchObject({ state: 'running', folds: ['open', 'half'], seconds: 5, spent: 0, found: 0 });
    const ended = new Promise<void>((resolve) => {
      let left = 2;
      void app.queue.take(async (share) => {
        await searchShare(app.stores, share, ports());
        if (--left === 0) resolve();
      });
    });
    await ended;
    await app.queue.close();
    const done = await only();
    expect(done).toMatchObject({ state: 'done', atOnce: 0, failure: null });
    expect(done.spent).toBeCloseTo(5, 1);
    expect(done.found).toBeGreaterThanOrEqual(2);
    const found = await plans(done);
    const [cloth] = ticket.cloths;
    if (!cloth) throw new Error('no cloth');
    const { pieces } = layTaskOf(ticket, (await draftTicket(ticket)).pieces, cloth, 'open', 1);
    for (const fold of ['open', 'half'] as const) {
      const lay = found[fold];
      if (!lay) throw new Error(`no plan for ${fold}`);
      expect(checkKept(lay, pieces, cloth)).toEqual([]);
    }
  });

  test('one search at a time for each cloth; stopped it keeps what it found and makes way for another', async () => {
    const first = (await begin({ seconds: 600 })).body;
    expect((await begin()).body).toMatchObject({ status: 409, code: 'already-searching' });
    const [share] = await sharesOf(first);
    if (!share) throw new Error('no share');
    const searching = searchShare(app.stores, share.id, ports());
    while ((await only()).found === 0) await new Promise((resolve) => setTimeout(resolve, 100));
    expect((await only()).atOnce).toBe(1);
    expect(((await stop(first)).body as LayRun).state).toBe('cancelled');
    await searching;
    expect(Object.keys(await plans(first))).toEqual(['open']);
    // What waited is passed over.
    const [, second] = await sharesOf(first);
    await searchShare(app.stores, second?.id ?? '', ports());
    expect((await second?.reload())?.spent).toBe(0);
    const next = await begin();
    expect(next.status).toBe(201);
    expect((await runs()).map(({ id }) => id)).toEqual([next.body.id]);
    await stop(next.body);
  });

  test('interrupted, a share waits to be taken up where it was left; a lost one is found', async () => {
    const run = (await begin({ folds: ['width'], seconds: 30 })).body;
    const [share] = await sharesOf(run);
    if (!share) throw new Error('no share');
    await expect(searchShare(app.stores, share.id, ports({ stopping: () => true }))).rejects.toThrow(
      Interrupted,
    );
    await share.reload();
    expect(share.state).toBe('waiting');
    expect(share.spent).toBeGreaterThan(0.5);
    expect((await only()).state).toBe('running');
    expect((await app.stores.layRuns.unfinishedShares()).waiting).toContain(share.id);
    await share.update({ spent: share.seconds - 0.2 });
    await searchShare(app.stores, share.id, ports());
    await share.reload();
    expect(share).toMatchObject({ state: 'done', starts: 2 });
    const [, lost] = await sharesOf(run);
    await lost?.update({ state: 'working', heardAt: new Date() });
    expect((await app.stores.layRuns.unfinishedShares()).lost).toEqual([]);
    await lost?.update({ heardAt: new Date(Date.now() - 2 * LOST_AFTER) });
    expect((await app.stores.layRuns.unfinishedShares()).lost).toEqual([lost?.id]);
    await stop(run);
  });

  test('a fault in the search is said, and fails the search alone', async () => {
    const run = (await begin()).body;
    const [share] = await sharesOf(run);
    const row = await LayRunModel.findByPk(run.id);
    if (!share || !row) throw new Error('no share');
    await row.update({ task: { ...row.task, cloth: { ...row.task.cloth, width: 10 } } });
    await searchShare(app.stores, share.id, ports());
    expect(await only()).toMatchObject({ state: 'failed' });
    expect((await only()).failure).toContain('too narrow');
  });

  test('bad input is refused by name', async () => {
    expect((await begin({ seconds: 1 })).body).toMatchObject({ status: 422, field: 'seconds' });
    expect((await begin({ folds: [] })).body).toMatchObject({ status: 422, field: 'folds' });
    expect((await begin({ role: 'lining' })).body).toMatchObject({ status: 422, code: 'no-cloth' });
    expect((await begin({ folds: ['four', 'cross'] })).body.status).toBe(422);
    const unmeasured = (await tickets.open()).body;
    await tickets.put(unmeasured, 'cloths', { cloths: [{ role: 'outer', name: 'Teal', width: '45in' }] });
    expect((await begin({}, unmeasured)).body).toMatchObject({ status: 422, code: 'not-measured' });
    const nowhere = '00000000-0000-4000-8000-000000000000';
    expect((await begin({}, { id: nowhere })).status).toBe(404);
    expect((await app.agent.get(`${address()}/${nowhere}/plans`)).status).toBe(404);
    expect((await app.agent.delete(`${address()}/nothing`)).status).toBe(404);
  });

  test('progress is pushed to whoever listens', async () => {
    const log = pino({ level: 'silent' });
    const served = createApp({ ...app, log, outbox: folderOutbox('/nowhere') }).listen(0, '127.0.0.1');
    await new Promise((resolve) => served.once('listening', resolve));
    const { port } = served.address() as AddressInfo;
    const heard: LayRun[][] = [];
    const call = http.get({ port, path: `${address()}/events` }, (response) => {
      response.setEncoding('utf8').on('data', (text: string) => {
        for (const line of text.split('\n'))
          if (line.startsWith('data: ')) heard.push(JSON.parse(line.slice(6)) as LayRun[]);
      });
    });
    while (heard.length === 0) await new Promise((resolve) => setTimeout(resolve, 20));
    const run = (await begin()).body;
    while (heard.at(-1)?.[0]?.id !== run.id) await new Promise((resolve) => setTimeout(resolve, 20));
    await stop(run);
    while (heard.at(-1)?.[0]?.state !== 'cancelled') await new Promise((resolve) => setTimeout(resolve, 20));
    expect(heard.length).toBeGreaterThanOrEqual(3);
    call.destroy();
    served.closeAllConnections();
    await new Promise((resolve) => served.close(resolve));
  });
});

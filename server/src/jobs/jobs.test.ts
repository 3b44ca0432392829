import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { randomUUID } from 'node:crypto';
import { testApp, type TestApp } from '../testing/test-app.ts';

const until = async (is: () => boolean) => {
  for (let wait = 0; wait < 400 && !is(); wait++) await new Promise((resolve) => setTimeout(resolve, 25));
  expect(is()).toBe(true);
};

describe('between processes', () => {
  let app: TestApp;
  beforeAll(async () => {
    app = await testApp('jobs');
  });
  afterAll(() => app.close());

  test('a share is offered once however often it is said, and taken once', async () => {
    const [first, second] = [randomUUID(), randomUUID()];
    await app.queue.offer([first, second]);
    await app.queue.offer([second, first]);
    const taken: string[] = [];
    await app.queue.take((share) => {
      taken.push(share);
      return Promise.resolve();
    });
    await until(() => taken.length >= 2);
    await new Promise((resolve) => setTimeout(resolve, 700));
    expect([...taken].sort()).toEqual([first, second].sort());
    await app.queue.close();
  });

  test('a share whose work was interrupted is offered again, also after the queue was closed over it', async () => {
    const share = randomUUID();
    await app.queue.offer([share]);
    let starts = 0;
    await app.queue.take(() => {
      starts++;
      return starts === 1 ? Promise.reject(new Error('asked to end')) : Promise.resolve();
    });
    await until(() => starts === 1);
    await app.queue.close();
    await app.queue.take((again) => {
      expect(again).toBe(share);
      starts++;
      return Promise.resolve();
    });
    await until(() => starts === 2);
    await app.queue.close();
  });

  test('the bell is heard by those who listen for that ticket, until they leave', async () => {
    const [own, other] = [randomUUID(), randomUUID()];
    let heard = 0;
    let others = 0;
    const leave = app.bell.listen(own, () => heard++);
    const leaveOther = app.bell.listen(other, () => others++);
    await app.bell.ring(own);
    await app.bell.ring(own);
    await until(() => heard === 2);
    expect(others).toBe(0);
    leave();
    await app.bell.ring(own);
    await app.bell.ring(other);
    await until(() => others === 1);
    expect(heard).toBe(2);
    leaveOther();
  });

  test('a connection that was lost is made again, and listeners are told to look', async () => {
    const ticket = randomUUID();
    let heard = 0;
    const leave = app.bell.listen(ticket, () => heard++);
    await app.bell.ring(ticket);
    await until(() => heard === 1);
    await app.sequelize.query(
      "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE query LIKE 'LISTEN%' OR query LIKE 'SELECT pg_notify%'",
    );
    await until(() => heard === 2);
    await app.bell.ring(ticket);
    await until(() => heard === 3);
    leave();
  });
});

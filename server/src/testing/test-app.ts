import { mkdtemp, rm } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import { pino } from 'pino';
import { QueryTypes, Sequelize } from 'sequelize';
import request from 'supertest';
import { createApp, createGuestApp } from '../app.ts';
import { connect } from '../db/connect.ts';
import { storesIn } from '../db/stores.ts';
import { migrate } from '../db/migrate.ts';
import type { Stores } from '../stores/stores.ts';
import { bell, type Bell } from '../jobs/bell.ts';
import { layQueue, type LayQueue } from '../jobs/lay-queue.ts';
import { folderOutbox } from '../outbox/outbox.ts';

export interface TestApp {
  readonly agent: ReturnType<typeof request>;
  /** What may be reached from outside the shop. */
  readonly guests: ReturnType<typeof request>;
  readonly sequelize: Sequelize;
  readonly stores: Stores;
  readonly queue: LayQueue;
  readonly bell: Bell;
  readonly close: () => Promise<void>;
}

/** The application on an empty, migrated database of its own in the run's PostgreSQL. */
export async function testApp(name: string): Promise<TestApp> {
  const base = process.env['TEST_DATABASE_URL'];
  if (!base) throw new Error('TEST_DATABASE_URL is missing: run the tests through npm test');
  const database = `test_${name}_${process.env['JEST_WORKER_ID'] ?? '1'}`;
  const admin = new Sequelize(base, { logging: false });
  await admin.query(`DROP DATABASE IF EXISTS ${database}`);
  await admin.query(`CREATE DATABASE ${database}`, { type: QueryTypes.RAW });
  await admin.close();
  const url = base.replace(/\/[^/]*$/, `/${database}`);
  const sequelize = connect(url);
  await migrate(sequelize);
  const folder = await mkdtemp(path.join(os.tmpdir(), 'ample-bolt-outbox-'));
  const ignore = () => undefined;
  const jobs = { queue: layQueue(url, ignore), bell: bell(url, ignore) };
  const dependencies = { sequelize, log: pino({ level: 'silent' }), outbox: folderOutbox(folder), ...jobs };
  const agent = request(createApp(dependencies));
  const guests = request(createGuestApp(dependencies));
  const close = async () => {
    await jobs.queue.close();
    await jobs.bell.close();
    await rm(folder, { recursive: true, force: true });
    await sequelize.close();
  };
  return { agent, guests, sequelize, stores: storesIn(sequelize), ...jobs, close };
}

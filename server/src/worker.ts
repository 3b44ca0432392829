import os from 'node:os';
import { pino } from 'pino';
import { readConfig } from './config/config.ts';
import { connect } from './db/connect.ts';
import { migrate } from './db/migrate.ts';
import { storesIn } from './db/stores.ts';
import { LOST_AFTER } from './stores/lay-run-store.ts';
import { searchShare } from './features/lay-runs/search-share.ts';
import { bell } from './jobs/bell.ts';
import { layQueue } from './jobs/lay-queue.ts';

// One process of several, on this machine or another, that take long searches for lays from the queue, one share at a time.
const config = readConfig(process.env);
const log = pino({ level: config.logLevel });
const sequelize = connect(config.databaseUrl);
await migrate(sequelize);
const stores = storesIn(sequelize);
const warn = (err: Error) => log.warn({ err }, 'the queue is out of reach; trying again');
const queue = layQueue(config.databaseUrl, warn);
const bells = bell(config.databaseUrl, warn);
// The page is answered before a search goes on.
os.setPriority(os.constants.priority.PRIORITY_BELOW_NORMAL);

let stopping = false;
/** Offers again what a killed process left, and what was never offered. */
async function revive(): Promise<void> {
  const { waiting, lost } = await stores.layRuns.unfinishedShares();
  for (const share of lost) await queue.giveBack(share);
  await queue.offer([...waiting, ...lost]);
}
const reviving = setInterval(() => void revive().catch(warn), LOST_AFTER);
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  clearInterval(reviving);
  await queue.close();
  await bells.close();
  await sequelize.close();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM', 'disconnect'] as const) process.on(signal, () => void stop());

await revive();
await queue.take((share) =>
  searchShare(stores, share, { stopping: () => stopping, ring: (ticketId) => bells.ring(ticketId) }),
);
process.send?.({ ready: true });

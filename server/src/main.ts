import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { createApp, createGuestApp } from './app.ts';
import { readConfig } from './config/config.ts';
import { connect } from './db/connect.ts';
import { migrate } from './db/migrate.ts';
import { storesIn } from './db/stores.ts';
import { loadDemo } from './demo/load-demo.ts';
import { draftInThreads } from './drafting/drafting.ts';
import { bell } from './jobs/bell.ts';
import { layQueue } from './jobs/lay-queue.ts';
import { folderOutbox } from './outbox/outbox.ts';
import { attachTape } from './tape/tape-hub.ts';

const config = readConfig(process.env);
const log = pino({ level: config.logLevel });
const sequelize = connect(config.databaseUrl);
const applied = await migrate(sequelize);
if (applied.length > 0) log.info({ applied }, 'database migrated');
if (config.loadDemo && (await loadDemo(storesIn(sequelize), new Date())))
  log.info('demo data loaded into the empty database');

const endThreads = draftInThreads(new URL('./drafting/drafting-work.js', import.meta.url));

const LOOPBACK = ['127.0.0.1', '::1', 'localhost'];
const { databaseUrl, webDir, publicUrl } = config;
const warn = (err: Error) => log.warn({ err }, 'the queue of long searches is out of reach');
const dependencies = {
  sequelize,
  log,
  webDir,
  publicUrl,
  outbox: folderOutbox(config.outboxDir),
  queue: layQueue(databaseUrl, warn),
  bell: bell(databaseUrl, warn),
};
const guests =
  config.guestPort === undefined
    ? undefined
    : createGuestApp(dependencies).listen(config.guestPort, config.host, (error?: Error) => {
        if (error) log.error({ err: error }, 'private links cannot be served on GUEST_PORT');
      });
const server = createApp(dependencies).listen(config.port, config.host, (error?: Error) => {
  if (error) {
    log.fatal({ err: error }, 'cannot listen');
    process.exit(1);
  }
  const { port } = server.address() as AddressInfo;
  if (!LOOPBACK.includes(config.host)) {
    log.warn(
      { host: config.host },
      'HOST is not loopback: everyone who reaches this address can read and change clients, measures and tickets; there is no login',
    );
  }
  log.info({ host: config.host, port }, 'ready');
  process.send?.({ ready: true, port });
});

const tape = attachTape(server);

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  tape.close();
  server.close();
  server.closeAllConnections();
  guests?.close();
  guests?.closeAllConnections();
  await dependencies.queue.close();
  await dependencies.bell.close();
  await endThreads();
  await sequelize.close();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM', 'disconnect'] as const) process.on(signal, () => void stop());

// npm start: everything that a fresh machine lacks, then PostgreSQL, the build, the server on one port, and the processes that search for lays.
import { spawn } from 'node:child_process';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { build } from './build.mjs';
import { ensurePackages } from './packages.mjs';
import { startPostgres } from './postgres.mjs';
import { root } from './run.mjs';

const GRACE = 8000;
/** Without it this machine only helps another one to search for lays. */
const isServing = process.env.SERVE !== '0';
let stopPostgres;
const children = new Set();
let stopping = false;

/** Asks a process to end, and makes it end when it takes too long. */
async function end(child) {
  const exited = new Promise((resolve) => child.once('exit', resolve));
  child.kill('SIGTERM');
  const force = setTimeout(() => child.kill('SIGKILL'), GRACE);
  await exited;
  clearTimeout(force);
}

async function shutdown(code) {
  if (stopping) return;
  stopping = true;
  await Promise.all([...children].map(end));
  await stopPostgres?.();
  process.exit(code);
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void shutdown(0));
// npm runs scripts through a shell that does not pass signals on: when it goes, so do we.
if (process.env.npm_lifecycle_event) {
  const parent = process.ppid;
  setInterval(() => {
    if (process.ppid !== parent) void shutdown(0);
  }, 500).unref();
}

const isFree = (port, host) =>
  new Promise((resolve) => {
    const probe = net.createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });

async function nextFreePort(wanted, host) {
  for (let port = wanted; port < wanted + 50; port++) if (await isFree(port, host)) return port;
  throw new Error(`No free port from ${wanted} to ${wanted + 49}; set PORT.`);
}

const dataFolder = process.env.DATA_DIR ? path.resolve(process.env.DATA_DIR) : path.join(root, 'data');

async function database() {
  if (process.env.DATABASE_URL) return process.env.DATABASE_URL;
  if (!isServing) throw new Error('SERVE=0 works for a shop elsewhere: set DATABASE_URL to its database.');
  const { url } = await startPostgres({
    folder: dataFolder,
    onStarted: (stop) => {
      stopPostgres = stop;
    },
    onExit: (code, log) => {
      if (stopping) return;
      console.error(`PostgreSQL stopped by itself (${code})\n${log}`);
      void shutdown(1);
    },
  });
  return url;
}

/** Starts one of our programs, detached so that the order of stopping is ours; resolves once it says that it is ready. */
function startProgram(name, databaseUrl, settings = {}) {
  const child = spawn(process.execPath, ['--enable-source-maps', path.join(root, `server/dist/${name}.js`)], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    detached: true,
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
      ...settings,
    },
  });
  children.add(child);
  child.once('exit', () => children.delete(child));
  return new Promise((resolve, reject) => {
    child.once('message', () => resolve(child));
    child.once('exit', (code) => reject(new Error(`The ${name} stopped (${code}).`)));
  });
}

/** Before a program is started again, ms: the longer the more often it could not be. */
const AGAIN = { first: 1000, most: 60_000 };

const startServer = (databaseUrl, host, port) =>
  startProgram('main', databaseUrl, {
    HOST: host,
    PORT: String(port),
    WEB_DIR: path.join(root, 'web/dist'),
    OUTBOX_DIR: process.env.OUTBOX_DIR ?? path.join(dataFolder, 'outbox'),
  });

const pause = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** A server that ends by itself is started again; pages wait for it meanwhile, and lose nothing. */
async function keepServing(first, databaseUrl, host, port) {
  let server = first;
  let wait = AGAIN.first;
  while (!stopping) {
    if (server) await new Promise((resolve) => server.once('exit', resolve));
    if (stopping) return;
    console.error(`The server stopped by itself; it is started again in ${wait / 1000} s.`);
    await pause(wait);
    if (stopping) return;
    server = await startServer(databaseUrl, host, port).catch((error) => {
      if (!stopping) console.error(error.message);
    });
    if (server) console.log('The server is there again.');
    wait = server ? AGAIN.first : Math.min(AGAIN.most, 2 * wait);
  }
}

/** How many processes search for lays: one is left for the page and the database. */
function workerCount() {
  const text = process.env.WORKERS;
  if (text === undefined) return Math.max(1, os.availableParallelism() - 1);
  const count = Number(text);
  if (text.trim() === '' || !Number.isInteger(count) || count < 0 || count > 64)
    throw new Error('WORKERS must be a whole number from 0 to 64');
  return count;
}

/** A worker that ends by itself is started again: what it was doing waits in the queue. */
async function keepWorking(databaseUrl) {
  let wait = AGAIN.first;
  while (!stopping) {
    const worker = await startProgram('worker', databaseUrl).catch((error) => {
      if (!stopping) console.error(error.message);
    });
    if (worker) await new Promise((resolve) => worker.once('exit', resolve));
    wait = worker ? AGAIN.first : Math.min(AGAIN.most, 2 * wait);
    await pause(wait);
  }
}

try {
  await ensurePackages();
  const [databaseUrl] = await Promise.all([database(), build()]);
  const workers = workerCount();
  if (!isServing) {
    console.log(`${workers} processes take long searches from the shop's queue  (Ctrl-C stops them)`);
  } else {
    const host = process.env.HOST ?? '127.0.0.1';
    const port = await nextFreePort(Number(process.env.PORT ?? 5173), host);
    const server = await startServer(databaseUrl, host, port);
    void keepServing(server, databaseUrl, host, port);
    console.log(
      `Ample Bolt is open at http://${host.includes(':') ? `[${host}]` : host}:${port}  (Ctrl-C closes it)`,
    );
  }
  for (let worker = 0; worker < workers; worker++) void keepWorking(databaseUrl);
} catch (error) {
  if (!stopping) console.error(error instanceof Error ? error.message : error);
  await shutdown(1);
}

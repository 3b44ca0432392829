// npm start: everything that a fresh machine lacks, then PostgreSQL, the build, and the server on one port.
import { spawn } from 'node:child_process';
import net from 'node:net';
import path from 'node:path';
import { build } from './build.mjs';
import { ensurePackages } from './packages.mjs';
import { startPostgres } from './postgres.mjs';
import { root } from './run.mjs';

const GRACE = 8000;
let stopPostgres;
let server;
let stopping = false;

async function shutdown(code) {
  if (stopping) return;
  stopping = true;
  if (server && server.exitCode === null && server.signalCode === null) {
    const exited = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    const force = setTimeout(() => server.kill('SIGKILL'), GRACE);
    await exited;
    clearTimeout(force);
  }
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

function startServer(databaseUrl, host, port) {
  server = spawn(process.execPath, ['--enable-source-maps', path.join(root, 'server/dist/main.js')], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    detached: true,
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      HOST: host,
      PORT: String(port),
      WEB_DIR: path.join(root, 'web/dist'),
      OUTBOX_DIR: process.env.OUTBOX_DIR ?? path.join(dataFolder, 'outbox'),
      LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
    },
  });
  return new Promise((resolve, reject) => {
    server.once('message', resolve);
    server.once('exit', (code) => {
      reject(new Error(`The server stopped (${code}).`));
      if (!stopping) void shutdown(1);
    });
  });
}

try {
  await ensurePackages();
  const [databaseUrl] = await Promise.all([database(), build()]);
  const host = process.env.HOST ?? '127.0.0.1';
  const port = await nextFreePort(Number(process.env.PORT ?? 5173), host);
  await startServer(databaseUrl, host, port);
  console.log(
    `Ample Bolt is open at http://${host.includes(':') ? `[${host}]` : host}:${port}  (Ctrl-C closes it)`,
  );
} catch (error) {
  if (!stopping) console.error(error instanceof Error ? error.message : error);
  await shutdown(1);
}

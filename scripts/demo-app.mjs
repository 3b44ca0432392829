import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { freePort, startPostgres } from './postgres.mjs';
import { root } from './run.mjs';

/** Runs `use` with the address of an application of its own and its database's: fresh, with the demo data, gone afterwards. */
export async function withDemoApp(use) {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'ample-bolt-demo-'));
  chmodSync(folder, 0o755);
  const port = await freePort();
  const base = `http://127.0.0.1:${port}`;
  const { url, stop } = await startPostgres({ folder: path.join(folder, 'database'), throwaway: true });
  const app = spawn(process.execPath, [path.join(root, 'scripts/start.mjs')], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: {
      ...process.env,
      PORT: String(port),
      DATABASE_URL: url,
      DATA_DIR: path.join(folder, 'data'),
      npm_lifecycle_event: '',
    },
  });
  const stopped = new Promise((resolve) => app.once('exit', resolve));
  try {
    await untilHealthy(base);
    return await use(base, url);
  } finally {
    app.kill('SIGTERM');
    await stopped;
    await stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function untilHealthy(base) {
  for (let wait = 0; wait < 1200; wait++) {
    const healthy = await fetch(`${base}/api/health`).then(
      (response) => response.ok,
      () => false,
    );
    if (healthy) return;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Error('the application did not start');
}

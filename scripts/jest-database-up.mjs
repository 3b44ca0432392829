import { chmodSync, mkdtempSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { startPostgres } from './postgres.mjs';

/** One throwaway cluster for a run of the server's tests. */
export default async function databaseUp() {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'ample-bolt-jest-'));
  chmodSync(folder, 0o755);
  const { url, stop } = await startPostgres({ folder, throwaway: true });
  process.env.TEST_DATABASE_URL = url;
  globalThis.testDatabase = { folder, stop };
}

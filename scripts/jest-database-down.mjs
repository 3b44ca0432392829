import { rmSync } from 'node:fs';

export default async function databaseDown() {
  const { folder, stop } = globalThis.testDatabase;
  await stop();
  rmSync(folder, { recursive: true, force: true });
}

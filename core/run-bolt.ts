import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { run } from './commands/run.ts';

export const root = path.resolve(import.meta.dirname, '..');
export const example = path.join(root, 'examples/lamp-bearer.json');

/** Runs a program of Node.js in a process of its own, for tests. */
export function runNode(program: string, ...args: string[]) {
  const env = { ...process.env, NODE_OPTIONS: '' };
  const { status, stdout, stderr } = spawnSync(process.execPath, [program, ...args], {
    encoding: 'utf8',
    env,
  });
  return { status, stdout, stderr };
}

/** Runs `bolt` here, for tests: a process for each would take longer than what it does. */
export function bolt(...args: string[]) {
  const printed = run(args);
  return { ...printed, json: () => JSON.parse(printed.stdout) as Record<string, unknown> };
}

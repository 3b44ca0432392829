import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { buildSync } from 'esbuild';

export const root = path.resolve(import.meta.dirname, '..');
export const example = path.join(root, 'examples/lamp-bearer.json');

let built: string | undefined;

/** The command line as one file: translated anew for every run it would take longer than what it runs. */
function builtOnce(): string {
  built ??= path.join(root, `node_modules/.cache/bolt-test/cli-${process.pid}.mjs`);
  buildSync({
    entryPoints: [path.join(root, 'core/cli.ts')],
    outfile: built,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    logLevel: 'error',
  });
  return built;
}

export function runNode(program: string, ...args: string[]) {
  const env = { ...process.env, NODE_OPTIONS: '' };
  const { status, stdout, stderr } = spawnSync(process.execPath, [program, ...args], {
    encoding: 'utf8',
    env,
  });
  return { status, stdout, stderr, json: () => JSON.parse(stdout) as Record<string, unknown> };
}

/** Runs `bolt` in a process of its own, for tests. */
export const bolt = (...args: string[]) => runNode(built ?? builtOnce(), ...args);

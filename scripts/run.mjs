import { spawn, spawnSync } from 'node:child_process';
import { closeSync, openSync, readFileSync } from 'node:fs';
import path from 'node:path';

export const root = path.resolve(import.meta.dirname, '..');

/** Runs a command to its end and throws with its output when it fails. */
export function runQuietly(command, args, options = {}) {
  const result = spawnSync(command, args, {
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'pipe'],
    ...options,
  });
  if (result.error) throw result.error;
  if (result.status !== 0)
    throw new Error(
      `${path.basename(command)} ${args.join(' ')} failed (${result.status})\n${result.stderr}${result.stdout}`,
    );
  return result.stdout;
}

/** Runs a command with its output shown; resolves to its exit code. */
export const runShown = (command, args, options = {}) =>
  new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'], ...options });
    child.once('error', reject);
    child.once('exit', (code) => resolve(code ?? 1));
  });

/** Like runShown, with the output shown in one piece once it ends: for a command that runs beside another. */
export async function runKept(file, command, args, options = {}) {
  const output = openSync(file, 'w');
  try {
    return await runShown(command, args, { stdio: ['ignore', output, output], ...options });
  } finally {
    closeSync(output);
    process.stdout.write(readFileSync(file, 'utf8'));
  }
}

/** Like runShown, with what was printed kept as well. */
export const runCaptured = (command, args, options = {}) =>
  new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let output = '';
    for (const [stream, shown] of [
      [child.stdout, process.stdout],
      [child.stderr, process.stderr],
    ]) {
      stream.setEncoding('utf8').on('data', (text) => {
        output += text;
        shown.write(text);
      });
    }
    child.once('error', reject);
    child.once('close', (code) => resolve({ code: code ?? 1, output }));
  });

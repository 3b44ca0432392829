import { existsSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { root, runShown } from './run.mjs';

const SKIPPED = new Set(['dist', 'node_modules']);

/** What runs by itself: the server, a search for lays, and the thread that drafts. */
const PROGRAMS = ['main', 'worker', 'drafting/drafting-work'];

const newest = (target) => {
  if (!existsSync(target)) return 0;
  const status = statSync(target);
  if (!status.isDirectory()) return status.mtimeMs;
  return readdirSync(target).reduce(
    (latest, name) => (SKIPPED.has(name) ? latest : Math.max(latest, newest(path.join(target, name)))),
    0,
  );
};

const isStale = (output, sources) =>
  !existsSync(path.join(root, output)) ||
  statSync(path.join(root, output)).mtimeMs <
    Math.max(...sources.map((source) => newest(path.join(root, source))));

/** Builds the web application and bundles the server, each only when its sources are newer. */
export async function build() {
  const jobs = [];
  if (isStale('web/dist/index.html', ['web', 'core/src', 'package-lock.json'])) {
    console.log('Building the web application');
    jobs.push(
      runShown(
        process.execPath,
        [path.join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
        { cwd: path.join(root, 'web') },
      ),
    );
  }
  if (
    PROGRAMS.some((name) =>
      isStale(`server/dist/${name}.js`, ['server/src', 'core/src', 'package-lock.json']),
    )
  ) {
    const flags = [
      '--bundle',
      '--platform=node',
      '--format=esm',
      '--target=node20',
      '--outdir=server/dist',
      '--sourcemap',
      '--packages=external',
    ];
    jobs.push(
      runShown(path.join(root, 'node_modules/.bin/esbuild'), [
        ...PROGRAMS.map((name) => `server/src/${name}.ts`),
        ...flags,
        '--alias:@ample-bolt/core=./core/src',
        '--log-level=error',
      ]),
    );
  }
  if ((await Promise.all(jobs)).some((code) => code !== 0)) throw new Error('The build failed.');
}

import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root, runQuietly, runShown } from './run.mjs';

/** Installs the npm packages of the lock file, unless they are there already. */
export async function ensurePackages() {
  const lock = createHash('sha256')
    .update(readFileSync(path.join(root, 'package-lock.json')))
    .digest('hex');
  const stamp = path.join(root, 'node_modules/.installed-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing packages (a minute or two, once)');
  if ((await runShown('npm', ['ci', '--no-audit', '--no-fund'])) !== 0)
    throw new Error('npm ci failed; is the package registry reachable?');
  writeFileSync(stamp, lock);
}

/** Installs Debian packages; the one thing here that needs root. */
export function installDebian(packages, why) {
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    throw new Error(
      `${why} is missing. Install it (on Debian: apt-get install ${packages.join(' ')}) and start again.`,
    );
  }
  console.log(`Installing ${packages.join(', ')} from Debian's packages (once)`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  runQuietly('apt-get', ['update', '-q'], { env });
  runQuietly(
    'apt-get',
    ['install', '-y', '-q', '--no-install-recommends', '-o', 'Dpkg::Options::=--force-confold', ...packages],
    { env },
  );
}

const CHROMIUM = '/usr/bin/chromium';

/** The browser that drives the interface tests. */
export function ensureChromium() {
  const chosen = process.env.CHROMIUM ?? CHROMIUM;
  if (!existsSync(chosen)) installDebian(['chromium'], 'Chromium');
  return chosen;
}

/** Before Debian's PostgreSQL is installed: no cluster of its own beside ours. */
export function installPostgres() {
  const settings = '/etc/postgresql-common/createcluster.conf';
  if (process.getuid?.() === 0 && !existsSync(settings)) {
    mkdirSync(path.dirname(settings), { recursive: true });
    writeFileSync(settings, 'create_main_cluster = false\n');
  }
  installDebian(['postgresql'], 'PostgreSQL');
}

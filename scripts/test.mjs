// npm test: installs what is missing, then types, formatting, dead code, lint, Jest and Playwright, and one closing line over all of it.
import { existsSync, mkdtempSync, readFileSync, rmSync, chmodSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { ensureChromium, ensurePackages } from './packages.mjs';
import { freePort } from './postgres.mjs';
import { root, runKept, runShown } from './run.mjs';

const bin = (name) => path.join(root, 'node_modules/.bin', name);
let passed = 0;
let failed = 0;

function count(name, good, bad, code) {
  passed += good;
  // A runner that failed without a failing test (a crash, a broken set-up) still counts as a failure.
  failed += code !== 0 && bad === 0 ? 1 : bad;
  console.log(
    `${name}: ${good} passed, ${bad} failed${code !== 0 && bad === 0 ? `, and ended with code ${code}` : ''}\n`,
  );
}

async function check(name, command, args) {
  const code = await runShown(command, args);
  count(name, code === 0 ? 1 : 0, code === 0 ? 0 : 1, code);
}

async function jest(folder) {
  const report = path.join(folder, 'jest.json');
  const flags = [
    '--experimental-vm-modules',
    '--no-warnings=ExperimentalWarning',
    path.join(root, 'node_modules/jest/bin/jest.js'),
  ];
  const code = await runKept(path.join(folder, 'jest.txt'), process.execPath, [
    ...flags,
    '--maxWorkers=1',
    '--json',
    `--outputFile=${report}`,
  ]);
  const results = existsSync(report)
    ? JSON.parse(readFileSync(report, 'utf8'))
    : { numPassedTests: 0, numFailedTests: 0 };
  count('Jest', results.numPassedTests, results.numFailedTests, code);
}

async function playwright(folder) {
  const report = path.join(root, 'test-results/playwright.json');
  rmSync(report, { force: true });
  const env = {
    ...process.env,
    CHROMIUM: ensureChromium(),
    E2E_PORT: String(await freePort()),
    E2E_DATA_DIR: path.join(folder, 'e2e'),
  };
  const code = await runShown(bin('playwright'), ['test'], { env });
  const { stats = { expected: 0, unexpected: 0 } } = existsSync(report)
    ? JSON.parse(readFileSync(report, 'utf8'))
    : {};
  count('Playwright', stats.expected, stats.unexpected, code);
}

await ensurePackages();
const folder = mkdtempSync(path.join(os.tmpdir(), 'ample-bolt-test-'));
chmodSync(folder, 0o755);
/** What needs no browser, one after the other. */
async function checks() {
  await check('Types', bin('tsc'), ['-b']);
  await check('Formatting', bin('prettier'), ['--check', '--log-level', 'warn', '--cache', '.']);
  await check('Dead code', bin('knip'), ['--no-progress']);
  await check('Lint', process.execPath, [
    bin('eslint'),
    '--cache',
    '--cache-location',
    'node_modules/.cache/eslint/',
    '--max-warnings',
    '0',
    '.',
  ]);
}

try {
  // Journeys wait for a page most of the time: beside them, and beside the checks before them, one processor runs everything else.
  await Promise.all([jest(folder), checks().then(() => playwright(folder))]);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;

// npm run bench: how fast the core drafts and lays, as medians and ratios of one run.
import path from 'node:path';
import { ensurePackages } from './packages.mjs';
import { root, runShown } from './run.mjs';

await ensurePackages();
process.exitCode = await runShown(process.execPath, ['--import', 'tsx', path.join(root, 'bench/bench.ts')]);

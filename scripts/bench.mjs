// npm run bench: how fast the core drafts and lays, how sound it is, how soon a page shows; medians and ratios of one run.
import path from 'node:path';
import { benchFirstLoad } from '../bench/first-load.mjs';
import { benchShop } from '../bench/shop.mjs';
import { withDemoApp } from './demo-app.mjs';
import { ensureChromium, ensurePackages } from './packages.mjs';
import { root, runShown } from './run.mjs';

await ensurePackages();
// With names (drafts, sketches, soundness, fuzz, continuity, garments, dissections, folds, or shop by itself) only those are measured.
const wanted = process.argv.slice(2);
const [first] = wanted;
if (first !== 'shop')
  process.exitCode = await runShown(process.execPath, [
    '--import',
    'tsx',
    path.join(root, 'bench/bench.ts'),
    ...wanted,
  ]);
if (first === undefined || first === 'shop') await withDemoApp(benchShop);
if (wanted.length > 0) process.exit();
const executablePath = ensureChromium();
const { chromium } = await import('@playwright/test');
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox'] });
try {
  await withDemoApp((base) => benchFirstLoad(browser, base));
} finally {
  await browser.close();
}

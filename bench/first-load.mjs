// What a browser fetches and how soon it paints: the Today page against an empty page from the same server.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from '../scripts/run.mjs';
import { median } from './median.mjs';

const ROUNDS = 7;

/** When something first shows, ms after the navigation began, in a window that has nothing in its cache. */
async function firstPaint(browser, address) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(address);
  const time = await page.evaluate(
    () =>
      new Promise((resolve) =>
        new PerformanceObserver((list) => resolve(list.getEntries()[0].startTime)).observe({
          type: 'paint',
          buffered: true,
        }),
      ),
  );
  await context.close();
  return time;
}

/** Scripts and styles that one page asks for, in bytes, as they are and zipped; the whole build beside them. */
async function loadedBytes(browser, address) {
  const context = await browser.newContext();
  const page = await context.newPage();
  const files = new Set();
  page.on('response', (response) => {
    const { pathname } = new URL(response.url());
    if (/\.(js|css)$/.test(pathname)) files.add(pathname);
  });
  await page.goto(address);
  await page.waitForLoadState('networkidle');
  await context.close();
  return [...files].map((file) => readFileSync(path.join(root, 'web/dist', file)));
}

export async function benchFirstLoad(browser, base) {
  const sum = (files, size) => files.reduce((total, file) => total + size(file), 0) / 1024;
  console.log('\nfirst load, scripts and styles:');
  for (const [name, address] of [
    ['Today', '/'],
    ['New ticket', '/tickets/new'],
  ]) {
    const files = await loadedBytes(browser, base + address);
    const [whole, zipped] = [sum(files, (file) => file.length), sum(files, (file) => gzipSync(file).length)];
    console.log(`  ${name}: ${files.length} files, ${whole.toFixed(0)} KiB, ${zipped.toFixed(0)} KiB zipped`);
  }
  const paints = { page: [], empty: [] };
  for (let round = 0; round < ROUNDS; round++) {
    paints.empty.push(await firstPaint(browser, `${base}/api/health`));
    paints.page.push(await firstPaint(browser, `${base}/`));
  }
  const [page, empty] = [median(paints.page), median(paints.empty)];
  console.log(
    `first paint of Today: median ${page.toFixed(0)} ms, ${(page / empty).toFixed(1)} times that of a bare answer from the same server (${empty.toFixed(0)} ms)`,
  );
}

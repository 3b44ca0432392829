// npm run screenshots: renews docs/screenshots from the demo data of a fresh database.
import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { ensureChromium, ensurePackages } from './packages.mjs';
import { freePort } from './postgres.mjs';
import { root } from './run.mjs';

await ensurePackages();
const executablePath = ensureChromium();
const { chromium } = await import('@playwright/test');
const folder = mkdtempSync(path.join(os.tmpdir(), 'ample-bolt-shots-'));
chmodSync(folder, 0o755);
const port = await freePort();
const base = `http://127.0.0.1:${port}`;
const app = spawn(process.execPath, [path.join(root, 'scripts/start.mjs')], {
  cwd: root,
  stdio: ['ignore', 'inherit', 'inherit'],
  env: { ...process.env, PORT: String(port), DATA_DIR: path.join(folder, 'data'), npm_lifecycle_event: '' },
});
const stopped = new Promise((resolve) => app.once('exit', resolve));

async function untilHealthy() {
  for (let wait = 0; wait < 1200; wait++) {
    if (
      await fetch(`${base}/api/health`).then(
        (response) => response.ok,
        () => false,
      )
    )
      return;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Error('the application did not start');
}

/** Name of the picture, address, and what must be in sight before it is taken. */
const views = (id) => [
  ['today', '/', 'text=At the table'],
  ['measure', `/tickets/${id('Lantern')}/measure`, 'text=needed for this style'],
  ['style', `/tickets/${id('Choir')}/style`, 'text=Ease, finished'],
  ['figures', `/tickets/${id('Lamp')}/figures`, 'text=Neck, out'],
  ['draft', `/tickets/${id('Lamp')}/draft`, 'text=seams true'],
  ['lay', `/tickets/${id('Lamp')}/lay`, 'text=cut off here'],
  ['chalk', `/tickets/${id('Lamp')}/chalk`, 'text=Marked'],
];

try {
  await untilHealthy();
  const tickets = await (await fetch(`${base}/api/tickets`)).json();
  const id = (title) => tickets.find((ticket) => ticket.title.startsWith(title)).id;
  const browser = await chromium.launch({ executablePath, args: ['--no-sandbox'] });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  for (const [name, address, sign] of views(id)) {
    await page.goto(base + address);
    await page.locator(sign).first().waitFor();
    await page.waitForTimeout(name === 'lay' ? 4500 : 800);
    await page.screenshot({ path: path.join(root, `docs/screenshots/${name}.png`) });
  }
  await browser.close();
} finally {
  app.kill('SIGTERM');
  await stopped;
  rmSync(folder, { recursive: true, force: true });
}

import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { expect, test, type APIRequestContext } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { ticketId } from './ticket.ts';

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = net.createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** A shop of its own, that can be stopped and started again as by a power cut that the clock announced. */
async function shop() {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'ample-bolt-search-'));
  chmodSync(folder, 0o755);
  const port = await freePort();
  const base = `http://127.0.0.1:${port}`;
  let running: ChildProcess | undefined;
  const stop = async () => {
    const child = running;
    if (!child) return;
    running = undefined;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await gone;
  };
  const start = async (request: APIRequestContext) => {
    const env = {
      ...process.env,
      PORT: String(port),
      DATA_DIR: path.join(folder, 'data'),
      npm_lifecycle_event: '',
    };
    running = spawn(process.execPath, ['scripts/start.mjs'], { env, stdio: 'ignore' });
    await expect
      .poll(
        () =>
          request.get(`${base}/api/health`).then(
            (answer) => answer.ok(),
            () => false,
          ),
        { timeout: 60_000 },
      )
      .toBe(true);
  };
  const close = async () => {
    await stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { base, start, stop, close };
}

test('a long search goes on while the page is closed and after the shop is started again, and is stopped', async ({
  page,
  request,
}) => {
  test.setTimeout(180_000);
  const own = await shop();
  try {
    await own.start(request);
    const id = await ticketId(request, 'Ferry-day', own.base);
    const station = `${own.base}/tickets/${id}/lay`;
    await page.goto(station);
    await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Look longer' }).click();
    await expectNoViolation(page, 'a long search is offered');
    await page.getByRole('button', { name: '10 min' }).click();
    const status = page.getByRole('status').filter({ hasText: /of 10 min/ });
    await expect(status).toBeVisible({ timeout: 30_000 });
    await expect(status).toHaveText(/[1-9]\d* better/, { timeout: 30_000 });
    await expectNoViolation(page, 'a long search');
    const bar = page.getByRole('progressbar', { name: 'The long search' });
    const done = Number(await bar.getAttribute('aria-valuenow'));

    // The page is closed, and the shop stopped in the middle of it.
    await page.goto('about:blank');
    await own.stop();
    await own.start(request);
    await page.goto(station);
    // It goes on from what was done, with what was found.
    await expect
      .poll(async () => Number(await bar.getAttribute('aria-valuenow')), { timeout: 45_000 })
      .toBeGreaterThan(done + 2);
    await expect(status).toHaveText(/[1-9]\d* better/);

    await page.getByRole('button', { name: 'Stop looking' }).click();
    await expect(page.getByText(/stopped after .* better/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Look longer' })).toBeVisible();
    // What it found is among the plans, and holds.
    await expect(page.getByText(/proved: all inside/)).toBeVisible({ timeout: 30_000 });
    await expect(page.getByRole('button', { name: 'Take this plan' })).toBeEnabled();
  } finally {
    await own.close();
  }
});

import { expect, test } from '@playwright/test';
import { ticketId } from './ticket.ts';

test('a page that is loaded again without a network shows the ticket at the table as it was, and what is chalked then is counted', async ({
  browser,
  request,
  baseURL,
}) => {
  const context = await browser.newContext({ baseURL: baseURL ?? '', serviceWorkers: 'allow' });
  const page = await context.newPage();
  const id = await ticketId(request, 'Lamp');
  await page.goto(`/tickets/${id}/chalk`);
  await expect(page.getByRole('button', { name: /^Marked/ })).toBeVisible();
  await page.waitForFunction(async () => {
    await navigator.serviceWorker.ready;
    return (await (await caches.open('application')).keys()).length > 20;
  });
  // Once more under its care, so that what the page reads is kept.
  await page.reload();
  const words = await page.getByRole('heading', { level: 1 }).innerText();
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(words);
  await page.getByRole('button', { name: /^Marked/ }).click();
  await expect(page.getByText('1 change waits on this device')).toBeVisible();
  await page.reload();
  await expect(page.getByText('1 change waits on this device')).toBeVisible();
  await page.goto(`/tickets/${id}/measure`);
  await expect(page.getByRole('navigation', { name: 'Measures' })).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('waits on this device')).toBeHidden();
  await context.close();
});

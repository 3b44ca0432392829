import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { ticketId } from './ticket.ts';

const stations = ['measure', 'style', 'figures', 'draft', 'lay', 'chalk'] as const;

test('no page breaks an accessibility rule or the content policy', async ({ page, request }) => {
  test.setTimeout(90_000);
  const faults: string[] = [];
  page.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
  page.on('pageerror', (error) => faults.push(error.message));
  const id = await ticketId(request, 'Lamp-bearer');
  for (const address of [
    '/',
    '/tickets',
    '/tickets/new',
    '/people',
    ...stations.map((station) => `/tickets/${id}/${station}`),
  ]) {
    await page.goto(address);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await page.waitForTimeout(400);
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map(({ id: rule, nodes }) => `${address} ${rule} ${nodes[0]?.html ?? ''}`)).toEqual([]);
  }
  expect(faults).toEqual([]);
});

test('stations and units have keys, and no key acts while typing', async ({ page, request }) => {
  const id = await ticketId(request, 'Harbour-office');
  await page.goto(`/tickets/${id}/figures`);
  await expect(page.getByRole('row', { name: /^Hip line|^Bust line/ }).first()).toContainText('cm');
  await page.keyboard.press('u');
  await expect(page.getByRole('row', { name: /^Bust line/ }).first()).toContainText('in');
  await page.keyboard.press('u');
  await expect(page.getByRole('row', { name: /^Bust line/ }).first()).toContainText('cm');
  await page.keyboard.press('[');
  await expect(page).toHaveURL(/style$/);
  await page.getByLabel('Pegging').fill('2');
  await page.getByLabel('Pegging').press(']');
  await expect(page).toHaveURL(/style$/);
});

test('a piece on the lay is reached and read by keyboard', async ({ page, request }) => {
  const id = await ticketId(request, 'Lamp-bearer');
  await page.goto(`/tickets/${id}/lay`);
  const piece = page.getByRole('button', { name: 'Skirt front 1' });
  await piece.focus();
  await page.keyboard.press('Enter');
  await expect(piece).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('From the start', { exact: true })).toBeVisible();
});

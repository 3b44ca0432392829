import { expect, test } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { openEase, openSlot, ticketId } from './ticket.ts';

const stations = ['measure', 'style', 'figures', 'draft', 'lay', 'chalk'] as const;

test('no page breaks an accessibility rule or the content policy', async ({ page, request }) => {
  test.setTimeout(300_000);
  const faults: string[] = [];
  page.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
  page.on('pageerror', (error) => faults.push(error.message));
  const id = await ticketId(request, 'Lamp-bearer');
  const frozen = await ticketId(request, 'Harbour-master');
  for (const address of [
    '/',
    `/tickets/${frozen}/chalk`,
    '/tickets',
    '/tickets/new',
    '/people',
    '/house',
    '/outbox',
    '/tape',
    `/tickets/${id}/measure?of=garment`,
    `/tickets/${id}/rules`,
    `/tickets/${id}/versions`,
    ...stations.map((station) => `/tickets/${id}/${station}`),
  ]) {
    await page.goto(address);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await page.waitForTimeout(400);
    await expectNoViolation(page, address);
  }
  expect(faults).toEqual([]);
});

test('no sheet laid over a page breaks an accessibility rule, and each is put away by keyboard', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Harbour-master');
  await page.goto(`/tickets/${id}/figures`);
  await expect(page.getByRole('row', { name: /^Bust line/ }).first()).toBeVisible();
  for (const [key, title] of [
    ['?', 'Keys on this page'],
    ['/', 'Find a ticket'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.getByRole('dialog', { name: title })).toBeVisible();
    await expectNoViolation(page, key);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  // The figure opened, with its form.
  await page
    .getByRole('row', { name: /^Shoulder, across/ })
    .getByRole('button')
    .press('Enter');
  await expectNoViolation(page, 'figure');
  await page.goto(`/tickets/${id}/draft`);
  await page.getByLabel('beside').selectOption('school');
  await expect(page.getByRole('columnheader', { name: /dashed/ })).toBeVisible();
  await expectNoViolation(page, 'schools');
  await page.goto(`/tickets/${id}/style`);
  await openEase(page);
  await page.getByLabel('Ease at bust').fill('4');
  await page.getByLabel('Ease at bust').press('Enter');
  await expect(page.getByRole('alertdialog')).toBeVisible();
  await expectNoViolation(page, 'question');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('alertdialog')).toBeHidden();
});

test('single letters can be turned off, and the keys of a page are listed', async ({ page, request }) => {
  const id = await ticketId(request, 'Lamp-bearer');
  await page.goto(`/tickets/${id}/figures`);
  await expect(page.getByRole('row', { name: /^Bust line/ }).first()).toBeVisible();
  await page.keyboard.press('?');
  const list = page.getByRole('dialog', { name: 'Keys on this page' });
  await expect(list).toContainText('the working of the figure in focus');
  await list.getByRole('checkbox', { name: /Single letters/ }).uncheck();
  await page.keyboard.press('Escape');
  await page.keyboard.press(']');
  await expect(page).toHaveURL(/figures$/);
  await page.getByRole('button', { name: 'Keys' }).click();
  await list.getByRole('checkbox', { name: /Single letters/ }).check();
  await page.keyboard.press('Escape');
  await page.keyboard.press(']');
  await expect(page).toHaveURL(/draft$/);
});

test('stations and units have keys, and no key acts while typing', async ({ page, request }) => {
  const id = await ticketId(request, 'Harbour-office');
  await page.goto(`/tickets/${id}/figures`);
  await expect(page.getByRole('row', { name: /^Hip line|^Bust line/ }).first()).toContainText(/\d cm/);
  await page.keyboard.press('u');
  await expect(page.getByRole('row', { name: /^Bust line/ }).first()).toContainText(/\d in/);
  await page.keyboard.press('u');
  await expect(page.getByRole('row', { name: /^Bust line/ }).first()).toContainText(/\d cm/);
  await page.keyboard.press('[');
  await expect(page).toHaveURL(/style$/);
  await openSlot(page, 'Skirt');
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

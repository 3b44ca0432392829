import { expect, test, type Page } from '@playwright/test';
import { chooseMeasure, openTicket, ticketId } from './ticket.ts';

async function takeWaist(page: Page) {
  await chooseMeasure(page, 'Waist', 'to take');
  await page.getByRole('textbox', { name: 'Waist', exact: true }).fill('29');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
}

test('what is typed survives a reload before it is sent', async ({ page }) => {
  await page.goto('/tickets/new');
  await page.getByLabel('Client').fill('Tansy Brook');
  await page.getByLabel('What is made').fill('Half-written');
  await page.reload();
  await expect(page.getByLabel('Client')).toHaveValue('Tansy Brook');
  await expect(page.getByLabel('What is made')).toHaveValue('Half-written');
});

test('an empty form says what is missing', async ({ page }) => {
  await page.goto('/tickets/new');
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  await expect(page.getByText('Write the client’s name.')).toBeVisible();
  await expect(page.getByText('Give it a name')).toBeVisible();
});

test('a measure that could not be sent is kept, said, and sent again', async ({ page }) => {
  await openTicket(page, 'Tansy Brook', 'Dress in a storm');
  await page.route('**/measures', (route) => route.abort());
  await chooseMeasure(page, 'Waist', 'to take');
  await page.getByRole('textbox', { name: 'Waist', exact: true }).fill('29');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('does not answer');
  await page.unroute('**/measures');
  await page.reload();
  await expect(page.getByText('kept here, not stored yet')).toBeVisible();
  await chooseMeasure(page, 'Waist', '29');
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
});

test('words about a set that could not be sent are kept over a reload, and stored when their field is left', async ({
  page,
}) => {
  await openTicket(page, 'Tansy Brook', 'Dress in a second storm');
  await takeWaist(page);
  const card = page.getByRole('region', { name: 'This set of measures' });
  const takenBy = page.getByRole('dialog').getByLabel('Taken by');
  await page.route('**/measures', (route) => route.abort());
  await card.getByRole('button', { name: 'How taken' }).click();
  await takenBy.fill('Odile');
  await takenBy.press('Tab');
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('does not answer');
  await page.unroute('**/measures');
  await page.reload();
  await expect(card).toContainText('Taken');
  await expect(card).not.toContainText('by Odile');
  await card.getByRole('button', { name: 'How taken' }).click();
  await expect(takenBy).toHaveValue('Odile');
  await takenBy.focus();
  await takenBy.press('Tab');
  await page.keyboard.press('Escape');
  await expect(card).toContainText('by Odile');
  await page.reload();
  await expect(card).toContainText('by Odile');
});

test('words about a set are stored when the sheet is closed over them', async ({ page }) => {
  await openTicket(page, 'Tansy Brook', 'Dress in haste');
  await takeWaist(page);
  const card = page.getByRole('region', { name: 'This set of measures' });
  await card.getByRole('button', { name: 'How taken' }).click();
  await page.getByRole('dialog').getByLabel('Taken by').fill('Odile');
  await page.keyboard.press('Escape');
  await expect(card).toContainText('by Odile');
});

test('a change made elsewhere is not overwritten', async ({ page, request }) => {
  await openTicket(page, 'Tansy Brook', 'Dress for two hands');
  const id = await ticketId(request, 'Dress for two hands');
  const { version } = (await (await request.get(`/api/tickets/${id}`)).json()) as { version: number };
  await request.patch(`/api/tickets/${id}`, { data: { version, title: 'Dress, renamed elsewhere' } });
  await chooseMeasure(page, 'Waist', 'to take');
  await page.getByRole('textbox', { name: 'Waist', exact: true }).fill('29');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('changed elsewhere');
  await expect(page.getByRole('heading', { name: 'Dress, renamed elsewhere' })).toBeVisible();
  await page.getByRole('button', { name: 'Send again' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
});

test('lists say when the shop computer does not answer, and try again', async ({ page }) => {
  await page.route('**/api/tickets', (route) =>
    route.fulfill({
      status: 503,
      contentType: 'application/problem+json',
      body: '{"detail":"The database does not answer.","code":"no-database"}',
    }),
  );
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText('The database does not answer.');
  await page.unroute('**/api/tickets');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('Lamp-bearer’s gown')).toBeVisible();
});

test('a new installation greets with one clear next step', async ({ page }) => {
  await page.route('**/api/tickets', (route) => route.fulfill({ json: [] }));
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'The table is clear' })).toBeVisible();
  await page.getByRole('link', { name: 'Open the first ticket' }).click();
  await expect(page.getByRole('heading', { name: 'New ticket' })).toBeVisible();
});

test('an unknown ticket is said to be unknown', async ({ page }) => {
  await page.goto('/tickets/00000000-0000-4000-8000-000000000000/measure');
  await expect(page.getByRole('alert')).toContainText('no such ticket');
});

test('a measure stays in hand while it is typed, figure by figure', async ({ page }) => {
  await openTicket(page, 'Tansy Brook', 'Dress typed slowly');
  await page.getByRole('textbox', { name: 'Shoulder', exact: true }).pressSequentially('15 1/2');
  await expect(page.getByRole('textbox', { name: 'Shoulder', exact: true })).toHaveValue('15 1/2');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('navigation', { name: 'Measures' }).getByRole('button', { name: /^Shoulder 15/ }),
  ).toBeVisible();
});

test('without a network what is typed is kept, said, and sent when it is back', async ({ page, context }) => {
  await openTicket(page, 'Tansy Brook', 'Dress without a network');
  await context.setOffline(true);
  await expect(page.getByText('No network.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Shoulder', exact: true }).fill('15');
  await page.keyboard.press('Enter');
  await expect(page.getByText('kept here, not stored yet')).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('No network.')).toBeHidden();
  await page.getByRole('button', { name: 'Send again' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
});

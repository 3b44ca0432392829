import type { Ticket } from '@ample-bolt/core/shop/ticket';
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
  await page.getByRole('combobox', { name: 'Client' }).fill('Tansy Brook');
  await page.getByLabel('What is made').fill('Half-written');
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'Client' })).toHaveValue('Tansy Brook');
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
  await expect(page.getByRole('alert')).toContainText('1 change waits on this device');
  // It goes out by itself, whichever page is open by then.
  await page.reload();
  await expect(
    page.getByRole('navigation', { name: 'Measures' }).getByRole('button', { name: /^Waist 29/ }),
  ).toBeVisible();
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
  await expect(page.getByRole('dialog')).toContainText('does not answer');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('alert')).toContainText('1 change waits on this device');
  await expect(card).not.toContainText('by Odile');
  await page.unroute('**/measures');
  await page.reload();
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

test('a change elsewhere is kept beside one here; in one field both are shown, and somebody says which holds', async ({
  page,
  request,
}) => {
  await openTicket(page, 'Tansy Brook', 'Dress for two hands');
  const id = await ticketId(request, 'Dress for two hands');
  const stored = async () => (await (await request.get(`/api/tickets/${id}`)).json()) as Ticket;
  // What the page itself still sends may come first: the other hand then looks again, as a person would.
  const elsewhere = (part: string, body: object) =>
    expect(async () => {
      const { version } = await stored();
      const answer = await request.patch(`/api/tickets/${id}${part}`, { data: { version, ...body } });
      expect(answer.status()).toBe(200);
    }).toPass({ timeout: 10_000 });
  const waist = page.getByRole('textbox', { name: 'Waist', exact: true });
  const take = async (text: string) => {
    await waist.fill(text);
    await page.keyboard.press('Enter');
  };
  await elsewhere('', { title: 'Dress, renamed elsewhere' });
  await chooseMeasure(page, 'Waist', 'to take');
  await take('29');
  await expect(page.getByRole('heading', { name: 'Dress, renamed elsewhere' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
  expect(await stored()).toMatchObject({
    title: 'Dress, renamed elsewhere',
    measures: { values: { waist: { typed: '29 in' } } },
  });

  const asked = page.getByRole('alert', { name: 'Changed by two hands' });
  const list = page.getByRole('navigation', { name: 'Measures' });
  const two = async () => {
    await expect(list.getByRole('button', { name: /^Waist 29/ })).toBeVisible();
    await elsewhere('/measures', { values: { waist: '31' } });
    await chooseMeasure(page, 'Waist', '29');
    await take('29 1/2');
    await expect(asked.getByRole('row', { name: /^Waist/ })).toContainText('29 1/2 in');
    await expect(asked.getByRole('row', { name: /^Waist/ })).toContainText('31 in');
  };
  await two();
  // What is made meanwhile waits behind it, over a reload too.
  await chooseMeasure(page, 'Bust', 'to take');
  await page.getByRole('textbox', { name: 'Bust', exact: true }).fill('37');
  await page.keyboard.press('Enter');
  await page.reload();
  await expect(asked).toBeVisible();
  expect((await stored()).measures.values['bust']).toBeUndefined();
  await asked.getByRole('button', { name: 'Put mine' }).click();
  await expect(asked).toBeHidden();
  await expect.poll(async () => (await stored()).measures.values['bust']?.typed).toBe('37 in');
  expect((await stored()).measures.values['waist']?.typed).toBe('29 1/2 in');

  await elsewhere('/measures', { values: { waist: '29' } });
  await page.reload();
  await two();
  await asked.getByRole('button', { name: 'Theirs holds' }).click();
  await expect(
    page.getByRole('navigation', { name: 'Measures' }).getByRole('button', { name: /^Waist 31/ }),
  ).toBeVisible();
  expect((await stored()).measures.values['waist']?.typed).toBe('31 in');
});

test('lists say when the shop computer does not answer, and try again', async ({ page }) => {
  await page.route('**/api/tickets?*', (route) =>
    route.fulfill({
      status: 503,
      contentType: 'application/problem+json',
      body: '{"detail":"The database does not answer.","code":"no-database"}',
    }),
  );
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText('The database does not answer.');
  await page.unroute('**/api/tickets?*');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('Lamp-bearer’s gown')).toBeVisible();
});

test('a new installation greets with one clear next step', async ({ page }) => {
  await page.route('**/api/tickets?*', (route) =>
    route.fulfill({ json: { tickets: [], inAll: 0, counts: {} } }),
  );
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
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
});

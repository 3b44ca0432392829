import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { openTicket, ticketId } from './ticket.ts';

const table = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

test('a digital tape feeds the sequence: each press is a measure, and the next is asked', async ({
  page,
  context,
}) => {
  await openTicket(page, 'Petra Lund', 'By the digital tape');
  await page.getByRole('button', { name: 'Digital tape' }).click();
  await expect(page.getByRole('button', { name: 'Tape: listening' })).toBeVisible();
  const [tape] = await Promise.all([
    context.waitForEvent('page'),
    page.getByRole('link', { name: 'open the simulated one' }).click(),
  ]);
  await expect(tape.getByText(/^Paired with \d{4}\.$/)).toBeVisible();
  // Another page that listens has a code of its own, and hears nothing of this tape.
  const other = await context.newPage();
  await openTicket(other, 'Petra Lund', 'Beside the digital tape');
  await other.getByRole('button', { name: 'Digital tape' }).click();
  await expect(other.getByText('Its code here:')).toBeVisible();
  await expectNoViolation(tape);
  await tape.getByLabel('Drawn out').fill(String(15.25 * 16));
  await tape.getByRole('button', { name: 'Press' }).click();
  await expect(tape.getByText(/Sent 15\u202f1\u20444 in/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Shoulder length' })).toBeVisible();
  await tape.getByLabel('Drawn out').fill(String(4.875 * 16));
  await tape.getByRole('button', { name: 'Press' }).click();
  await expect(page.getByRole('heading', { name: 'Across chest' })).toBeVisible();
  await expect(other.getByRole('heading', { name: 'Shoulder', exact: true })).toBeVisible();
  await expect(other.getByRole('textbox', { name: 'Shoulder', exact: true })).toHaveValue('');
  await tape.getByLabel('Code of the page').fill('none');
  await tape.getByRole('button', { name: 'Pair' }).click();
  await expect(tape.getByRole('alert')).toContainText('No page shows this code');
  const list = page.getByRole('navigation', { name: 'Measures' });
  await expect(list.getByRole('button', { name: /^Shoulder 15/ })).toBeVisible();
  await expect(list.getByRole('button', { name: /^Shoulder length 4/ })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
});

test('a garment that fits is measured flat, and the sums are done', async ({ page }) => {
  await openTicket(page, 'Rufus Tarn', 'After his own shirt');
  await page.getByRole('link', { name: 'A garment that fits' }).click();
  const list = page.getByRole('navigation', { name: 'Measures of the garment' });
  const take = async (name: string, typed: string) => {
    await list.getByRole('button', { name: new RegExp(`^${name} (to take|\\d)`) }).click();
    await page.getByRole('textbox', { name, exact: true }).fill(typed);
    await page.keyboard.press('Enter');
  };
  await take('Half yoke', '9');
  await take('Front half at the chest', '10 1/4');
  await take('Back at the chest', '20');
  await take('Sleeve at the cuff seam', '4 1/2');
  await page.getByRole('textbox', { name: 'Depth of one pleat' }).fill('3/4');
  await page.getByRole('button', { name: 'One pleat more' }).click();
  await page.getByRole('button', { name: 'One pleat more' }).click();
  const figures = page.locator('dl');
  await expect(figures).toContainText('half yoke 9 × 2 = 18');
  await expect(figures).toContainText('40\u202f1\u20442');
  await expect(figures).toContainText('Sleeve at the cuff seam, pleats open');
  await expect(figures.getByText('10\u202f1\u20442', { exact: true })).toBeVisible();
  await expectNoViolation(page);
  await list.getByRole('button', { name: /^Collar/ }).click();
  await page.getByRole('textbox', { name: 'Collar' }).fill('wide');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('not a length');
  await page.getByRole('textbox', { name: 'Collar' }).fill('15');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Undo: Collar, of the garment/ })).toBeEnabled();
  await page.getByRole('link', { name: 'Back to the body' }).click();
  await expect(page.getByRole('heading', { name: 'Shoulder', exact: true })).toBeVisible();
});

test('measures go out to a table and come in from one, looked at before they are written', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Choir dress');
  await page.goto(`/tickets/${id}/measure`);
  await page.getByRole('button', { name: 'Files' }).click();
  const dialog = page.getByRole('dialog', { name: 'Measures in and out' });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('link', { name: 'Measures as CSV' }).click(),
  ]);
  const text = await readFile((await download.path()) ?? '', 'utf8');
  expect(text).toContain('bust,Bust,39,in,39 in');
  await dialog
    .locator('input[type=file]')
    .setInputFiles(table('bad.csv', 'measure,value\nbust,37\nwaist,narrow\n'));
  await expect(dialog.getByRole('alert')).toContainText('Row 3');
  await dialog.locator('input[type=file]').setInputFiles(table('set.csv', 'measure;value\nneck;37,5 cm\n'));
  await expect(dialog.getByRole('list', { name: 'What the file would write' })).toContainText('Neck');
  await expectNoViolation(page);
  await dialog.getByRole('button', { name: 'Write 1 measure in' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('button', { name: /^Neck 14/ })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: Neck/ }).click();
  await expect(page.getByRole('button', { name: /^Neck optional/ })).toBeVisible();
});

test('clients come in from a table, and a ticket opens from an order file', async ({ page, request }) => {
  await page.goto('/people');
  const input = page.locator('input[type=file]');
  await input.setInputFiles(
    table('clients.csv', 'client,takenOn,bust,waist\nFrom a Table,2026-03-01,36,wide\n'),
  );
  await expect(page.getByRole('alert')).toContainText('Row 2');
  await input.setInputFiles(
    table('clients.csv', 'client,takenOn,bust,waist\nFrom a Table,2026-03-01,36,28 1/2\n'),
  );
  await expect(page.getByText('1 set taken in, 1 client is new.')).toBeVisible();
  await page.getByRole('link', { name: 'From a Table' }).click();
  await expect(page.getByRole('row', { name: /^Waist/ })).toContainText('28');

  const id = await ticketId(request, 'Bandstand dress');
  const order = await (await request.get(`/api/tickets/${id}/order.json`)).text();
  await page.goto('/tickets/new');
  await page.getByLabel('What is made').fill('Bandstand again');
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'order.json', mimeType: 'application/json', buffer: Buffer.from('{') });
  await expect(page.getByRole('alert')).toContainText('not an order');
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'order.json', mimeType: 'application/json', buffer: Buffer.from(order) });
  // The file names somebody who is known here; whether it is her is asked.
  await page
    .getByRole('group', { name: /whose ticket/ })
    .getByRole('radio')
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Bandstand again' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Bust 36/ })).toBeVisible();
});

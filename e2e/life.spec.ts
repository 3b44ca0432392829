import { expect, test, type Page } from '@playwright/test';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { expectNoViolation } from './axe.ts';
import { openTicket, ticketId } from './ticket.ts';

const menu = async (page: Page, item: string) => {
  await page.getByRole('button', { name: 'This ticket' }).click();
  await page.getByRole('menuitem', { name: item, exact: true }).click();
};

test('a ticket is renamed, put off, given to another client, copied, put aside, thrown away and had back', async ({
  page,
}) => {
  await openTicket(page, 'Tansy Brook', 'Riding skirt');
  await page.getByRole('button', { name: 'This ticket' }).click();
  await page.getByRole('menuitem', { name: 'Names, day and client' }).click();
  const sheet = page.getByRole('dialog', { name: 'This ticket' });
  await sheet.getByLabel('Title').fill('Riding skirt, divided');
  await sheet.getByLabel('Due', { exact: true }).fill('2020-02-03');
  await sheet.getByRole('combobox', { name: 'Client' }).fill('rosalind');
  await sheet.getByRole('option', { name: /^Rosalind Pike/ }).click();
  await sheet.getByRole('button', { name: 'Store' }).click();
  await expect(sheet).toContainText('That day is over already');
  await expectNoViolation(page);
  await sheet.getByRole('button', { name: 'Store' }).click();
  await expect(page.getByRole('heading', { name: 'Riding skirt, divided' })).toBeVisible();
  await expect(page.getByText('Rosalind Pike')).toBeVisible();

  await menu(page, 'Another like it');
  const copy = page.getByRole('dialog', { name: 'Another like it' });
  await copy.getByLabel('Title').fill('Riding skirt, the second');
  await copy.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByRole('heading', { name: 'Riding skirt, the second' })).toBeVisible();

  await menu(page, 'Put aside');
  await expect(page.getByText('Put aside: it is not among what lies on the table.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByText('At the table')).toBeVisible();
  await expect(page.getByText('Riding skirt, the second')).toBeHidden();
  await page.goto('/tickets');
  await page.getByRole('button', { name: /^Put aside/ }).click();
  await page.getByRole('link', { name: /Riding skirt, the second/ }).click();
  await page.getByRole('button', { name: 'Back to work' }).click();
  await expect(page.getByRole('button', { name: 'Back to work' })).toBeHidden();

  await menu(page, 'Throw away');
  await expect(page.getByText(/^Thrown away/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/^Thrown away/)).toBeHidden();
});

test('a cloth that is chalked on is called otherwise, and nothing else of it changes', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Lamp-bearer');
  const read = async () => (await (await request.get(`/api/tickets/${id}`)).json()) as Ticket;
  const before = await read();
  await page.goto(`/tickets/${id}/lay`);
  await menu(page, 'Names, day and client');
  const sheet = page.getByRole('dialog', { name: 'This ticket' });
  await sheet.getByLabel('Lining cloth').fill('  ');
  await sheet.getByRole('button', { name: 'Store' }).click();
  await expect(sheet).toContainText('Give it a name, such as its colour and kind.');
  await sheet.getByLabel('Lining cloth').fill('Dove lining');
  // What is typed is there again after a reload.
  await page.reload();
  await menu(page, 'Names, day and client');
  await expect(sheet.getByLabel('Lining cloth')).toHaveValue('Dove lining');
  await sheet.getByRole('button', { name: 'Store' }).click();
  await expect(sheet).toBeHidden();
  const after = await read();
  const named = before.cloths.map((cloth) =>
    cloth.role === 'lining' ? { ...cloth, name: 'Dove lining' } : cloth,
  );
  expect([after.cloths, after.lays, after.chalked]).toEqual([named, before.lays, before.chalked]);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await read()).cloths).toEqual(before.cloths);
});

test('what is cut and sewn is given out from Today, and found again by its number', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Bandstand');
  const { number } = (await (await request.get(`/api/tickets/${id}`)).json()) as { number: number };
  await page.goto('/');
  await page.getByRole('button', { name: /^Delivered: Bandstand/ }).click();
  await expect(page.getByRole('link', { name: /^Bandstand/ })).toBeHidden();
  await page.keyboard.press('/');
  await page.getByRole('searchbox', { name: /Number, title/ }).fill(String(number));
  const found = page.getByRole('dialog', { name: 'Find a ticket' }).getByRole('listitem').first();
  await expect(found).toContainText('Bandstand');
  await found.getByRole('button').click();
  await expect(page.getByRole('heading', { name: 'All cut' })).toBeVisible();
  await page.goto(`/tickets/${id}/measure`);
  await expect(page.getByText('Delivered.')).toBeVisible();
  await page.getByRole('button', { name: 'Back to work' }).click();
  await expect(page.getByText('Delivered.')).toBeHidden();
});

test('two of one name are two clients, told apart when a ticket is opened', async ({ page }) => {
  await openTicket(page, 'Agnes Fell', 'First of the name');
  const open = async (title: string, whose: RegExp | undefined) => {
    await page.goto('/tickets/new');
    await page.getByRole('combobox', { name: 'Client' }).fill('agnes fell');
    await page.getByLabel('What is made').fill(title);
    if (whose) await page.getByRole('radio', { name: whose }).check();
    await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  };
  await open('Second of the name', /Somebody else/);
  await expect(page.getByRole('heading', { name: 'Second of the name' })).toBeVisible();
  // Of two, somebody has to say which.
  await open('Third', undefined);
  await expect(page.getByRole('alert')).toContainText('Say which of them it is');
  await page.getByRole('radio', { name: /^Agnes Fell/ }).check();
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  await expect(page.getByRole('heading', { name: 'Third' })).toBeVisible();
  await page.goto('/people');
  await page.getByRole('searchbox', { name: 'Find a person' }).fill('fell');
  await expect(page.getByRole('link', { name: /agnes fell/i })).toHaveCount(2);
});

test('people are found by name, and a day that is over is asked about before a ticket is opened', async ({
  page,
}) => {
  await page.goto('/people');
  await page.getByRole('searchbox', { name: 'Find a person' }).fill('pike');
  await expect(page.getByRole('link', { name: 'Rosalind Pike' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Delphine Oakes' })).toBeHidden();
  await page.getByRole('searchbox', { name: 'Find a person' }).fill('nobody of this name');
  await expect(page.getByText('Nobody here is called')).toBeVisible();
  await page.goto('/tickets/new');
  await page.getByRole('combobox', { name: 'Client' }).fill('Tansy Brook');
  await page.getByLabel('What is made').fill('Late mourning');
  await page.getByLabel('Due', { exact: true }).fill('2020-02-03');
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  await expect(page.getByText('The day that it is due is over already.')).toBeVisible();
  await page.getByRole('button', { name: 'Open it all the same' }).click();
  await expect(page.getByRole('heading', { name: 'Late mourning' })).toBeVisible();
});

test('a tablet and a phone chalk one dress together; what one did out of reach is counted when it is back', async ({
  page,
  browser,
  request,
}) => {
  const id = await ticketId(request, 'Lamp');
  const counted = async (piece: string) =>
    ((await (await request.get(`/api/tickets/${id}/table`)).json()) as { chalked: Record<string, number> })
      .chalked[piece] ?? 0;
  await page.goto(`/tickets/${id}/chalk`);
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await phone.goto(`/tickets/${id}/chalk`);
  const hand = phone.getByRole('combobox', { name: 'Piece in hand' });
  await expect(hand).toBeVisible();
  const own = await page.getByRole('combobox', { name: 'Piece in hand' }).inputValue();
  const pieces = await hand
    .locator('option:not([disabled])')
    .evaluateAll((options) => options.map((each) => (each as HTMLOptionElement).value));
  const other = pieces.find((piece) => piece !== own) ?? '';
  await hand.selectOption(other);
  const [before, beforeThere] = [await counted(own), await counted(other)];
  const mark = (on: Page) => on.getByRole('button', { name: /^Marked/ }).click();
  for (let each = 0; each < 3; each++) {
    await mark(page);
    await mark(phone);
  }
  await context.setOffline(true);
  await mark(phone);
  await mark(phone);
  await expect(phone.getByText(/2 changes wait on this device/)).toBeVisible();
  await mark(page);
  await context.setOffline(false);
  await expect.poll(() => counted(other)).toBe(beforeThere + 5);
  expect(await counted(own)).toBe(before + 4);
  await expect(phone.getByText(/changes wait on this device/)).toBeHidden();
  // Each sees what the other did.
  await expect(
    page.getByRole('combobox', { name: 'Piece in hand' }).locator(`option[value="${other}"]`),
  ).toHaveText(new RegExp(`, ${beforeThere + 5} of|chalked`), { timeout: 15_000 });
  await context.close();
});

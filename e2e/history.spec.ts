import type { ClientList } from '@ample-bolt/core/shop/known-client';
import { expect, test } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { chooseMeasure, ticketId } from './ticket.ts';

test('measuring again shows last time’s figure, keeps it by one press, and sees a slip of the pen', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Everyday dress');
  await page.goto(`/tickets/${id}/measure`);
  await chooseMeasure(page, 'Bust', '38');
  await expect(page.getByText(/last 37\u202f1\u20442 on/)).toContainText('+1\u20442');

  // What has not changed is kept by one press.
  await chooseMeasure(page, 'Hip', 'to take');
  await expect(page.getByText(/last 40\u202f1\u20442 on/)).toBeVisible();
  await page.getByRole('button', { name: 'Unchanged' }).click();
  await expect(page.getByRole('textbox', { name: 'Hip', exact: true })).toHaveValue('40 1/2');
  await page.keyboard.press('Tab');
  await expect(page.getByText(/the same/)).toBeVisible();

  // Centimetres written as inches, then two digits that changed places: each with what was meant.
  await chooseMeasure(page, 'Bust', '38');
  const bust = page.getByRole('textbox', { name: 'Bust', exact: true });
  await bust.fill('96');
  await expect(page.getByText('looks like centimetres written as inches')).toBeVisible();
  await page.getByRole('button', { name: '37\u202f3\u20444', exact: true }).click();
  await expect(bust).toHaveValue('37 3/4');
  await expect(page.getByText('looks like')).toBeHidden();
  await bust.fill('73 1/2');
  await expect(page.getByText('two digits changed places')).toBeVisible();
  await page.getByRole('button', { name: '37\u202f1\u20442', exact: true }).click();
  await expect(bust).toHaveValue('37 1/2');
  await bust.fill('41');
  await expect(page.getByText(/Bust changed by 3\u202f1\u20442 in since the last set/)).toBeVisible();
  await bust.fill('38');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
});

test('a client’s sets stand side by side, with what changed, and the rounds as a chart', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Ottoline Farrow' }).click();
  await expect(page.getByRole('heading', { name: 'Ottoline Farrow' })).toBeVisible();
  const table = page.getByRole('region', { name: 'Measures, set beside set' });
  await expect(table.getByRole('row', { name: /^Waist \d/ })).toContainText('+3\u20444');
  await expect(table.getByRole('row', { name: /^Shoulder \d/ })).not.toContainText('+');
  await expect(page.getByRole('img', { name: /Rounds in in: Bust/ })).toBeVisible();
  await expectNoViolation(page);
  await page.keyboard.press('u');
  await expect(table.getByRole('row', { name: /^Bust \d/ })).toContainText('95.3');
  await page.getByRole('link', { name: /Everyday dress/ }).click();
  await expect(page.getByRole('heading', { name: 'Everyday dress, navy' })).toBeVisible();
});

test('a client who was never measured, and one who does not exist, are said to be so', async ({
  page,
  request,
}) => {
  const clients = ((await (await request.get('/api/clients')).json()) as ClientList).clients;
  await page.goto('/people/00000000-0000-4000-8000-000000000000');
  await expect(page.getByRole('alert')).toContainText('no such client');
  const created = (await (
    await request.post('/api/clients', { data: { name: 'Never Measured', kind: 'adult' } })
  ).json()) as { id: string };
  expect(clients.map(({ id }) => id)).not.toContain(created.id);
  await page.goto(`/people/${created.id}`);
  await expect(page.getByText('Nothing was measured yet.')).toBeVisible();
});

test('measured anew, the set before stays beside the new one, and undo takes the new one back', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Ferry-day dress');
  await page.goto(`/tickets/${id}/measure`);
  const card = page.getByRole('region', { name: 'This set of measures' });
  await card.getByRole('button', { name: 'How taken' }).click();
  const conditions = page.getByRole('dialog', { name: 'How this set was taken' });
  await conditions.getByLabel('Taken by').fill('Odile');
  await conditions.getByLabel('Worn under the tape').fill('a slip');
  await conditions.getByLabel('Heel worn, in').fill('2 1/4');
  await conditions.getByRole('radio', { name: 'rounded' }).click();
  await expectNoViolation(page);
  await page.keyboard.press('Escape');
  await expect(card).toContainText('by Odile');
  await expect(card).toContainText('tummy rounded');
  await expect(card).toContainText('over a slip');

  await card.getByRole('button', { name: 'New set' }).click();
  await expect(card).toContainText('set 2');
  await chooseMeasure(page, 'Waist', '26');
  await expect(page.getByText(/last 26 on/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Waist', exact: true }).fill('27');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('link', { name: 'Bettina Gale' }).click();
  const table = page.getByRole('region', { name: 'Measures, set beside set' });
  await expect(table.getByRole('columnheader')).toHaveCount(3);
  await expect(table.getByRole('row', { name: /^Waist \d/ })).toContainText('+1');
  await expect(page.getByText('2 sets of measures')).toBeVisible();

  await page.goto(`/tickets/${id}/measure`);
  await page.getByRole('button', { name: /^Undo: Waist/ }).click();
  await page.getByRole('button', { name: /^Undo: Set of measures/ }).click();
  await expect(card).not.toContainText('set 2');
});

test('lengths are carried over to the other start, as far as the measures allow', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Choir dress');
  await page.goto(`/tickets/${id}/measure`);
  await page.getByRole('button', { name: 'How taken' }).click();
  await page.getByRole('radio', { name: 'mid shoulder' }).click();
  const offer = page.getByRole('region', { name: 'Carry the lengths over' });
  await expect(offer).toContainText('Half length');
  await expectNoViolation(page);
  await offer.getByRole('button', { name: 'Carry 3 lengths over' }).click();
  await expect(offer).toBeHidden();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('region', { name: 'This set of measures' })).toContainText(
    'middle of the shoulder',
  );
  // 16 from the neck side; a shoulder that slopes by 19° falls by about 1½ in, its middle lies half of that lower.
  await chooseMeasure(page, 'Back waist', '15');
  await expect(page.getByRole('textbox', { name: 'Back waist', exact: true })).toHaveValue('15 1/4');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('textbox', { name: 'Back waist', exact: true })).toHaveValue('16');
});

test('the whole tape, any measure by any name, and what follows without the tape', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Lamp-bearer');
  await page.goto(`/tickets/${id}/measure`);
  const list = page.getByRole('navigation', { name: 'Measures' });
  await list.getByLabel('Find a measure by any name').fill('outside leg');
  await list.getByRole('button', { name: /^Outseam/ }).click();
  await expect(page.getByRole('heading', { name: 'Outseam' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Outseam' }).fill('41');
  await list.getByLabel('Find a measure by any name').fill('inside leg');
  await list.getByRole('button', { name: /^Inseam/ }).click();
  await page.getByRole('textbox', { name: 'Inseam' }).fill('30 1/2');
  await list.getByLabel('Which measures').selectOption('Trousers');
  await list.getByText('Crotch depth', { exact: true }).last().click();
  await expect(list.getByText('outseam 41 − inseam 30\u202f1\u20442 = 10\u202f1\u20442')).toBeVisible();
  await list.getByLabel('Find a measure by any name').fill('xylophone');
  await expect(list.getByText('No measure is called “xylophone”.')).toBeVisible();
  await list.getByLabel('Find a measure by any name').fill('');
  // The whole tape shows where it runs, from every side.
  await list.getByLabel('Which measures').selectOption('Whole tape');
  for (const [name, view] of [
    ['Nape to waist', 'back'],
    ['Crotch length', 'side'],
    ['Thigh', 'front'],
  ] as const) {
    await list.getByRole('button', { name: new RegExp(`^${name}`) }).click();
    await expect(page.getByRole('img', { name: `Where the tape runs, seen from the ${view}` })).toBeVisible();
  }
  await expectNoViolation(page);
});

test('two lengths in each other’s place are swapped by one press', async ({ page, request }) => {
  const id = await ticketId(request, 'Everyday dress');
  await page.goto(`/tickets/${id}/measure`);
  await chooseMeasure(page, 'Half length', 'to take');
  await page.getByRole('textbox', { name: 'Half length' }).fill('15');
  await chooseMeasure(page, 'Back waist', 'to take');
  await page.getByRole('textbox', { name: 'Back waist' }).fill('17');
  await expect(page.getByText('Were half length and back waist swapped?')).toBeVisible();
  await page.getByRole('button', { name: 'Swap them' }).click();
  await expect(page.getByRole('textbox', { name: 'Back waist' })).toHaveValue('15');
  await expect(page.getByText('swapped?')).toBeHidden();
  await page.getByRole('textbox', { name: 'Back waist' }).blur();
});

test('a new ticket begins from the last set, and a child’s page says how old it will be', async ({
  page,
}) => {
  await page.goto('/tickets/new');
  await page.getByRole('combobox', { name: 'Client' }).fill('Pip Marrow');
  await page.getByLabel('What is made').fill('Second frock');
  await page.getByLabel('Due', { exact: true }).fill('2027-06-01');
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  await expect(page.getByText(/measures were taken on/)).toBeVisible();
  await page.getByRole('button', { name: 'Use these measures' }).click();
  await expect(page.getByRole('button', { name: /^Bust 27/ })).toBeVisible();
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('link', { name: /^Pip Marrow/ }).click();
  await expect(page.getByText(/days old when Nº \d+ is due, Tue 1 Jun. Measure again./)).toBeVisible();
  await expect(page.getByText(/more in height/).first()).toBeVisible();
  await expect(page.getByRole('img', { name: /Rounds in in: Height/ })).toBeVisible();
});

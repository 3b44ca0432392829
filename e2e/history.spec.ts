import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
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
  await page.getByRole('button', { name: 'Still so' }).click();
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
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${id} ${nodes[0]?.html ?? ''}`)).toEqual([]);
  await page.keyboard.press('u');
  await expect(table.getByRole('row', { name: /^Bust \d/ })).toContainText('95.3');
  await page.getByRole('link', { name: /Everyday dress/ }).click();
  await expect(page.getByRole('heading', { name: 'Everyday dress, navy' })).toBeVisible();
});

test('a client who was never measured, and one who does not exist, are said to be so', async ({
  page,
  request,
}) => {
  const clients = (await (await request.get('/api/clients')).json()) as { id: string; name: string }[];
  await page.goto('/people/00000000-0000-4000-8000-000000000000');
  await expect(page.getByRole('alert')).toContainText('no such client');
  const created = (await (
    await request.post('/api/clients', { data: { name: 'Never Measured', kind: 'adult' } })
  ).json()) as { id: string };
  expect(clients.map(({ id }) => id)).not.toContain(created.id);
  await page.goto(`/people/${created.id}`);
  await expect(page.getByText('Nothing was measured yet.')).toBeVisible();
});

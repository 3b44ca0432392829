import { expect, test } from '@playwright/test';
import { openTicket, takeMeasures } from './ticket.ts';

const title = /(Ferry|Second ferry) dress/;

test('a client is picked as herself, by keys too, and her details are kept', async ({ page }) => {
  await openTicket(page, 'Maren Holt', 'Ferry dress');
  await takeMeasures(page);
  await page.goto('/tickets/new');
  const client = page.getByRole('combobox', { name: 'Client' });
  await client.fill('holt');
  const offered = page.getByRole('option', { name: /Maren Holt.*adult, one ticket/ });
  await expect(offered).toBeVisible();
  // Escape puts the list away and leaves what was typed.
  await client.press('Escape');
  await expect(offered).toBeHidden();
  await expect(client).toHaveValue('holt');
  await client.press('ArrowDown');
  await expect(offered).toBeVisible();
  if ((await client.getAttribute('aria-activedescendant')) !== (await offered.getAttribute('id')))
    await client.press('ArrowDown');
  await client.press('Enter');
  await expect(client).toHaveValue('Maren Holt');
  await expect(page.getByText('Another ticket for Maren Holt.')).toBeVisible();
  await page.getByLabel('What is made').fill('Second ferry dress');
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  await expect(page.getByRole('heading', { name: 'Second ferry dress' })).toBeVisible();

  // Who is meant by a name that is known is kept over a reload, as the name is.
  await page.goto('/tickets/new');
  await client.fill('Maren Holt');
  await page.getByRole('radio', { name: /^Somebody else/ }).check();
  await page.reload();
  await expect(page.getByRole('radio', { name: /^Somebody else/ })).toBeChecked();
  await client.fill('');

  await page.goto('/people');
  await page.getByRole('searchbox', { name: 'Find a person' }).fill('maren');
  await page.getByRole('link', { name: 'Maren Holt' }).click();
  await expect(page.getByRole('link', { name: title })).toHaveCount(2);
  await page.getByRole('button', { name: 'This person' }).click();
  await page.getByRole('menuitem', { name: 'Name, contact and remarks' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('How she is reached').fill('by the ferry house');
  await page.reload();
  await page.getByRole('button', { name: 'This person' }).click();
  await page.getByRole('menuitem', { name: 'Name, contact and remarks' }).click();
  await expect(sheet.getByLabel('How she is reached')).toHaveValue('by the ferry house');
  await sheet.getByLabel('Remarks').fill('left shoulder low');
  await sheet.getByRole('button', { name: 'Store' }).click();
  await expect(sheet).toBeHidden();
  await expect(page.getByRole('main')).toContainText('by the ferry house');
  await expect(page.getByRole('main')).toContainText('left shoulder low');
});

test('two who are one are made one and taken apart; put away she is had back; erased she is gone', async ({
  page,
}) => {
  await openTicket(page, 'Greta Lund', 'Harbour coat');
  await openTicket(page, 'Greta Lundh', 'Harbour dress');
  const visit = async (name: string) => {
    await page.goto('/people');
    await page.getByRole('searchbox', { name: 'Find a person' }).fill(name);
    await page.getByRole('link', { name, exact: true }).click();
    await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
  };
  const choose = async (item: string) => {
    await page.getByRole('button', { name: 'This person' }).click();
    await page.getByRole('menuitem', { name: item }).click();
  };
  const sheet = page.getByRole('dialog');
  await visit('Greta Lund');
  await choose('The same as another person');
  await sheet.getByRole('button', { name: 'Make them one' }).click();
  await expect(sheet.getByText('Pick the other one from the list.')).toBeVisible();
  const other = sheet.getByRole('combobox', { name: 'She is' });
  await other.fill('greta');
  await expect(sheet.getByRole('option', { name: /Greta Lundh/ })).toBeVisible();
  // Escape puts the list away first, and the sheet only then.
  await other.press('Escape');
  await expect(sheet.getByRole('option')).toHaveCount(0);
  await expect(other).toHaveValue('greta');
  await other.fill('gret');
  await sheet.getByRole('option', { name: /Greta Lundh/ }).click();
  await sheet.getByRole('button', { name: 'All goes to Greta Lundh' }).click();
  await expect(page.getByRole('heading', { name: 'Greta Lundh', level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: /Harbour/ })).toHaveCount(2);
  await page.getByRole('button', { name: 'Take Greta Lund apart again' }).click();
  await expect(page.getByRole('link', { name: /Harbour/ })).toHaveCount(1);

  await choose('Put away');
  await expect(page.getByText('Put away: she is not offered for new tickets.')).toBeVisible();
  await page.goto('/people');
  await page.getByRole('searchbox', { name: 'Find a person' }).fill('greta');
  await expect(page.getByRole('link', { name: 'Greta Lund', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Greta Lundh' })).toBeHidden();
  await page.getByRole('radio', { name: 'Put away' }).click();
  await page.getByRole('link', { name: 'Greta Lundh' }).click();
  await page.getByRole('button', { name: 'Have her back' }).click();
  await expect(page.getByText('Put away: she is not')).toBeHidden();

  await choose('Erase');
  await sheet.getByLabel('Write Greta Lundh to erase her').fill('Greta Lundh');
  await sheet.getByRole('button', { name: 'Erase for good' }).click();
  await expect(sheet.getByText('still at work')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: /Harbour dress/ }).click();
  await page.getByRole('button', { name: 'This ticket' }).click();
  await page.getByRole('menuitem', { name: 'Delivered' }).click();
  await expect(page.getByRole('main').first()).toBeVisible();
  await visit('Greta Lundh');
  await choose('Erase');
  await sheet.getByLabel('Write Greta Lundh to erase her').fill('greta lundh');
  await sheet.getByRole('button', { name: 'Erase for good' }).click();
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find a person' }).fill('greta');
  await expect(page.getByRole('link', { name: 'Greta Lund', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Greta Lundh' })).toBeHidden();
});

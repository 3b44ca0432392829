import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { inches } from '@ample-bolt/core/units/length';
import { expectNoViolation } from './axe.ts';
import { openMeasured, openSlot } from './ticket.ts';

const name = 'Lantern dress';

test('a garment composed freely is kept in the house’s book, saved as a file, taken in again, and the next ticket is made of it', async ({
  page,
  request,
}) => {
  const id = await openMeasured(request, {
    title: 'Composed once',
    styleId: 'plain-bodice',
    like: 'Ferry-day',
    cloths: [],
  });
  await page.goto(`/tickets/${id}/style`);
  await openSlot(page, 'Skirt');
  await page.getByRole('radio', { name: 'gathered skirt' }).click();
  await page.getByRole('textbox', { name: /^Skirt length/ }).fill('25');
  await page.getByRole('button', { name: /^Agree/ }).click();
  await expect(page).toHaveURL(/figures$/);

  const keep = async (called: string) => {
    await page.getByRole('button', { name: 'This ticket' }).click();
    await page.getByRole('menuitem', { name: 'Keep as a style of the house' }).click();
    await page.getByLabel('Name', { exact: true }).fill(called);
    await page.getByRole('button', { name: 'Keep it' }).click();
  };
  // A name that was begun is there after a reload.
  await page.getByRole('button', { name: 'This ticket' }).click();
  await page.getByRole('menuitem', { name: 'Keep as a style of the house' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Lant');
  await page.reload();
  await page.getByRole('button', { name: 'This ticket' }).click();
  await page.getByRole('menuitem', { name: 'Keep as a style of the house' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Lant');
  await page.keyboard.press('Escape');
  await keep(' ');
  await expect(page.getByText('Give it a name to find it by.')).toBeVisible();
  await page.keyboard.press('Escape');
  await keep(name);
  await expect(page.getByText(`${name} is in the style book now.`, { exact: false })).toBeVisible();
  await page.keyboard.press('Escape');
  await keep(name.toUpperCase());
  await expect(page.getByText('give this one another name', { exact: false })).toBeVisible();
  await page.keyboard.press('Escape');

  // On the page House it is saved as a file, taken out, and taken in from the file.
  await page.goto('/house');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: `Save ${name} as a file` }).click();
  const file = await (await download).path();
  expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({
    format: 'ample-bolt/style',
    name,
    style: 'plain-bodice',
  });
  await expectNoViolation(page, 'styles of the house');
  await page.getByRole('button', { name: `Take out ${name}` }).click();
  await expect(page.getByText(`${name} is taken out.`)).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('button', { name: `Take out ${name}` })).toBeVisible();
  await page.getByRole('button', { name: `Take out ${name}` }).click();
  await expect(page.getByText(`${name} is taken out.`)).toBeVisible();
  const input = page.getByLabel('From a style file');
  await input.setInputFiles({
    name: 'order.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"ample-bolt/order"}'),
  });
  await expect(page.getByText('format must be "ample-bolt/style".')).toBeVisible();
  await input.setInputFiles(file);
  await expect(page.getByRole('button', { name: `Take out ${name}` })).toBeVisible();

  // The next ticket is made of it, for another body and in another unit.
  await page.goto('/tickets/new');
  await page.getByRole('combobox', { name: 'Client' }).fill('Composed twice');
  await page.getByLabel('What is made').fill('The lantern again');
  await page.getByRole('radio', { name: 'centimetres' }).click();
  await page.getByRole('radio', { name }).click();
  await expect(page.getByText('On the plain bodice, as this house composed it')).toBeVisible();
  await page.getByRole('button', { name: /Open ticket and measure/ }).click();
  await page.waitForURL(/measure/);
  const made = page.url().match(/tickets\/([^/]+)/)?.[1] ?? '';
  const ticket = (await (await request.get(`/api/tickets/${made}`)).json()) as {
    readonly styleId: string;
    readonly choices: { readonly [id: string]: { readonly option?: string; readonly mm?: number } };
  };
  expect(ticket.styleId).toBe('plain-bodice');
  expect(ticket.choices['skirt']?.option).toBe('skirt-gathered');
  expect(ticket.choices['skirtLength']?.mm).toBeCloseTo(inches(25), 6);

  // A ticket that there is becomes one of another file, written in centimetres, and one undo takes it back.
  await page.goto(`/tickets/${id}/style`);
  await page.getByRole('button', { name: 'Style book' }).click();
  const book = page.getByRole('dialog', { name: 'Style book' });
  await book.getByRole('radio', { name: 'Pilot’s overall' }).click();
  await expect(book.getByText('Its own choices take the place', { exact: false })).toBeVisible();
  await book.getByRole('button', { name: 'Make this style' }).click();
  await expect(book).toBeHidden();
  await expect(page.getByRole('button', { name: /^Skirt or trousers.*Trousers/ })).toBeVisible();
  const overall = (await (await request.get(`/api/tickets/${id}`)).json()) as typeof ticket;
  expect(overall.choices['crotchEase']?.mm).toBeCloseTo(32, 6);
  expect(overall.choices['skirtLength']).toBeUndefined();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: /^Skirt or trousers.*Gathered skirt/ })).toBeVisible();
});

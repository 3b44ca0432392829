import { expect, test } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { openMeasured } from './ticket.ts';

const outer = { role: 'outer', name: 'Drummers’ serge', width: '54in' };
const lining = { role: 'lining', name: 'Drummers’ twill', width: '45in' };

test('a lining is pinned under the outer: laid as that is, cut with it, and planned anew with it', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  const cloths = [outer, lining];
  const id = await openMeasured(request, { title: 'Second drummer', styleId: 'waistcoat', like: 'Drum-major', cloths }); // prettier-ignore
  await page.goto(`/tickets/${id}/lay`);
  await page.getByRole('tab', { name: /Lining/ }).click();
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  await page.getByLabel('Pinned under').selectOption('outer');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  // Told beside the cloth, and where its plans would stand.
  await expect(page.getByText('It is pinned under the outer, which has no plan yet. Take a plan of the outer first.').first()).toBeVisible(); // prettier-ignore
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeDisabled();

  await page.getByRole('tab', { name: /Outer/ }).click();
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: /Folded in half/ }).click();
  await page.getByRole('button', { name: 'Take this plan' }).click();
  // On to the lining, which follows.
  await expect(page.getByText(/pinned under the outer, its start/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/proved: all inside/)).toBeVisible({ timeout: 30_000 });
  const piece = page.getByRole('button', { name: /^Lining forepart 1, locked/ });
  await piece.press('Enter');
  await expect(page.getByText('Cut with the outer that it lies under.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Lock|^Unlock/ })).toBeDisabled();
  await expectNoViolation(page, 'a lining pinned under its outer');
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByRole('heading', { name: 'Which cloth for the stay?' })).toBeVisible();
  const { lays } = (await (await request.get(`/api/tickets/${id}`)).json()) as {
    lays: Record<string, object>;
  };
  expect(Object.keys(lays).sort()).toEqual(['lining', 'outer']);

  // The outer is laid otherwise: the lining under it no longer fits, and follows.
  await page.goto(`/tickets/${id}/lay`);
  await page.getByRole('tab', { name: /Outer/ }).click();
  await page.getByRole('button', { name: /^.*Open, one layer/ }).click();
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByRole('tab', { name: /Lining no longer fits/ })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('button', { name: /Open, one layer/ })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('button', { name: /Folded in half/ })).toBeHidden();
});

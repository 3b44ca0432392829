import { expect, test } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { openMeasured, ticketId } from './ticket.ts';

test('a bought shirt is recut to a body, a slip is told, nothing is lost over a reload, and it goes onto the ticket', async ({
  page,
  request,
}) => {
  const id = await openMeasured(request, {
    title: 'Shirt from the market',
    styleId: 'plain-bodice',
    like: 'Ferry-day',
    cloths: [],
  });
  await page.goto(`/recut?ticket=${id}`);
  await page.getByRole('radio', { name: 'inches' }).click();
  const fill = (name: string, typed: string) => page.getByLabel(name, { exact: true }).fill(typed);
  // The body is the ticket's; it is laid over for this shirt alone.
  await expect(page.getByLabel('Chest round', { exact: true })).not.toHaveValue('');
  await fill('Chest round', '40');
  await fill('Waist round', '35');
  await fill('Front half at the chest, as it is', '14 1/4');
  await fill('Back at the chest, as it is', '27');
  await fill('Front half at the waist, as it is', '13.5 cmm');
  await expect(page.getByRole('alert').filter({ hasText: 'Front half at the waist' })).toBeVisible();
  await fill('Front half at the waist, as it is', '13');
  await fill('Back at the waist, as it is', '25');
  // (40 + 7) ÷ 4 = 11¾, and the front is measured from the placket's edge, ⅝ past the centre.
  const row = (name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) });
  await expect(row('Front half at the chest')).toContainText('Take in 1 7⁄8 in', { useInnerText: true });
  await expect(row('Back at the chest')).toContainText('Take in 1 3⁄4 in', { useInnerText: true });
  await expect(page.getByRole('img', { name: /^The back of the shirt/ })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Chalk marks' })).toContainText(
    '11 3/4 in out from the centre',
  );
  await fill('Taken in at most', '1');
  await expect(
    page.getByText('stays too wide; neither half gives more', { exact: false }).first(),
  ).toBeVisible();
  await fill('Collar, as it is', '17');
  await fill('Neck', '15');
  await expect(row('Collar')).toContainText('charged apart');
  await expectNoViolation(page);

  await page.reload();
  await expect(page.getByLabel('Back at the chest, as it is', { exact: true })).toHaveValue('27');
  await page.getByRole('radio', { name: 'centimetres' }).click();
  await expect(row('Back at the chest')).toContainText('cm');
  await page.getByRole('button', { name: /^Onto ticket/ }).click();
  await expect(page.getByRole('button', { name: /^On ticket/ })).toBeVisible();
  const { remarks } = (await (await request.get(`/api/tickets/${id}`)).json()) as { remarks: string };
  expect(remarks).toContain('Back, chest: take in 2.5 cm on each side.');
});

test('on a phone, to a shirt that fits, from the list of tickets', async ({ page, request }) => {
  await ticketId(request, 'Ferry-day');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/tickets');
  await page.getByRole('link', { name: 'Recut a shirt' }).click();
  await page.getByRole('radio', { name: 'a shirt that fits' }).click();
  const fill = (name: string, typed: string) => page.getByLabel(name, { exact: true }).fill(typed);
  await fill('Back at the chest, as it is', '60');
  await fill('Back at the chest, of the shirt that fits', '57');
  await fill('Front half at the chest, as it is', '31');
  await fill('Front half at the chest, of the shirt that fits', '29.5');
  await expect(page.getByRole('row', { name: /^Back at the chest/ })).toContainText('Take in 1.5 cm');
  await expect(page.getByRole('row', { name: /^Front half at the chest/ })).toContainText('Take in 1.5 cm');
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
});

import { expect, test } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { openEase, openSlot, readings, takeMeasures, ticketId } from './ticket.ts';

test('a plain bodice is opened, shaped, cut without darts, and drafted with every piece', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto('/tickets/new');
  await page.getByRole('combobox', { name: 'Client' }).fill('Maud Tilley');
  await page.getByLabel('What is made').fill('Rehearsal bodice');
  await page.getByRole('radio', { name: 'Plain bodice' }).click();
  await expect(page.getByText('To the waist or below, with or without darts')).toBeVisible();
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  // A bodice needs no hip; it takes one, for a hem below the waist.
  const list = page.getByRole('navigation', { name: 'Measures' });
  await expect(list.getByRole('button', { name: /^Waist to take/ })).toBeVisible();
  await expect(list.getByRole('button', { name: /^Hip optional/ })).toBeVisible();
  await takeMeasures(
    page,
    readings.filter(([name]) => name !== 'Hip'),
  );
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Style/ }).click();
  await page.getByRole('radio', { name: 'the side alone' }).click();
  await openSlot(page, 'Neck and collar');
  await page.getByRole('radio', { name: 'V', exact: true }).click();
  await openEase(page);
  await page.getByLabel('Ease at waist').fill('5');
  await expectNoViolation(page, 'style');
  await page.getByRole('button', { name: 'Agree this style' }).click();
  await expect(page).toHaveURL(/figures$/);
  await expect(page.getByRole('button', { name: /^Undo: .*/ })).toBeEnabled();
  await expect(page.getByText('Bust dart')).toBeHidden();
  await page.keyboard.press(']');
  await expect(page.getByText(/seams true/)).toBeVisible();
  await expect(page.getByText(/rides up over the bust/)).toBeVisible();
  await expectNoViolation(page, 'draft');

  // Its own remedy leads back to the choice; with darts the front is as long as it was measured.
  // Two presses at once are two stations back, though the first is not drawn in between.
  await page.evaluate(() => {
    for (const key of ['[', '[']) window.dispatchEvent(new KeyboardEvent('keydown', { key }));
  });
  await page.getByRole('radio', { name: 'darts', exact: true }).click();
  await page.getByRole('button', { name: 'Agree the change' }).click();
  await expect(page.getByRole('button', { name: /^Undo: Shaped by: the side alone → darts/ })).toBeEnabled();
  await expect(page.getByText('Bust dart', { exact: false }).first()).toBeVisible();
});

test('a bodice is laid and chalked like any garment', async ({ page, request }) => {
  const id = await ticketId(request, 'Bell-ringer');
  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByRole('button', { name: 'Bodice front 1' })).toBeVisible();
  await page.goto(`/tickets/${id}/chalk`);
  await expect(page.getByRole('button', { name: 'Marked' })).toBeVisible();
});

test('a bustier is split on princess lines: four panels, their seams true, their figures with a working', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Regatta bustier');
  await page.goto(`/tickets/${id}/draft`);
  await expect(page.getByText(/seams true/)).toBeVisible();
  for (const panel of ['Bodice front centre', 'Bodice front side', 'Bodice back centre', 'Bodice back side'])
    await expect(page.getByText(panel, { exact: true }).first()).toBeVisible();
  await expectNoViolation(page, 'draft');
  await page.goto(`/tickets/${id}/figures`);
  await page.getByRole('button', { name: 'Bodice front side' }).click();
  await expect(page.getByRole('row', { name: /^Princess seam/ })).toBeVisible();
  await page.goto(`/tickets/${id}/style`);
  await openSlot(page, 'Neck and collar');
  await page.getByRole('radio', { name: 'V', exact: true }).click();
  await page.getByRole('button', { name: 'Agree the change' }).click();
  await expect(page.getByRole('button', { name: /^Undo: Neckline: sweetheart → V/ })).toBeEnabled();
});

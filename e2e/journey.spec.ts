import type { TableState } from '@ample-bolt/core/shop/table-event';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { expect, test } from '@playwright/test';
import { goToStation, openSlot, openTicket, readings, saveCloth, takeMeasures } from './ticket.ts';

test('from a new ticket to the last mark, with one slip on the way', async ({ page }) => {
  test.setTimeout(180_000);
  await openTicket(page, 'Hesper Vane', 'Procession gown');

  // A slip of the pen: refused at once by name, and not lost.
  const bust = page
    .getByRole('navigation', { name: 'Measures' })
    .getByRole('button', { name: /^Bust to take/ });
  await bust.click();
  await page.getByRole('textbox', { name: 'Bust', exact: true }).fill('36 1/0');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('divides by zero');
  await expect(page.getByRole('heading', { level: 2, name: 'Bust' })).toBeVisible();

  // A figure that can be, but is not likely: pointed out, never refused.
  await page.getByRole('textbox', { name: 'Bust', exact: true }).fill('85');
  await expect(page.getByText('looks like centimetres written as inches')).toBeVisible();
  await takeMeasures(page);

  await page.keyboard.press('Escape');
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Style/ }).click();
  await openSlot(page, 'Neck and collar');
  await page.getByRole('textbox', { name: /^Neck depth, front/ }).fill('4');
  await openSlot(page, 'Skirt');
  await page.getByLabel('Pegging').fill('1/2');
  await page.getByRole('button', { name: 'Agree this style' }).click();

  // The figures, each with the sum that made it.
  const neck = page.getByRole('row', { name: /Neck, down at the centre/ });
  await expect(neck).toContainText('neck depth, front 4 − neck seam 1\u20444 = 3\u202f3\u20444');
  await expect(page.getByRole('row', { name: /^Bust, across/ })).toContainText('(bust 36 + ease 2) ÷ 4');

  await page.keyboard.press(']');
  await expect(page.getByText(/(\d+) of \1 seams true\./)).toBeVisible();
  await page.getByRole('button', { name: /^true skirt side/ }).click();
  // Both its edges are lit among all pieces, and on a piece that is opened.
  const all = page.getByRole('list', { name: 'All pieces' });
  for (const piece of ['Skirt front', 'Skirt back'])
    await expect(all.getByRole('button', { name: piece, exact: true })).toHaveAttribute(
      'aria-current',
      'true',
    );
  await expect(all.getByRole('button', { name: 'Bodice front', exact: true })).toHaveAttribute(
    'aria-current',
    'false',
  );
  await all.getByRole('button', { name: 'Skirt front', exact: true }).click();
  await expect(page.getByRole('group', { name: 'Skirt front, drawn on the cloth' })).toBeVisible();

  await page.keyboard.press(']');
  await page.getByLabel('Name', { exact: true }).fill('Harbour blue drill');
  await page.getByLabel('Width, in').fill('wide');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByRole('alert')).toContainText('not a length');
  await page.getByLabel('Width, in').fill('54');
  await page.getByRole('button', { name: 'Save cloth' }).click();

  // Lays arrive by themselves, one for each way of folding; improving can be stopped.
  await expect(page.getByRole('button', { name: /Folded in half .* pieces to chalk/ })).toBeVisible({
    timeout: 20_000,
  });
  await expect(page.getByRole('button', { name: /Open, one layer .* pieces to chalk/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press('i');
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible();
  await page.getByRole('button', { name: /Folded in half/ }).click();
  await page.getByRole('button', { name: 'Take this plan' }).click();

  // The page leads on to the cloths that are still open; none is dropped in silence.
  await expect(page.getByRole('heading', { name: 'Which cloth for the lining?' })).toBeVisible();
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByRole('alert')).toContainText('Give the lining cloth a name');
  await saveCloth(page, 'Fog habotai');
  await page.getByRole('button', { name: 'Take this plan' }).click({ timeout: 20_000 });
  await expect(page.getByRole('heading', { name: 'Which cloth for the stay?' })).toBeVisible();
  await goToStation(page, 'Chalk');
  await page.getByRole('button', { name: 'Cut list' }).click();
  await expect(page.getByText('Not done yet: the stay is still to be planned')).toBeVisible();
  await page.getByRole('link', { name: 'Add cloth for the stay' }).click();
  await saveCloth(page, 'Woven stay');
  await page.getByRole('button', { name: 'Take this plan' }).click({ timeout: 20_000 });

  // One mark at a time; where one was left, one goes on.
  await expect(page.getByRole('heading', { name: 'Where it starts' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Start line' })).toBeVisible();
  await page.keyboard.press('PageDown');
  await page.keyboard.press('PageUp');
  await page.getByRole('button', { name: /Marked/ }).click();
  await page.getByRole('button', { name: 'Back' }).click();
  // Space on a button presses that button, and marks nothing besides.
  await page.getByRole('button', { name: /Zoom/ }).focus();
  const held = await page.getByRole('heading', { level: 1 }).textContent();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(held ?? '');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  const title = await page.getByRole('heading', { level: 1 }).textContent();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(title ?? '');
  await page.keyboard.press('z');
  await expect(page.getByRole('button', { name: /Zoom/ })).toHaveAttribute('aria-pressed', 'true');

  for (
    let left = 250;
    left > 0 && !(await page.getByRole('heading', { name: 'All chalked' }).isVisible());
    left--
  )
    await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'All chalked' })).toBeVisible();
  await expect(page.getByText('Cut away from the hand')).toBeVisible();
  const address = `/api${new URL(page.url()).pathname.replace(/\/chalk$/, '')}`;
  const { marksInAll } = (await (await page.request.get(address)).json()) as Ticket;
  const counted = async () => {
    const { chalked } = (await (await page.request.get(`${address}/table`)).json()) as TableState;
    return Object.values(chalked).reduce((sum, count) => sum + count, 0);
  };
  // Some two hundred marks are sent one after the other.
  await expect.poll(counted, { timeout: 60_000 }).toBe(marksInAll);

  // The pieces are ticked off as they are cut; the ticket is then ready to sew.
  for (const box of await page.getByRole('checkbox').all()) await box.click();
  await expect(page.getByRole('heading', { name: 'All cut' })).toBeVisible();
  await page.getByRole('button', { name: 'To Today' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Procession gown' })).toContainText(
    'cut; ready to sew',
  );
  await page.keyboard.press('/');
  await page.keyboard.type('procession');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'All cut' })).toBeVisible();
});

test('a lay goes stale when the pieces change under it, and chalking waits', async ({ page }) => {
  test.setTimeout(150_000);
  await openTicket(page, 'Corwin Ashby', 'Dress that changes');
  await takeMeasures(page);
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Style/ }).click();
  await page.getByRole('button', { name: 'Agree this style' }).click();
  await goToStation(page, 'Lay');
  await saveCloth(page, 'Changing twill');
  await page.getByRole('button', { name: 'Take this plan' }).click({ timeout: 20_000 });
  await expect(page.getByRole('heading', { name: 'Which cloth for the lining?' })).toBeVisible();
  await goToStation(page, 'Chalk');
  await expect(page.getByRole('heading', { name: 'Where it starts' })).toBeVisible();
  await page.getByRole('link', { name: /Nº/ }).click();
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /Measure/ })
    .click();
  await takeMeasures(
    page,
    readings.filter(([name]) => name === 'Hip').map(([name]) => [name, '42'] as const),
  );
  await expect(page.getByRole('link', { name: /Lay ?, held by a check/ })).toBeVisible();
  await page.getByRole('link', { name: /Chalk ?, later/ }).click();
  await expect(page.getByRole('heading', { name: 'The plan no longer fits' })).toBeVisible();
  await page.getByRole('button', { name: 'To the lay' }).click();
  await expect(page.getByText('The chosen lay no longer fits')).toBeVisible();
});

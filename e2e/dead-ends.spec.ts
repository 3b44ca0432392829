import { expect, test } from '@playwright/test';
import { goToStation, openMeasured, openSlot, openTicket, ticketId } from './ticket.ts';

test('choices that are typed and not agreed are asked for on the way to another station', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Tide-table');
  await page.goto(`/tickets/${id}/style`);
  const depth = page.getByRole('textbox', { name: /^Neck depth, front/ });
  await openSlot(page, 'Neck and collar');
  await depth.fill('9.5');
  await goToStation(page, 'Figures');
  const question = page.getByRole('alertdialog', { name: 'Agree what was changed?' });
  await question.getByRole('button', { name: 'Stay here' }).click();
  await expect(depth).toHaveValue('9.5');
  await goToStation(page, 'Figures');
  await question.getByRole('button', { name: 'Agree and go on' }).click();
  await expect(page.getByRole('row', { name: /^Neck, down at the centre/ })).toContainText('9.5');
  await page.goto(`/tickets/${id}/style`);
  await openSlot(page, 'Neck and collar');
  await depth.fill('9');
  await goToStation(page, 'Figures');
  await question.getByRole('button', { name: 'Discard changes' }).click();
  await expect(page.getByRole('row', { name: /^Neck, down at the centre/ })).toContainText('9.5');
});

test('a change that would redraw chalked pieces is refused once, and the field shows what is stored', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Harbour-master');
  await page.goto(`/tickets/${id}/measure`);
  await page
    .getByRole('navigation', { name: 'Measures' })
    .getByRole('button', { name: /^Bust 38/ })
    .click();
  await page.getByRole('textbox', { name: 'Bust', exact: true }).fill('41');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Leave them as they are' }).click();
  await expect(page.getByRole('alertdialog')).toHaveCount(0);
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
  await page.waitForTimeout(500);
  await expect(page.getByRole('alertdialog')).toHaveCount(0);
  await expect(
    page.getByRole('navigation', { name: 'Measures' }).getByRole('button', { name: /^Bust 38/ }),
  ).toBeVisible();
});

test('Enter holds a measure that is needed and empty; Skip goes on; at the end what is missing comes again', async ({
  page,
}) => {
  await openTicket(page, 'Maud Kettle', 'Held measures');
  await expect(page.getByRole('heading', { name: 'Shoulder' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Shoulder is needed for this style');
  await expect(page.getByRole('heading', { name: 'Shoulder', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Skip' }).click();
  await expect(page.getByRole('heading', { name: 'Shoulder', exact: true })).toBeHidden();
  // Escape leaves the field, and letters act on the page again.
  await page.getByRole('textbox').first().focus();
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys on this page' });
  await expect(keys).toBeVisible();
  await page.keyboard.press('Escape');
  // What opened a sheet has the focus again once it is put away.
  await page.getByRole('button', { name: 'Slate' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Slate' })).toBeFocused();
});

test('plans that were not taken are the same after the page is loaded again, and improving says what it gained', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  const cloths = [{ role: 'outer', name: 'Kept drill', width: '54in' }];
  const id = await openMeasured(request, {
    title: 'Kept plans',
    styleId: 'plain-bodice',
    like: 'Bell-ringer',
    cloths,
  });
  await page.goto(`/tickets/${id}/lay`);
  const cards = page.getByRole('button', { name: /to chalk/ });
  await expect(cards.first()).toBeVisible({ timeout: 40_000 });
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 40_000 });
  const before = await cards.allTextContents();
  await page.reload();
  await expect(cards.first()).toBeVisible();
  expect(await cards.allTextContents()).toEqual(before);
  await page.getByRole('button', { name: 'Improve' }).click();
  await expect(page.getByText(/Nothing shorter was found|shorter than before/)).toBeVisible({
    timeout: 40_000,
  });
});

test('the chalk is held while no plan is taken for the cloth that shows, and says why', async ({
  page,
  request,
}) => {
  const cloths = [{ role: 'stay', name: 'Only stay', width: '36in' }];
  const id = await openMeasured(request, {
    title: 'Stay alone',
    styleId: 'bustier-bodice',
    like: 'Bell-ringer',
    cloths,
  });
  await page.goto(`/tickets/${id}/lay`);
  await page.getByRole('button', { name: 'Take this plan' }).click({ timeout: 30_000 });
  await expect(page.getByRole('heading', { name: 'Which cloth for the outer?' })).toBeVisible();
  await page.goto(`/tickets/${id}/chalk`);
  await expect(page.getByText('No plan is taken for the outer.')).toBeVisible();
  await page.keyboard.press('Tab');
  await page.goto('/');
  await expect(page.getByRole('listitem').filter({ hasText: 'Stay alone' })).toContainText(
    'no cloth yet for the outer and lining',
  );
});

test('the first thing that Tab reaches skips the rooms', async ({ page }) => {
  await page.goto('/tickets');
  await expect(page.getByRole('searchbox', { name: 'Find a ticket' })).toBeVisible();
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'Skip to the page' });
  await expect(skip).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('searchbox', { name: 'Find a ticket' })).toBeFocused();
});

test('a station that cannot be loaded leaves the others within reach, and the tab says where one is', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Lantern');
  await page.goto(`/tickets/${id}/measure`);
  await expect(page).toHaveTitle(/^Nº \d+ Lantern.*, Measure · Ample Bolt$/);
  await page.route('**/assets/*.js', (route) => route.abort());
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Draft/ }).click();
  await expect(page.getByRole('heading', { name: 'This page tore' })).toBeVisible();
  await page.unroute('**/assets/*.js');
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /Measure/ })
    .click();
  await expect(page.getByRole('navigation', { name: 'Measures' })).toBeVisible();
  await page.getByRole('link', { name: 'People' }).click();
  await expect(page).toHaveTitle('People · Ample Bolt');
});

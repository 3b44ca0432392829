import { expect, test, type Page } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { ticketId } from './ticket.ts';

/** Drags a piece on the cloth by so many pixels, and looks at it before it is let go. */
async function dragPiece(page: Page, name: string, right: number, down: number): Promise<void> {
  const box = await page.getByRole('button', { name, exact: true }).boundingBox();
  if (!box) throw new Error(`there is no piece called ${name}`);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + right, y + down, { steps: 6 });
  await page.mouse.up();
}

test('a piece is moved by hand into an overlap: refused, with why, taken back, and the rest laid around what is locked', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Cornet player');
  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByText(/proved: all inside/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 20_000 });
  const tools = page.getByRole('region', { name: 'By hand' });

  await dragPiece(page, 'Bodice back 1', -70, -10);
  await expect(tools.getByRole('alert')).toContainText(/lie on each other, .* deep/);
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeDisabled();
  await expectNoViolation(page, 'lay by hand');

  // What was moved is still there after a reload, and so is the way back.
  await page.reload();
  await expect(tools.getByRole('alert')).toContainText('lie on each other');
  await page.keyboard.press('b');
  await expect(tools.getByText('Proved as it lies now')).toBeVisible();

  // A piece that is locked is not moved, by no key, and the others are laid around it.
  const front = page.getByRole('button', { name: /^Skirt front 1/ });
  await front.click();
  await page.keyboard.press('l');
  await expect(front).toHaveAccessibleName('Skirt front 1, locked');
  const where = await front.getAttribute('d');
  await front.press('ArrowRight');
  expect(await front.getAttribute('d')).toBe(where);
  await page.keyboard.press('e');
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 20_000 });
  await expect(tools.getByText('Proved as it lies now')).toBeVisible();
  await expect(front).toHaveAccessibleName('Skirt front 1, locked');

  // A plan that could not be sent is still the hand's, with its way back, after Back too.
  await page.route('**/api/tickets/*/lay', (route) => route.abort());
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByText(/does not answer/)).toBeVisible();
  await page.unroute('**/api/tickets/*/lay');
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /Figures/ })
    .click();
  await expect(page).toHaveURL(/figures$/);
  await page.goBack();
  await expect(page.getByRole('button', { name: /By hand/ })).toHaveAttribute('aria-pressed', 'true');

  await page.getByRole('button', { name: 'Take this plan' }).click();
  // Taken, it is the ticket's lay like any other, and what was kept of the hand's is done with.
  await expect(page.getByRole('heading', { name: 'Where it starts' })).toBeVisible();
  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByRole('button', { name: /Folded to width chosen/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /By hand/ })).toBeHidden();
});

test('by the arrow keys a piece goes by the step of the tape, turns half, and is pushed tight', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Bell-ringer');
  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: /Open, one layer/ }).click();
  const piece = page.getByRole('button', { name: 'Facing back 2', exact: true });
  await piece.focus();
  for (let press = 0; press < 40; press++) await page.keyboard.press('Shift+ArrowRight');
  const tools = page.getByRole('region', { name: 'By hand' });
  const card = page.getByRole('button', { name: /By hand/ });
  await expect(card).toHaveAttribute('aria-pressed', 'true');
  const apart = await card.innerText();
  await tools.getByRole('button', { name: 'Push tight' }).click();
  await expect(card).not.toHaveText(apart);
  await expect(tools.getByText('Proved as it lies now')).toBeVisible();
  // Velveteen runs one way: nothing is half turned on it.
  await expect(tools.getByRole('button', { name: 'Half turn' })).toBeDisabled();
  await tools.getByRole('button', { name: 'Leave it' }).click();
  await expect(card).toBeHidden();
});

test('ways of folding that cannot be are named with why', async ({ page, request }) => {
  const id = await ticketId(request, 'Bell-ringer');
  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByText(/folded across, its under layer would point the other way/)).toBeVisible();
});

test('a flaw is marked on the cloth, the chosen lay no longer fits, and the next one keeps off it; a price tells the cost', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Torch-carrier');
  await page.goto(`/tickets/${id}/lay`);
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  await page.getByLabel(/^Price of a/).fill('18.50');
  await page.getByRole('button', { name: 'Add a flaw' }).click();
  const typed = { from: '10', to: '6', left: '8', right: '12' };
  for (const [side, value] of Object.entries(typed))
    await page.getByRole('textbox', { name: `Flaw 1, ${side}` }).fill(value);
  await page.getByRole('button', { name: 'Use this cloth' }).click();
  // It ends before it begins: said, and nothing that was typed is lost.
  await expect(page.getByRole('alert')).toContainText('Flaw 1 has no size');
  await expect(page.getByRole('textbox', { name: 'Flaw 1, left' })).toHaveValue('8');
  await page.getByRole('textbox', { name: 'Flaw 1, to' }).fill('14');
  await page.getByRole('button', { name: 'Use this cloth' }).click();
  await expect(page.getByText('Flaw: nothing is laid here')).toBeAttached();
  await expect(page.getByText('The chosen lay no longer fits')).toBeVisible();
  const plan = page.getByRole('button', { name: /costs \d+\.\d\d/ }).first();
  await expect(plan).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText(/proved: all inside/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeEnabled({ timeout: 20_000 });
});

import { expect, test, type Page } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { putPart, ticketId } from './ticket.ts';

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
  // One letter puts all hand work aside, and has it again.
  const pushed = (await card.textContent()) ?? '';
  await page.keyboard.press('x');
  await expect(card).toBeHidden();
  await page.keyboard.press('x');
  await expect(card).toHaveText(pushed);
  await tools.getByRole('button', { name: 'Put changes aside' }).click();
  await expect(card).toBeHidden();
  await page.reload();
  await tools.getByRole('button', { name: 'Bring changes back' }).click();
  await expect(card).toBeVisible();
});

test('with more processors several workers search at once, and stop together', async ({ page, request }) => {
  await page.addInitScript(() => Object.defineProperty(navigator, 'hardwareConcurrency', { get: () => 4 }));
  await page.goto(`/tickets/${await ticketId(request, 'Harbour-office')}/lay`);
  await expect(page.getByText(/proved: all inside/)).toBeVisible({ timeout: 30_000 });
  // One drafts, three search.
  await expect.poll(() => page.workers().length).toBe(4);
  const improve = page.getByRole('button', { name: 'Improve' });
  await expect(improve).toBeVisible({ timeout: 30_000 });
  await improve.click();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(improve).toBeVisible();
  await expect(page.getByText(/proved: all inside/)).toBeVisible();
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
  await page.goto(`/tickets/${id}/lay?cloth=outer`);
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  await page.getByLabel(/^Price of a/).fill('18.50');
  await page.getByRole('button', { name: 'Add a flaw' }).click();
  const typed = { from: '10', to: '6', left: '8', right: '12' };
  for (const [side, value] of Object.entries(typed))
    await page.getByRole('textbox', { name: `Flaw 1, ${side}` }).fill(value);
  await page.getByRole('button', { name: 'Save cloth' }).click();
  // It ends before it begins: said, and nothing that was typed is lost.
  await expect(page.getByRole('alert')).toContainText('Flaw 1 has no size');
  await expect(page.getByRole('textbox', { name: 'Flaw 1, left' })).toHaveValue('8');
  await page.getByRole('textbox', { name: 'Flaw 1, to' }).fill('14');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByText('Flaw: nothing is laid here')).toBeAttached();
  await expect(page.getByText('The chosen lay no longer fits')).toBeVisible();
  const plan = page.getByRole('button', { name: /costs \d+\.\d\d/ }).first();
  await expect(plan).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText(/proved: all inside/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeEnabled({ timeout: 20_000 });
});

test('a leftover with a slanted end and a flaw, and a panel with a worked motif, are laid as they are', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Ferry-day');
  const field = (name: string) => page.getByRole('textbox', { name, exact: true });
  const fill = async (row: string, values: Readonly<Record<string, string>>) => {
    for (const [name, value] of Object.entries(values)) await field(`${row}, ${name}`).fill(value);
  };
  await page.goto(`/tickets/${id}/lay?cloth=outer`);
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  await page.getByLabel('Width, in').fill('60');
  await page.getByLabel('Length in stock, in').fill('84');
  const corners = [['0', '0'], ['84', '0'], ['70', '30'], ['76', '60'], ['12', '60'], ['0', '40']]; // prettier-ignore
  for (const [index, [along = '', across = '']] of corners.entries()) {
    await page.getByRole('button', { name: 'Add a corner' }).click();
    await fill(`Corner ${index + 1}`, { along, across });
  }
  await page.getByRole('button', { name: 'Add a flaw' }).click();
  await fill('Flaw 1', { from: '20', to: '24', left: '15', right: '18' });
  await page.getByRole('button', { name: 'Add a panel' }).click();
  await page.getByRole('combobox', { name: /carries/ }).selectOption({ label: 'Bodice front' });
  await fill('Panel 1', { from: '40', to: '62', left: '2', right: '30' });
  await expectNoViolation(page, 'cloth with its places');
  // One corner is past the end: named, and nothing that was typed is lost.
  await fill('Corner 2', { along: '90' });
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByRole('alert')).toContainText('Corner 2 of the outline, along,');
  await expect(field('Panel 1, right')).toHaveValue('30');
  await fill('Corner 2', { along: '84' });
  await page.getByRole('button', { name: 'Save cloth' }).click();

  await expect(page.getByText('Panel with a worked motif')).toBeAttached();
  await expect(page.getByText(/proved: all inside/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });
  // Its piece lies on the panel, middle on middle: 16 in from the upper selvedge.
  const [cloth] = ((await (await request.get(`/api/tickets/${id}`)).json()) as { cloths: { panels: object[] }[] }).cloths; // prettier-ignore
  expect(cloth?.panels).toHaveLength(1);
  const onPanel = page.getByRole('button', { name: 'Bodice front 1', exact: true });
  const [box, panel] = [await onPanel.boundingBox(), await page.locator('rect + path[stroke-dasharray="10 4 2 4"]').boundingBox()]; // prettier-ignore
  if (!box || !panel) throw new Error('the panel is not drawn');
  expect(Math.abs(box.y + box.height / 2 - panel.y - panel.height / 2)).toBeLessThan(1.5);
  // Moved off it by hand, it is said.
  await onPanel.focus();
  for (let press = 0; press < 3; press++) await page.keyboard.press('Shift+ArrowDown');
  await expect(page.getByRole('region', { name: 'By hand' }).getByRole('alert')).toContainText('does not lie on its panel'); // prettier-ignore
  await page.keyboard.press('x');
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByRole('heading', { name: 'Which cloth for the lining?' })).toBeVisible();
});

test('cloth that is too short: by how much, what would make it fit is tried, and one press does it', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  const id = await ticketId(request, 'Ferry-day');
  // Calculated it has no stop that was signed off as it stands: its eases may become less.
  await putPart(request, id, 'rules', { rules: { 'school.block': null } });
  await page.goto(`/tickets/${id}/lay?cloth=outer`);
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  for (const kind of ['corner', 'flaw', 'panel'])
    for (;;) {
      const off = page.getByRole('button', { name: new RegExp(`Take ${kind} 1 off`) });
      if (!(await off.isVisible())) break;
      await off.click();
    }
  await page.getByLabel('Width, in').fill('45');
  await page.getByLabel('Length in stock, in').fill('47');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByText(/There is 47 in of this cloth; this lay needs .* short/)).toBeVisible({ timeout: 30_000 }); // prettier-ignore
  // A join is tried first: nobody sees it.
  await expect(page.getByText(/A join at the fold of .*facing.*: /)).toBeVisible({ timeout: 40_000 });
  await expect(page.getByText(/Eases less by up to 1 in: /)).toBeVisible({ timeout: 40_000 });
  const wider = page.getByRole('listitem').filter({ hasText: /^Another cloth, .* fits/ });
  await expect(wider).toBeVisible({ timeout: 60_000 });
  await expectNoViolation(page, 'cloth too short');
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeDisabled();
  await wider.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByText(/There is 47 in of this cloth/)).toBeHidden({ timeout: 30_000 });
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeEnabled({ timeout: 30_000 });
  // Like any other change it can be undone.
  await page.getByRole('button', { name: /^Undo: Outer cloth/ }).click();
  await expect(page.getByText('45 in').first()).toBeVisible();
  await putPart(request, id, 'rules', { rules: { 'school.block': 'table' } });
});

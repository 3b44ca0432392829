import { expect, test } from '@playwright/test';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { expectNoViolation } from './axe.ts';
import { dragDown, openSlot, readings, takeMeasures, ticketId } from './ticket.ts';

test('a bustier is opened by its picture, its neckline dragged, a planted mismatch cleared by its remedy, and all undone', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto('/tickets/new');
  await page.getByRole('combobox', { name: 'Client' }).fill('Brisa Holt');
  await page.getByLabel('What is made').fill('Signal-flag bustier');
  await page.getByRole('radio', { name: 'Bustier bodice' }).click();
  await expectNoViolation(page, 'the new ticket');
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  await takeMeasures(
    page,
    readings.filter(([name]) => name !== 'Hip'),
  );
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Style/ }).click();

  // The point on the drawing and the figure in the list are one choice.
  const field = page.getByLabel('Neck depth, front', { exact: false }).first();
  const point = page.getByRole('slider', { name: 'Neck depth, front' });
  await dragDown(page, 'Neck depth, front', 30);
  const dragged = Number.parseFloat(
    await page.getByRole('textbox', { name: /^Neck depth, front/ }).inputValue(),
  );
  expect(dragged).toBeGreaterThan(3.5);
  await point.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('textbox', { name: /^Neck depth, front/ })).not.toHaveValue(String(dragged));
  await expect(field).toBeVisible();
  await expectNoViolation(page, 'style');
  await page.getByRole('button', { name: 'Agree this style' }).click();
  await expect(page).toHaveURL(/figures$/);

  // A side's end moved by hand no longer fits its partner: the draft says so, and its remedy takes it back.
  await page.getByRole('button', { name: 'Bodice front side' }).click();
  const row = page.getByRole('row', { name: /^Waist, seam to side/ });
  await row.getByRole('button').click();
  const card = page.getByRole('region', { name: 'Waist, seam to side' });
  await card.getByLabel('Waist, seam to side, by hand').fill('9');
  await card.getByLabel('Why').fill('to see what it does');
  await card.getByRole('button', { name: 'Set by hand' }).click();
  await expect(row).toContainText('by hand');
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Draft/ }).click();
  const finding = page.getByText(/Finished waist is/);
  await expect(finding).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).first().click();
  await expect(finding).toBeHidden();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(finding).toBeVisible();
});

test('two edges are walked along each other, with both lengths and their notches', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Drum-major');
  await page.goto(`/tickets/${id}/draft`);
  await page
    .getByRole('button', { name: /princess front/ })
    .first()
    .click();
  const walk = page.getByRole('region', { name: 'The seam walked' });
  await expect(walk.getByText('Edge to edge, of one length')).toBeVisible();
  await expect(walk.getByText('notches meet')).toBeVisible();
  await expect(walk.getByText(/runs on smoothly/).first()).toBeVisible();
  await expectNoViolation(page, 'draft');
});

test('another style is taken from the book for the same measures, and undo brings the first back', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Fireworks');
  await page.goto(`/tickets/${id}/style`);
  await page.getByRole('button', { name: 'Style book' }).click();
  const book = page.getByRole('dialog', { name: 'Style book' });
  for (const { name } of Object.values(styleBook))
    await expect(book.getByRole('radio', { name, exact: true })).toBeVisible();
  await book.getByRole('radio', { name: 'Halter bodice' }).click();
  await expectNoViolation(page, 'the style book');
  await book.getByRole('button', { name: 'Make this style' }).click();
  await expect(page.getByRole('heading', { name: 'Halter bodice' })).toBeVisible();
  await openSlot(page, 'Closure');
  await expect(page.getByText('Loops on each side')).toBeVisible();
  await page.getByRole('button', { name: /^Undo: Style: Tube top → Halter bodice/ }).click();
  await expect(page.getByRole('heading', { name: 'Tube top' })).toBeVisible();
});

test('a top edge set under the bust is a stop with a remedy that sets it right', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Fireworks');
  await page.goto(`/tickets/${id}/style`);
  await openSlot(page, 'Neck and collar');
  await page.getByRole('textbox', { name: /^Top edge, down/ }).fill('9');
  await expect(page.getByText(/at or under the bust line/)).toBeVisible();
  await page.getByRole('textbox', { name: /^Top edge, down/ }).fill('5');
  await expect(page.getByText(/at or under the bust line/)).toBeHidden();
});

test('a garment is put together by keyboard; what cannot be read is marked at its slot, kept through a reload, and let go', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Regatta bustier');
  await page.goto(`/tickets/${id}/style`);
  const slots = page.getByRole('navigation', { name: 'Slots of the garment' });
  await slots.getByRole('button', { name: /^Sleeve/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 2, name: 'Sleeve' })).toBeVisible();
  await page.getByRole('radio', { name: 'none' }).focus();
  await page.keyboard.press('ArrowRight', { delay: 100 });
  await expect(page.getByRole('radio', { name: 'set-in sleeve' })).toBeChecked();
  const longer = page.getByRole('textbox', { name: /^Longer by/ });
  await longer.fill('a bit');
  await openSlot(page, 'Layers');
  await expect(page.getByTitle('Something here cannot be read')).toBeVisible();
  // What holds the agreement is brought back into sight.
  await page.getByRole('button', { name: /^Agree/ }).click();
  await expect(longer).toHaveAttribute('aria-invalid', 'true');
  await expect(page).toHaveURL(/style$/);
  await page.reload();
  await openSlot(page, 'Sleeve');
  await expect(longer).toHaveValue('a bit');
  await page.getByRole('button', { name: 'Discard' }).click();
  await expect(page.getByRole('radio', { name: 'none' })).toBeChecked();
  await expect(page.getByRole('button', { name: 'Agreed; on to the figures' })).toBeVisible();
  // One step to the figures, one back.
  await page.getByRole('button', { name: 'Agreed; on to the figures' }).click();
  await expect(page).toHaveURL(/figures$/);
  await page.goBack();
  await expect(page).toHaveURL(/style$/);
});

test('a side that a hand lengthened is met by its partner in one click', async ({ page, request }) => {
  const id = await ticketId(request, 'Drum-major');
  const { version } = (await (await request.get(`/api/tickets/${id}`)).json()) as { version: number };
  await request.patch(`/api/tickets/${id}/figures`, {
    data: { version, figures: { 'bodice-back-side/side-seam': { value: '12', why: 'long in the back' } } },
  });
  await page.goto(`/tickets/${id}/draft`);
  await expect(page.getByText('Seam bodice side: the two sides differ', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: /^not true bodice side/ }).click();
  const walk = page.getByRole('region', { name: 'The seam walked' });
  await expect(walk.getByText(/side seam.* set to 12 in trues it/)).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'trued, dashed' })).toBeVisible();
  await walk.getByRole('button', { name: 'True it' }).click();
  await expect(page.getByRole('button', { name: /^true bodice side/ })).toBeVisible();
  await expect(walk.getByText('Edge to edge, of one length', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(page.getByRole('button', { name: /^not true bodice side/ })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(page.getByRole('button', { name: /^true bodice side/ })).toBeVisible();
});

test('a neckline is dragged on its piece, lies beside what was agreed, is kept, and is compared with the version before', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Bell-ringer');
  await page.goto(`/tickets/${id}/draft`);
  // All pieces at once to begin with; one is opened by pressing it.
  await page
    .getByRole('list', { name: 'All pieces' })
    .getByRole('button', { name: 'Bodice front' })
    .first()
    .click();
  await dragDown(page, 'Neck depth, front', 40);
  const trial = page.getByRole('region', { name: 'On trial' });
  await expect(trial.getByText(/Neck depth, front/)).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'agreed, dashed' })).toBeVisible();
  await expectNoViolation(page, 'draft on trial');
  await page.reload();
  await expect(trial).toBeVisible();
  await trial.getByRole('button', { name: 'Keep it' }).click();
  await expect(trial).toBeHidden();
  const before = await page
    .getByRole('combobox', { name: 'beside' })
    .getByRole('option', { name: /\d/ })
    .nth(0)
    .getAttribute('value');
  await page.getByRole('combobox', { name: 'beside' }).selectOption(before);
  await expect(page.getByRole('columnheader', { name: 'then, dashed' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Neck, down at the centre/ })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: / }).click();
});

test('a one-shoulder top: a bare side set too low is set right, and an edge is moved by keys and kept', async ({
  page,
}) => {
  await page.goto('/tickets/new');
  await page.getByRole('combobox', { name: 'Client' }).fill('Greta Salt');
  await page.getByLabel('What is made').fill('Landing-stage top');
  await page.getByRole('radio', { name: 'One-shoulder top' }).click();
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  await takeMeasures(
    page,
    readings.filter(([name]) => name !== 'Hip'),
  );
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Style/ }).click();
  await page.getByLabel('Bare side, lower').fill('3 1/2');
  await expect(page.getByText(/at or under the bust line/)).toBeVisible();
  await page.getByRole('button', { name: 'Set it' }).first().click();
  await expect(page.getByText(/at or under the bust line/)).toBeHidden();
  await page.getByRole('button', { name: /^Agree/ }).click();
  await expect(page).toHaveURL(/figures$/);
  await page.keyboard.press(']');

  await page
    .getByRole('list', { name: 'All pieces' })
    .getByRole('button', { name: 'Bodice front' })
    .first()
    .click();
  // Each press counts, though the draft follows later; what could not be sent is kept.
  const edge = page.getByRole('slider', { name: 'Neck width' });
  const before = Number(await edge.getAttribute('aria-valuenow'));
  await edge.focus();
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight']) await page.keyboard.press(key);
  const trial = page.getByRole('region', { name: 'On trial' });
  await expect(trial).toContainText('Neck width');
  await page.route('**/choices', (route) => route.abort());
  await trial.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('alert')).toContainText('1 change waits on this device');
  await page.unroute('**/choices');
  await expect(trial).toBeHidden();
  await expect(page.getByRole('button', { name: /^Undo: Neck width/ })).toBeEnabled();
  expect(Number(await edge.getAttribute('aria-valuenow'))).toBeCloseTo(before + 3 / 8, 2);
});

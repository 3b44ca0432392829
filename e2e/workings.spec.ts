import { expect, test, type Page } from '@playwright/test';
import { addUpPrinted } from '@ample-bolt/core/testing/add-up-printed';
import { openMeasured } from './ticket.ts';

/** Opens the figures of a piece in the list; a lining's has the name of its cloth above it. */
async function choosePiece(page: Page, name: RegExp, inList = 0): Promise<void> {
  await page.getByRole('button', { name }).nth(inList).click();
}

/** Opens a figure and adds up its printed sum as a pencil would; gives the sum as it is printed. */
async function addUp(page: Page, figure: RegExp): Promise<string> {
  const button = page.getByRole('row', { name: figure }).getByRole('button');
  await button.click();
  const printed = ((await button.locator('span').last().textContent()) ?? '')
    .replaceAll('\u202f', ' ')
    .replaceAll('\u2044', '/');
  expect([printed, Math.abs(addUpPrinted(printed)) <= 1 / 16]).toEqual([printed, true]);
  return printed;
}

const cloths = [{ role: 'outer', name: 'Summing drill', width: '54in' }];

test('the neck of a surplice and the strap of a halter add up from what was chosen', async ({
  page,
  request,
}) => {
  const surplice = await openMeasured(request, {
    title: 'Summed surplice',
    styleId: 'surplice-crop-top',
    like: 'Bell-ringer',
    cloths,
  });
  await page.goto(`/tickets/${surplice}/figures`);
  await choosePiece(page, /^Bodice front/);
  expect(await addUp(page, /^Neck, down at the front edge/)).toMatch(/^waist line .* − above the waist/);
  expect(await addUp(page, /^Fronts cross, down at the centre/)).toMatch(/^fronts cross at/);

  const halter = await openMeasured(request, {
    title: 'Summed halter',
    styleId: 'halter-bodice',
    like: 'Bell-ringer',
    cloths,
  });
  await page.goto(`/tickets/${halter}/figures`);
  await choosePiece(page, /^Bodice front/);
  expect(await addUp(page, /^Strap, across to its outer end/)).toMatch(
    /^neck width .* \+ strap .* \+ armhole seam/,
  );
});

test('a bust dart and a lining’s edge open down to the tape, and a term leads to where it is set', async ({
  page,
  request,
}) => {
  const id = await openMeasured(request, {
    title: 'Summed bodice',
    styleId: 'plain-bodice',
    like: 'Bell-ringer',
    cloths,
  });
  await page.goto(`/tickets/${id}/figures`);
  await choosePiece(page, /^Bodice front/);
  expect(await addUp(page, /^Bust dart, whole intake/)).toMatch(/^waist line, front .* − waist line, back/);
  const card = page.getByRole('region', { name: 'Bust dart, whole intake' });
  await card.getByText('waist line, back').click();
  await expect(card.getByRole('link', { name: 'back waist' })).toBeVisible();
  // The legs of the dart are lit on the drawing.
  const lit = page.locator('svg [stroke="var(--color-chalk-now)"]');
  await expect(lit).toHaveCount(2);

  // The second piece of that name is the lining's.
  await choosePiece(page, /^Bodice front/, 1);
  expect(await addUp(page, /^Edge to the facing, down at the side/)).toMatch(
    /^underarm, down .* \+ facing, deep at the side .* − facing above/,
  );
  await choosePiece(page, /^Facing front/);
  expect(await addUp(page, /^Inner edge, down at the centre/)).toMatch(
    /^neck, down .* \+ facing, deep at the neck/,
  );

  await choosePiece(page, /^Bodice front/);
  await addUp(page, /^Bust, across/);
  await page.getByRole('region', { name: 'Bust, across' }).getByRole('link', { name: 'bust' }).click();
  await expect(page).toHaveURL(/measure\?measure=bust$/);
  await expect(page.getByRole('heading', { name: 'Bust', exact: true })).toBeVisible();
  await page.goBack();
  await addUp(page, /^Bust, across/);
  await page.getByRole('region', { name: 'Bust, across' }).getByRole('link', { name: 'side seam' }).click();
  await expect(
    page
      .getByRole('textbox', { name: 'Find a rule' })
      .or(page.getByRole('searchbox', { name: 'Find a rule' })),
  ).toHaveValue('allowance.side');
});

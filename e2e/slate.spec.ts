import { expect, test, type Locator, type Page } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { ticketId } from './ticket.ts';

async function openSlate(page: Page, sum: string): Promise<Locator> {
  await page.keyboard.press('s');
  const slate = page.getByRole('dialog', { name: 'Slate' });
  await slate.getByRole('button', { name: sum, exact: true }).click();
  await expect(slate.getByRole('heading', { name: sum })).toBeVisible();
  return slate;
}

test('a sum comes out as it is typed, and a habit that misses is told by how much', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByText('Lamp-bearer’s gown')).toBeVisible();
  const slate = await openSlate(page, 'Flare');
  const comes = slate.getByRole('region', { name: 'What it comes to' });
  await expect(slate.getByText('Seam round is missing')).toBeVisible();
  await slate.getByLabel('seam round').fill('28');
  await slate.getByRole('textbox', { name: 'length', exact: true }).fill('24in');
  await expect(comes).toContainText('3\u202f15\u204416 in');
  await slate.getByLabel('habit: round ÷').fill('8');
  await expect(comes).toContainText('Round ÷ 8 gives 22 in where 28 in is meant: it misses by 6 in.');
  await expect(slate.getByRole('img', { name: 'The ring, to scale' })).toBeVisible();

  // What does not read is named and not lost; what was right before comes back with it.
  await slate.getByRole('textbox', { name: 'length', exact: true }).fill('long');
  await expect(slate.getByRole('alert')).toContainText('Length "long" is not a length');
  await slate.getByRole('textbox', { name: 'length', exact: true }).fill('2ft');
  await expect(comes).toBeVisible();
  await expectNoViolation(page);

  // Put away and taken up again over another page, it is as it was.
  await page.keyboard.press('Escape');
  await expect(slate).toBeHidden();
  await page.goto('/people');
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await page.keyboard.press('s');
  await expect(slate.getByLabel('seam round')).toHaveValue('28');
  // Switched to centimetres it is the same seam; what is no length stays as it is.
  await slate.getByRole('radio', { name: 'centimetres' }).click();
  await expect(slate.getByLabel('seam round')).toHaveValue('71.12');
  await expect(slate.getByLabel('habit: round ÷')).toHaveValue('8');
  await slate.getByRole('button', { name: 'Wipe this one' }).click();
  await expect(slate.getByLabel('seam round')).toHaveValue('');
});

test('every sum opens, asks for what it needs, and reads in centimetres', async ({ page }) => {
  await page.goto('/people');
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  const slate = await openSlate(page, 'A quarter, cut');
  const names = await slate.getByRole('navigation', { name: 'Sums' }).getByRole('button').allTextContents();
  expect(names).toHaveLength(21);
  for (const name of names) {
    await slate.getByRole('button', { name, exact: true }).click();
    await expect(slate.getByText(/is missing\.$/)).toBeVisible();
  }
  await slate.getByRole('searchbox', { name: 'Find a sum' }).fill('shrink');
  await slate.getByRole('button', { name: 'Buy', exact: true }).click();
  await slate.getByRole('radio', { name: 'centimetres' }).click();
  await slate.getByRole('textbox', { name: 'length', exact: true }).fill('230');
  await slate.getByRole('radio', { name: 'm', exact: true }).click();
  await expect(slate.getByRole('region', { name: 'What it comes to' })).toContainText('2.3 m');
});

test('the slate opens over the chalk as well, and its keys do not chalk', async ({ page, request }) => {
  const id = await ticketId(request, 'Lamp-bearer');
  await page.goto(`/tickets/${id}/chalk`);
  const mark = await page.getByText(/^\d+ \/ \d+$/).textContent();
  await page.keyboard.press('s');
  const slate = page.getByRole('dialog', { name: 'Slate' });
  await expect(slate).toBeVisible();
  await page.keyboard.press('PageDown');
  await page.keyboard.press('Escape');
  await expect(slate).toBeHidden();
  await expect(page.getByText(mark ?? '', { exact: true })).toBeVisible();
});

test('a sum goes onto the open ticket with its working, and can be undone there', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Choir');
  await page.goto(`/tickets/${id}/measure`);
  await expect(page.getByRole('heading', { name: 'Choir dress, first fitting' })).toBeVisible();
  await page.getByRole('button', { name: 'Slate' }).click();
  const slate = page.getByRole('dialog', { name: 'Slate' });
  await slate.getByRole('button', { name: 'Half length', exact: true }).click();
  await slate.getByLabel('height').fill('66');
  await slate.getByRole('button', { name: 'Onto ticket Nº 4' }).click();
  await expect(slate.getByRole('button', { name: 'On ticket Nº 4' })).toBeDisabled();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox', { name: 'Remarks' })).toHaveValue(
    /half length: 16 1\/2 in \(height 66 ÷ 4 = 16 1\/2\)/,
  );

  // Remarks typed by hand are stored when the field is left, and undone like any other change.
  await page.getByRole('textbox', { name: 'Remarks' }).fill('Leans to the left');
  await page.getByRole('textbox', { name: 'Remarks' }).blur();
  await expect(page.getByRole('button', { name: /^Undo: Remarks: .* → Leans to the left/ })).toBeEnabled();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Remarks' })).toHaveValue('Leans to the left');
  await page.getByRole('button', { name: /^Undo: Remarks/ }).click();
  await expect(page.getByRole('textbox', { name: 'Remarks' })).toHaveValue(/half length: 16 1\/2 in/);
});

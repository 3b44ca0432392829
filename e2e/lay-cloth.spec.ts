import { expect, test } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { measuresLike, putPart, ticketId } from './ticket.ts';

test('a print is matched around the body; without its repeat it is refused, and nothing typed is lost on reload or a failed request', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  const id = await ticketId(request, 'Harbour-office');
  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByText(/both ways, matched/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/proved: all inside/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });
  // By a part of the repeat a piece does not match any more; taken back it does.
  await page.getByRole('button', { name: 'Bodice front 1', exact: true }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  const tools = page.getByRole('region', { name: 'By hand' });
  await expect(tools.getByRole('alert')).toContainText('does not match the print: its level is off by 2 cm');
  await page.keyboard.press('b');
  await expect(tools.getByText('Proved as it lies now')).toBeVisible();
  await page.keyboard.press('x');

  // The repeat is wiped by mistake.
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  const [repeat, between] = [page.getByLabel('Repeat, cm'), page.getByLabel('Gap between pieces, cm')];
  await expect(page.getByRole('checkbox', { name: 'Match the print' })).toBeChecked();
  await repeat.fill('');
  await between.fill('0.5');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByRole('alert')).toContainText('A print that is matched needs its repeat');
  await page.reload();
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  await expect(between).toHaveValue('0.5');
  await expect(repeat).toHaveValue('');
  await repeat.fill('9');
  await expectNoViolation(page, 'a print to match');
  await page.route('**/api/tickets/*/cloths', (route) => route.abort());
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByRole('alert')).toContainText('does not answer');
  await page.unroute('**/api/tickets/*/cloths');
  await expect(repeat).toHaveValue('9');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(between).toBeHidden();
  await expect(page.getByText(/proved: all inside/)).toBeVisible({ timeout: 30_000 });
  // Stripes across as well: centre lines lie on them, and a hand that leaves one is told.
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  const across = page.getByLabel('Across, cm');
  await across.fill('7');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(across).toBeHidden();
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/proved: all inside/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Facing back 1', exact: true }).focus();
  await page.keyboard.press('Shift+ArrowDown');
  await expect(tools.getByRole('alert')).toContainText('off the middle of a figure');
  await page.keyboard.press('x');
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  await across.fill('');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(across).toBeHidden();
  const { cloths } = (await (await request.get(`/api/tickets/${id}`)).json()) as { cloths: object[] };
  expect(cloths[0]).toMatchObject({ repeat: 90, matched: true, spacing: 5 });
});

test('pieces lie on the bias, with their hem on a border, and in a block that is fused before it is chalked', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  const id = await ticketId(request, 'Harbour-office');
  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });
  const choose = async (name: string) => {
    await page.getByRole('button', { name, exact: true }).focus();
    await page.keyboard.press('Enter');
  };
  const lies = page.getByLabel('Lies');
  await choose('Bodice front 1');
  await lies.selectOption('In a block to fuse');
  // A margin that no hand would leave is refused, and stays to be corrected.
  const margin = page.getByLabel('Left around it, cm');
  await margin.fill('40');
  await margin.press('Enter');
  await expect(page.getByText(/Margin of a block 40 cm is out of range/)).toBeVisible(); // prettier-ignore
  await expect(margin).toHaveValue('40');
  await margin.fill('2');
  await margin.press('Enter');
  await expectNoViolation(page, 'how a piece lies');

  await choose('Bodice back 1');
  await lies.selectOption('On the bias');
  await expect(page.getByText('let it hang a day')).toBeVisible();
  await choose('Skirt front 1');
  await expect(lies.getByRole('option', { name: 'Hem on the border' })).toBeDisabled();
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  await page.getByLabel('Border along').selectOption('the lower selvedge');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await choose('Skirt front 1');
  await lies.selectOption('Hem on the border');
  await expect(lies).toHaveValue('border');
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/proved: all inside/)).toBeVisible({ timeout: 30_000 });
  // By hand it leaves the border, and that is said.
  await choose('Skirt front 1');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.getByRole('region', { name: 'By hand' }).getByRole('alert')).toContainText('off the border with its hem'); // prettier-ignore
  await page.keyboard.press('x');
  await page.getByRole('button', { name: 'Take this plan' }).click();

  // The lining comes next on the table; the marks of the outer cloth are there already.
  await expect(page.getByRole('tab', { name: 'Outer laid' })).toBeVisible();
  await page.goto(`/tickets/${id}/chalk`);
  const title = page.getByRole('main').getByRole('heading');
  await expect(async () => {
    await page.keyboard.press('Space');
    await expect(title).toHaveText('A block to fuse', { timeout: 100 });
  }).toPass({ timeout: 30_000, intervals: [20] });
  await expect(page.getByText('cm wide')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(title).toHaveText('Where it starts');
  await expect(page.getByText('in from the block’s edge').first()).toBeVisible();
});

test('cloth is folded again for what is single, and its plan is taken and chalked from its own fold', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  // A halter bodice: its front lies on the fold, its laces are single.
  const id = await ticketId(request, 'Everyday');
  const send = (part: string, body: object) => putPart(request, id, part, body);
  await send('measures', await measuresLike(request, 'Lamp-bearer'));
  await send('style', { styleId: 'halter-bodice' });
  await send('choices', { choices: {} });
  await send('cloths', { cloths: [{ role: 'outer', name: 'Sail twill', width: '45in' }] });

  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: /Folded again/ }).click();
  await expect(page.getByText('fold again: open')).toBeVisible();
  await expect(page.getByText(/proved: all inside/)).toBeVisible();
  // A lace cannot be pushed back into the section that is folded.
  const lace = page.getByRole('button', { name: 'Back tie 1', exact: true });
  await lace.focus();
  for (let press = 0; press < 4; press++) await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByRole('region', { name: 'By hand' }).getByRole('alert')).toContainText('past the end of its fold'); // prettier-ignore
  await page.keyboard.press('x');
  await page.getByRole('button', { name: /Folded again/ }).click();
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByRole('heading', { name: 'Which cloth for the lining?' })).toBeVisible();
  const { lays } = (await (await request.get(`/api/tickets/${id}`)).json()) as {
    lays: { outer?: { fold: string; sections: object[] } };
  };
  expect(lays.outer?.fold).toBe('mixed');
  expect(lays.outer?.sections).toHaveLength(2);
  // Taken it stays on the table.
  await page.goto(`/tickets/${id}/lay`);
  await page.getByRole('tab', { name: /^Outer/ }).click();
  await expect(page.getByRole('button', { name: /Folded again chosen/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );

  // A hand wants a third section; one that has no piece is refused with why, and what was chosen survives a reload.
  await page.getByRole('button', { name: 'Fold in sections' }).click();
  const sections = page.getByRole('region', { name: 'Fold in sections' });
  await sections.getByRole('button', { name: 'Add a section' }).click();
  await expect(sections.getByRole('alert')).toContainText('Nothing is cut from this section');
  await expect(sections.getByRole('button', { name: 'Lay it so' })).toBeDisabled();
  await page.reload();
  await page.getByRole('button', { name: 'Fold in sections' }).click();
  await sections.getByRole('button', { name: 'Back tie: cut it in section 3' }).click();
  await sections.getByLabel('Fold of section 2').selectOption('Folded in half');
  await expect(sections.getByRole('alert')).toContainText('cuts more copies');
  await expectNoViolation(page, 'sections');
  await sections.getByLabel('Fold of section 2').selectOption('Open, one layer');
  await expect(sections.getByRole('alert')).toBeHidden();
  await sections.getByRole('button', { name: 'Lay it so' }).click();
  await expect(page.getByRole('button', { name: /By hand/ })).toHaveAttribute('aria-pressed', 'true');
  await sections.getByRole('button', { name: 'Close' }).click();
  await expect(
    page.getByRole('region', { name: 'By hand' }).getByText('Proved as it lies now'),
  ).toBeVisible();
});

import { expect, test, type Page } from '@playwright/test';
import { openEase, ticketId } from './ticket.ts';

async function setHouseRule(page: Page, name: string, typed: string): Promise<void> {
  await page.goto('/house');
  await page.getByLabel(name, { exact: true }).fill(typed);
  await page.getByLabel(name, { exact: true }).press('Enter');
}

test('a rule changed in the house leaves open tickets alone, and asks before chalked pieces are redrawn', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Torch-carrier');
  const marksOf = async () => {
    const ticket = (await (await request.get(`/api/tickets/${id}`)).json()) as {
      chalked: Record<string, number>;
      lays: Record<string, unknown>;
    };
    return { pieces: Object.keys(ticket.chalked).sort(), lays: Object.keys(ticket.lays) };
  };
  const before = await marksOf();
  expect(before.pieces.length).toBeGreaterThan(0);

  // What is no length is refused by name; nothing is lost.
  await setHouseRule(page, 'side seam', 'wide');
  await expect(page.getByText(/side seam.*not a length/i)).toBeVisible();
  await expect(page.getByLabel('side seam', { exact: true })).toHaveValue('wide');
  await setHouseRule(page, 'side seam', '3/4');
  await expect(page.getByRole('button', { name: /Back to as it comes, 1 in/ })).toBeVisible();

  // The ticket keeps its own; its page says what today's would move.
  await page.goto(`/tickets/${id}/figures`);
  await expect(page.getByText('One is not as the house does today')).toBeVisible();
  await page.getByRole('link', { name: /Rules of this ticket/ }).click();
  await expect(page.getByText(/1 in → 3\u20444 in/)).toBeVisible();
  await expect(page.getByText(/\d+ figures would move/)).toBeVisible();
  expect(await marksOf()).toEqual(before);

  // Taking them would redraw pieces under the chalk: it asks, and can be left.
  await page.getByRole('button', { name: 'Draft by today’s rules' }).click();
  const question = page.getByRole('alertdialog');
  await expect(question).toContainText('Bodice front');
  await expect(question).toContainText('marks chalked');
  await question.getByRole('button', { name: 'Leave them as they are' }).click();
  await expect(question).toBeHidden();
  expect(await marksOf()).toEqual(before);

  await page.getByRole('button', { name: 'Draft by today’s rules' }).click();
  await question.getByRole('button', { name: 'Draw them anew' }).click();
  await expect(page.getByText('drafted by the rules as the house has them today')).toBeVisible();
  // Pieces without a side seam keep their chalk; the others are to be laid and chalked again.
  const after = await marksOf();
  expect(after.pieces.length).toBeLessThan(before.pieces.length);
  await expect(page.getByRole('link', { name: /Lay ?, held by a check/ })).toBeVisible();

  await page.goto('/house');
  await page.getByRole('button', { name: /Back to as it comes, 1 in/ }).click();
  await expect(page.getByText('One is the house’s own.')).toBeVisible();
});

test('a change to pieces that are cut says that they are cut', async ({ page, request }) => {
  const id = await ticketId(request, 'Harbour-master');
  await page.goto(`/tickets/${id}/style`);
  await openEase(page);
  await page.getByLabel('Ease at hip').fill('3');
  await page.getByRole('button', { name: 'Agree the change' }).click();
  const question = page.getByRole('alertdialog');
  await expect(question).toContainText('already cut');
  await page.keyboard.press('Escape');
  await expect(question).toBeHidden();
  // What was typed is still there, to be agreed or typed over.
  await expect(page.getByLabel('Ease at hip')).toHaveValue('3');
});

test('a finding is cleared by its own button, and a stop can be signed off with a reason', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Ferry-day');
  await page.goto(`/tickets/${id}/draft`);
  await expect(page.getByText(/Finished bust is/)).toBeVisible();
  // It was signed off when it was cut by the hand rule; taken back, it holds again.
  await page.getByRole('button', { name: 'Take back' }).first().click();
  await page.getByRole('button', { name: 'Sign it off with a reason' }).first().click();
  await page.getByLabel('Why it may be cut so').fill('cut close on purpose');
  await page.getByRole('button', { name: 'Sign off' }).click();
  await expect(page.getByRole('link', { name: /Draft ?, done/ })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: 'Sign it off with a reason' })).toBeVisible();

  // The remedy of a miss by the table habit is the other school.
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Finished bust is' })
    .getByRole('button', { name: 'Set it' })
    .click();
  await expect(page.getByText(/Finished bust is/)).toBeHidden();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText(/Finished bust is/)).toBeVisible();
});

test('a neck left for later has its reserve chalked, its reminder, and its place on the cut list', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Bell-ringer');
  await page.goto(`/tickets/${id}/rules`);
  await page.getByLabel('neck and shoulder are cut', { exact: true }).selectOption('later');
  await page.goto(`/tickets/${id}/draft`);
  await expect(page.getByText(/left for later, with a reserve of/)).toBeVisible();
  // The reserve made pieces larger: one cloth after the other is laid anew before they are chalked.
  await page.goto(`/tickets/${id}/lay`);
  for (const cloth of ['Outer', 'Stay']) {
    await expect(page.getByRole('tab', { name: new RegExp(`^${cloth}`), selected: true })).toBeVisible();
    await page.getByRole('button', { name: 'Take this plan' }).click({ timeout: 20_000 });
  }
  await expect(page.getByRole('heading', { name: 'Where it starts' })).toBeVisible();
  await page.getByRole('button', { name: 'Cut list' }).click();
  await expect(page.getByRole('heading', { name: 'Later, once the panels are joined' })).toBeVisible();
  await expect(page.getByText(/^½ in reserve$|^1⁄2 in reserve$/).first()).toBeVisible();
});

test('a shop that adds on the cloth reads its figures to the stitch line, one column of them', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Regatta bustier');
  await page.goto(`/tickets/${id}/figures`);
  await expect(page.getByRole('columnheader', { name: 'Stitch' })).toBeVisible();
  const firstCut = await page.getByRole('row').nth(1).innerText();
  await page.goto(`/tickets/${id}/rules`);
  await page.getByLabel('allowances are added', { exact: true }).selectOption('cloth');
  await page.goto(`/tickets/${id}/figures`);
  await expect(page.getByRole('columnheader', { name: 'Cut', exact: true })).toBeHidden();
  expect(await page.getByRole('row').nth(1).innerText()).not.toBe(firstCut);
});

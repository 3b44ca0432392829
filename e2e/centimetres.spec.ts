import { expect, test } from '@playwright/test';
import { chooseMeasure, openEase, openSlot, openTicket, readings, takeMeasures, ticketId } from './ticket.ts';

test('a shop that measures in centimetres reads and buys in metres', async ({ page, request }) => {
  test.setTimeout(150_000);
  await openTicket(page, 'Ilse Marram', 'Metric dress', 'centimetres');
  // Inches are understood all the same, and come back in centimetres.
  await takeMeasures(
    page,
    readings.map(([name, typed]) => [name, /cm/.test(typed) ? typed : `${typed} in`] as const),
  );
  await expect(
    page.getByRole('navigation', { name: 'Measures' }).getByRole('button', { name: 'Bust span 19.1' }),
  ).toBeVisible();
  await chooseMeasure(page, 'Height', 'worked out');
  await page.getByRole('textbox', { name: 'Height', exact: true }).fill('168');
  await page.keyboard.press('Enter');

  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Style/ }).click();
  await openEase(page);
  await page.getByLabel('Ease at bust').fill('-2');
  await expect(page.getByText('Ease at bust "-2" is negative')).toBeVisible();
  await page.getByRole('button', { name: 'Agree this style' }).click();
  await expect(page).toHaveURL(/style$/);
  await page.getByLabel('Ease at bust').fill('6');
  await page.getByRole('button', { name: 'Agree this style' }).click();
  await expect(page.getByRole('row', { name: /^Bust, across/ })).toContainText('(bust 91.44 + ease 6) ÷ 4');

  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Lay/ }).click();
  await page.getByLabel('Name', { exact: true }).fill('Metric tweed');
  await page.getByLabel('Width, cm').fill('140');
  await page.getByRole('checkbox', { name: /One way/ }).check();
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByRole('button', { name: /^\d(\.\d)? m Open, one layer/ })).toBeVisible({
    timeout: 20_000,
  });
  await page.getByRole('button', { name: 'Take this plan' }).click({ timeout: 20_000 });
  await expect(page.getByRole('heading', { name: 'Which cloth for the lining?' })).toBeVisible();

  // On one-way cloth nothing is turned.
  const id = await ticketId(request, 'Metric dress');
  const { lays } = (await (await request.get(`/api/tickets/${id}`)).json()) as {
    lays: { outer: { placements: { rotation: number }[] } };
  };
  expect(lays.outer.placements.map(({ rotation }) => rotation).every((rotation) => rotation === 0)).toBe(
    true,
  );
});

test('a choice typed and not yet agreed stays the same length when the unit is switched', async ({
  page,
  request,
}) => {
  const id = await ticketId(request, 'Choir');
  await page.goto(`/tickets/${id}/style`);
  await openSlot(page, 'Neck and collar');
  await page.getByRole('textbox', { name: /^Neck depth, front/ }).fill('4');
  await page.getByRole('button', { name: /Lengths in inches/ }).click();
  await expect(page.getByRole('textbox', { name: /^Neck depth, front/ })).toHaveValue('10.16');
  await page.getByRole('button', { name: /Lengths in centimetres/ }).click();
  await expect(page.getByRole('textbox', { name: /^Neck depth, front/ })).toHaveValue('4');
  await page.route(`**/api/tickets/${id}`, (route) => route.abort());
  await page.getByRole('button', { name: /Lengths in inches/ }).click();
  await expect(page.getByRole('alert')).toContainText('does not answer');
});

test('cloth in hand that is too short holds the plan until it is changed', async ({ page }) => {
  test.setTimeout(150_000);
  await openTicket(page, 'Ilse Marram', 'Short of cloth');
  await takeMeasures(page);
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Style/ }).click();
  await page.getByRole('button', { name: 'Agree this style' }).click();
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Lay/ }).click();
  await page.getByLabel('Name', { exact: true }).fill('Short drill');
  await page.getByLabel('Length in stock, in').fill('1yd');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByText('There is 36 in of this cloth')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeDisabled();
  await page.getByRole('button', { name: 'Change the cloth' }).click();
  await page.getByLabel('Length in stock, in').fill('3yd');
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeEnabled({ timeout: 20_000 });
});

test('another plan asks before it throws chalked marks away', async ({ page, request }) => {
  const id = await ticketId(request, 'Lamp-bearer');
  await page.goto(`/tickets/${id}/lay`);
  await page.getByRole('button', { name: /Folded in half .* pieces to chalk/ }).click({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByText(/marks are chalked on the plan before/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: /Open, one layer/ }).click();
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
});

test('the marks print, and the order file reads back at the command line’s core', async ({ request }) => {
  const id = await ticketId(request, 'Lamp-bearer');
  const pdf = await request.get(`/api/tickets/${id}/marks.pdf`);
  expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf']);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const order = (await (await request.get(`/api/tickets/${id}/order.json`)).json()) as {
    format: string;
    measures: Record<string, string>;
  };
  expect(order).toMatchObject({ format: 'ample-bolt/order', version: 1, measures: { bust: '37 1/2 in' } });
});

test('people and tickets lead to what is next', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: /Cornet player/ }).click();
  await expect(page.getByRole('heading', { name: 'Where it starts' })).toBeVisible();
  await page.goto('/tickets');
  await page.getByRole('searchbox', { name: 'Find a ticket' }).fill('no such thing');
  await expect(page.getByText('Nothing here is called')).toBeVisible();
});

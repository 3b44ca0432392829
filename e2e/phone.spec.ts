import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { openTicket, ticketId } from './ticket.ts';

/** Everything that is pressed must be at least as large as a finger, and nothing may run off the side. */
async function expectForFingers(page: Page): Promise<void> {
  const small = await page.locator('button:visible, a:visible, input:visible').evaluateAll((targets) =>
    targets
      .map((target) => ({ box: target.getBoundingClientRect(), name: target.textContent || target.tagName }))
      .filter(({ box }) => box.height > 0 && (box.height < 44 || box.width < 36))
      .map(({ box, name }) => `${name} ${box.width.toFixed(0)}×${box.height.toFixed(0)}`),
  );
  expect(small).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a measure is taken with the thumb, stored, and the next one asked for', async ({ page, request }) => {
    await openTicket(page, 'Nessa Quay', 'Measured in the hand');
    await expectForFingers(page);
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map(({ id, nodes }) => `${id} ${nodes[0]?.html ?? ''}`)).toEqual([]);

    const pad = page.getByRole('group', { name: 'Keys for the measure' });
    await expect(page.getByRole('heading', { name: 'Shoulder', exact: true })).toBeVisible();
    for (const key of ['1', '5', '1\u20444', '1\u20448']) await pad.getByText(key, { exact: true }).tap();
    await expect(page.getByRole('textbox', { name: 'Shoulder', exact: true })).toHaveValue('15 3/8');
    await pad.getByRole('button', { name: 'Next' }).tap();
    await expect(page.getByRole('heading', { name: 'Shoulder length' })).toBeVisible();
    await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');

    // Another one out of the whole list; a slip is pointed out and not lost.
    await page.getByRole('button', { name: /^\d+ of \d+$/ }).tap();
    await page
      .getByRole('dialog', { name: 'Measures' })
      .getByRole('button', { name: /^Bust to take/ })
      .tap();
    await expect(page.getByRole('heading', { name: 'Bust', exact: true })).toBeVisible();
    await pad.getByText('9', { exact: true }).tap();
    await pad.getByText('0', { exact: true }).tap();
    await pad.getByRole('button', { name: 'This one in cm' }).tap();
    await expect(page.getByRole('textbox', { name: 'Bust', exact: true })).toHaveValue('90 cm');
    await pad.getByRole('button', { name: 'Next' }).tap();
    const id = await ticketId(request, 'Measured in the hand');
    await expect
      .poll(async () => {
        const ticket = (await (await request.get(`/api/tickets/${id}`)).json()) as {
          measures: { values: Record<string, { mm: number }> };
        };
        return [ticket.measures.values['shoulder']?.mm, ticket.measures.values['bust']?.mm];
      })
      .toEqual([15.375 * 25.4, 900]);
  });

  test('today is read and walked', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByText('Lamp-bearer’s gown')).toBeVisible();
    await expectForFingers(page);
  });
});

test.describe('on a tablet on the table', () => {
  test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });

  test('a mark is read and ticked off without scrolling', async ({ page, request }) => {
    const id = await ticketId(request, 'Lamp-bearer');
    await page.goto(`/tickets/${id}/chalk`);
    const marked = page.getByRole('button', { name: 'Marked' });
    await expect(marked).toBeInViewport({ ratio: 1 });
    await expectForFingers(page);
    const mark = await page.getByText(/^\d+ \/ \d+$/).textContent();
    await marked.tap();
    await expect(page.getByText(mark ?? '', { exact: true })).toBeHidden();
    await page.getByRole('button', { name: 'Back' }).tap();
    await expect(page.getByText(mark ?? '', { exact: true })).toBeVisible();
  });
});

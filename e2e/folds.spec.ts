import { expect, test } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { goToStation, ticketId } from './ticket.ts';

interface Stored {
  readonly lays: {
    readonly outer?: {
      readonly fold: string;
      readonly width: number;
      readonly sections: readonly {
        readonly doubled: readonly [number, number][];
        readonly foldLines: readonly number[];
      }[];
      readonly placements: readonly { readonly piece: string; readonly onFold: boolean }[];
    };
  };
}

test('fold to width is weighed against half fold and taken', async ({ page, request }) => {
  test.setTimeout(180_000);
  const id = await ticketId(request, 'Ferry-day');
  const read = async () => (await (await request.get(`/api/tickets/${id}`)).json()) as Stored;
  await page.goto(`/tickets/${id}/lay`);
  const card = (name: string) => page.getByRole('button', { name: new RegExp(`${name} .* pieces to chalk`) });
  await expect(card('Folded to width')).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });

  // Half fold chalks a pair once, so it has fewer outlines than open cloth; to width lies between.
  const outlines = async (name: string) =>
    Number(/(\d+) pieces to chalk/.exec((await card(name).textContent()) ?? '')?.[1]);
  expect(await outlines('Folded in half')).toBeLessThan(await outlines('Open, one layer'));
  expect(await outlines('Folded to width')).toBeLessThanOrEqual(await outlines('Open, one layer'));

  await card('Folded to width').click();
  await expect(page.getByText('double, fold in')).toBeVisible();
  await expect(page.getByText('single', { exact: true })).toBeVisible();
  // What the other widths of the trade would take, laid the same way.
  await page.getByRole('radio', { name: 'Compare' }).click();
  const widths = page.getByRole('region', { name: 'On other widths' });
  for (const width of ['36 in', '45 in, this cloth', '54 in', '60 in'])
    await expect(widths.getByRole('row', { name: width })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('img', { name: /What to buy over the width\. 36 in: \d/ })).toBeVisible();
  // Each plan by what it takes of cloth and of time, and what it leaves.
  await expect(page.getByRole('img', { name: /Plans by cloth and time\..*Folded to width/ })).toBeVisible();
  const plans = page.getByRole('region', { name: 'Cloth against time' });
  await expect(plans.getByRole('row', { name: /Folded to width .* 1 \d+ \d+ / })).toBeVisible();
  await expectNoViolation(page, 'plans compared');
  await page.getByRole('radio', { name: 'On the table' }).click();
  // Nearer, with the whole of it in the corner.
  await page.keyboard.press('+');
  await expect(page.getByRole('button', { name: 'The whole cloth' })).toBeVisible();
  await expectNoViolation(page, 'lay, from near');
  await page.keyboard.press('0');
  await expect(page.getByRole('button', { name: 'Look from farther' })).toBeHidden();
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByRole('heading', { name: 'Which cloth for the lining?' })).toBeVisible();

  const outer = (await read()).lays.outer;
  expect(outer?.fold).toBe('width');
  const [section] = outer?.sections ?? [];
  const [from, to] = section?.doubled[0] ?? [NaN, NaN];
  expect(to - from).toBeLessThan(outer?.width ?? 0);
  expect(section?.foldLines[0]).toBeCloseTo((from + to) / 2, 3);
  expect(outer?.placements.filter(({ onFold }) => onFold).map(({ piece }) => piece)).toContain('skirt-front');

  // The plan taken can be undone, like any other change.
  await goToStation(page, 'Draft');
  await page.getByRole('button', { name: /^Undo: Outer lay/ }).click();
  await expect.poll(async () => (await read()).lays.outer).toBeUndefined();
});

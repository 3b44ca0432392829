import { expect, test } from '@playwright/test';
import { ticketId } from './ticket.ts';

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
  const card = (name: string) => page.getByRole('button', { name: new RegExp(`${name} .* outlines`) });
  await expect(card('Folded to width')).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('button', { name: 'Improve' })).toBeVisible({ timeout: 30_000 });

  // Half fold chalks a pair once, so it has fewer outlines than open cloth; to width lies between.
  const outlines = async (name: string) =>
    Number(/(\d+) outlines/.exec((await card(name).textContent()) ?? '')?.[1]);
  expect(await outlines('Folded in half')).toBeLessThan(await outlines('Open, one layer'));
  expect(await outlines('Folded to width')).toBeLessThanOrEqual(await outlines('Open, one layer'));

  await card('Folded to width').click();
  await expect(page.getByText('double, fold in')).toBeVisible();
  await expect(page.getByText('single', { exact: true })).toBeVisible();
  // What the other widths of the trade would take, laid the same way.
  for (const width of ['36 in', '45 in', '54 in', '60 in'])
    await expect(page.getByRole('listitem').filter({ hasText: width })).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByRole('heading', { name: 'A check holds the cut' })).toBeVisible();

  const outer = (await read()).lays.outer;
  expect(outer?.fold).toBe('width');
  const [section] = outer?.sections ?? [];
  const [from, to] = section?.doubled[0] ?? [NaN, NaN];
  expect(to - from).toBeLessThan(outer?.width ?? 0);
  expect(section?.foldLines[0]).toBeCloseTo((from + to) / 2, 3);
  expect(outer?.placements.filter(({ onFold }) => onFold).map(({ piece }) => piece)).toContain('skirt-front');

  // Its draft is held by a check, so chalking waits; the plan taken can be undone, like any other change.
  await page.getByRole('button', { name: 'To the draft' }).click();
  await page.getByRole('button', { name: /^Undo: Outer lay/ }).click();
  await expect.poll(async () => (await read()).lays.outer).toBeUndefined();
});

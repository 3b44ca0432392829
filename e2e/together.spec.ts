import { expect, test, type APIRequestContext } from '@playwright/test';
import { expectNoViolation } from './axe.ts';
import { bringTable, openMeasured } from './ticket.ts';

interface Stored {
  readonly id: string;
  readonly number: number;
  readonly version: number;
  readonly lays: {
    readonly outer?: { placements: object[]; beside?: { number: number }[]; boughtBy?: number };
  };
}

const ticketOf = async (request: APIRequestContext, id: string): Promise<Stored> =>
  (await (await request.get(`/api/tickets/${id}`)).json()) as Stored;

/** A dress of the choir, measured like the gown, on cloth of the choir's own. */
async function choirDress(request: APIRequestContext, title: string): Promise<Stored> {
  const cloths = [{ role: 'outer', name: 'Choir moss crepe', bolt: 'choir moss', width: '45in' }];
  const id = await openMeasured(request, { title, styleId: 'fitted-dress', like: 'Lamp-bearer', cloths });
  return ticketOf(request, id);
}

test('two dresses of one cloth are laid together, bought for once, and each chalked from its own part', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  const [first, second] = [await choirDress(request, 'Alto'), await choirDress(request, 'Descant')];
  await page.goto(`/tickets/${first.id}/lay`);
  const other = page.getByRole('checkbox', { name: /Descant/ });
  await expect(other).not.toBeChecked({ timeout: 30_000 });
  await other.check();
  await expect(page.getByRole('button', { name: `Nº ${second.number} skirt front 1`, exact: true })).toBeVisible({ timeout: 30_000 }); // prettier-ignore
  await expect(page.getByText(/proved: all inside/)).toBeVisible({ timeout: 30_000 });
  await expectNoViolation(page, 'laid together');
  // The other ticket is changed under it: nothing is stored of either.
  await request.patch(`/api/tickets/${second.id}`, {
    data: { version: second.version, remarks: 'Sings first' },
  });
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeEnabled({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByRole('alert').filter({ hasText: `Nº ${second.number} was changed in the meantime` })).toBeVisible(); // prettier-ignore
  expect((await ticketOf(request, first.id)).lays).toEqual({});
  // Looked at again it goes.
  await page.reload();
  await expect(other).toBeChecked({ timeout: 30_000 });
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeEnabled({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.getByRole('heading', { name: 'Which cloth for the lining?' })).toBeVisible();
  const [own, theirs] = [await ticketOf(request, first.id), await ticketOf(request, second.id)];
  expect(own.lays.outer?.beside?.map(({ number }) => number)).toEqual([second.number]);
  expect(theirs.lays.outer?.boughtBy).toBe(first.number);

  // The other one sees the same lay, chosen, and whose the rest of it is.
  await page.goto(`/tickets/${second.id}/lay?cloth=outer`);
  await expect(page.getByText(`Bought with Nº ${first.number}, for all.`)).toBeVisible({ timeout: 30_000 });
  await expect(
    page.getByRole('button', { name: `Nº ${first.number} skirt front 1`, exact: true }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: / chosen/ })).toBeVisible();
  await page.goto('/');
  await expect(page.getByText(`Nº ${first.number}, ${second.number}`)).toBeVisible();
  // Once one is under the chalk it stays where it lies.
  await bringTable(request, second.id, { chalked: { 'skirt-front': 1 } });
  await page.goto(`/tickets/${first.id}/lay?cloth=outer`);
  await expect(page.getByText(/being chalked/)).toBeVisible({ timeout: 30_000 });
  await other.uncheck();
  await expect(other).toBeDisabled();
});

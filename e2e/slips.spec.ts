import { readFileSync } from 'node:fs';
import { readOrder } from '@ample-bolt/core/formats/order/read-order';
import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import { plantedSlips, withSlip } from '@ample-bolt/core/testing/planted-slips';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { expect, test } from '@playwright/test';
import { openMeasured, putPart } from './ticket.ts';

const sound: unknown = JSON.parse(readFileSync('examples/lamp-bearer.json', 'utf8'));
/** The command line has these alone: a correction is left out in an order file, and the page tells a short cloth once it has laid it. */
const notOnTheDraft: readonly string[] = ['forgotten-correction', 'short-cloth'];

for (const slip of plantedSlips.filter(({ id }) => !notOnTheDraft.includes(id)))
  test(`on the draft it is told, in the words of the command line, that ${slip.slip.toLowerCase()}`, async ({
    page,
    request,
  }) => {
    const file = withSlip(sound, slip);
    const order = readOrder(file);
    if (!order.ok) throw new Error(order.fault.message);
    const found = draftOrder(order.value).findings.find(({ code }) => code === slip.says);
    if (!found) throw new Error(`${slip.id} is not told`);
    const opened = await request.post('/api/tickets/order', {
      data: { client: 'new', title: slip.slip.slice(0, 60), dueOn: '2027-03-01', order: file },
    });
    // What no hand can set by itself is refused as it is typed, with the figure's name: there is no draft to tell it on.
    const isRefused = slip.says === 'figure-not-a-point';
    expect([slip.id, opened.status()]).toEqual([slip.id, isRefused ? 422 : 201]);
    if (isRefused) {
      const { detail } = (await opened.json()) as { detail: string };
      expect(detail).toBe(findingWords(found, order.value.unit).message);
      return;
    }
    const { id } = (await opened.json()) as { id: string };
    await page.goto(`/tickets/${id}/draft`);
    const { message } = findingWords(found, order.value.unit);
    await expect(page.getByText(message).first()).toBeVisible();
  });

const outer = { role: 'outer', name: 'Slip cloth', colour: '#23545b', width: '60in', selvedge: '1/2in' };

test('slips that are planted in a ticket are told on the draft, and a stop holds lay and chalk until it is signed off', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  const id = await openMeasured(request, {
    title: 'Slips of the table',
    styleId: 'fitted-dress',
    like: 'Lamp-bearer',
    cloths: [outer],
  });
  const { figures } = (await (await request.get(`/api/tickets/${id}`)).json()) as { figures: object };
  expect(figures).toEqual({});
  const draft = async (words: RegExp) => {
    await page.goto(`/tickets/${id}/draft`);
    await expect(page.getByText(words).first()).toBeVisible();
  };
  await page.goto(`/tickets/${id}/draft`);
  await expect(page.getByText(/seams true/)).toBeVisible();

  // Allowances: forgotten, and doubled.
  await putPart(request, id, 'rules', { rules: { 'allowance.side': '0', 'allowance.neck': '1/2' } });
  await draft(/Side seam: 0 in is outside what is usual/);
  await draft(/Neck seam: 1⁄2 in is outside what is usual/);
  await putPart(request, id, 'rules', { rules: { 'allowance.side': null, 'allowance.neck': null } });

  // No chalk shows on a cloth of middling grey.
  await putPart(request, id, 'cloths', { cloths: [{ ...outer, colour: '#8f8a7d' }] });
  await draft(/No chalk shows well on the outer/);
  await putPart(request, id, 'cloths', { cloths: [outer] });

  // A wrong sum is a stop: lay and chalk wait for it, and go on once somebody took it on.
  await putPart(request, id, 'figures', {
    figures: { 'bodice-back/waist': { value: '9', why: 'as it was added up' } },
  });
  await draft(/Finished waist is/);
  for (const [station, held] of [
    ['lay', 'A check holds the lay'],
    ['chalk', 'A check holds the cut'],
  ] as const) {
    await page.goto(`/tickets/${id}/${station}`);
    await expect(page.getByRole('heading', { name: held })).toBeVisible();
  }
  await page.getByRole('button', { name: 'To the draft' }).click();
  await expect(page.getByText(/Finished waist is/).first()).toBeVisible();

  // Signed off with a reason, it holds nothing any more.
  const sign = page.getByRole('button', { name: 'Sign it off with a reason' });
  for (let left = await sign.count(); left > 0; left--) {
    await sign.first().click();
    await page.getByLabel('Why it may be cut so').fill('to be fitted before the sides are closed');
    await page.getByRole('button', { name: 'Sign off' }).click();
    await expect(sign).toHaveCount(left - 1);
  }
  await page.goto(`/tickets/${id}/lay`);
  await expect(page.getByRole('heading', { name: 'A check holds the lay' })).toBeHidden();
});

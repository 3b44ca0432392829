import { expect, test, type APIRequestContext } from '@playwright/test';
import { chalkLaid } from '@ample-bolt/core/chalk/chalk-piece';
import { laidLays } from '@ample-bolt/core/shop/laid-lays';
import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import { chalkMannerOf, orderOfTicket, type Ticket } from '@ample-bolt/core/shop/ticket';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { openSlot, openTicket, putPart, bringTable, readings, takeMeasures, ticketId } from './ticket.ts';

/** A sloping, long-armed body made up for these journeys. */
const body = {
  shoulder: '15 1/4', bustSpan: '7 5/8', shoulderToBust: '10 3/4', frontWaistLength: '17 1/8', backWaistLength: '16 1/4',
  bust: '38 3/4', highBust: '36', underBust: '33', waist: '30 1/2', hip: '41 1/4', waistToHip: '8 1/2',
  waistToFloor: '42 3/4', inseam: '31 1/4', upperArm: '12 1/4', armLength: '23 3/4', wrist: '6 7/8', hand: '8 1/4', neck: '14 1/2',
}; // prettier-ignore

test('a princess bodice with set-in sleeves and a half-circle skirt is composed, laid and chalked', async ({
  page,
  request,
}) => {
  await openTicket(page, 'Isolde Fenn', 'Harvest dress');
  const id = await ticketId(request, 'Harvest dress');
  const station = (name: RegExp) =>
    page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name }).click();
  await takeMeasures(page, readings);

  // The style comes from the book; the parts are chosen beside it, and ask for the measures that they need.
  await station(/Style/);
  await page.getByRole('button', { name: 'Style book' }).click();
  const book = page.getByRole('dialog', { name: 'Style book' });
  await book.getByRole('radio', { name: 'Bustier bodice' }).click();
  await book.getByRole('button', { name: 'Make this style' }).click();
  await expect(book).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Bustier bodice' })).toBeVisible();
  await openSlot(page, 'Sleeve');
  await page.getByRole('radio', { name: 'set-in sleeve' }).click();
  await expect(page.getByText('The set-in sleeve is not drawn')).toBeVisible();
  await openSlot(page, 'Skirt');
  await page.getByRole('radio', { name: 'circle skirt' }).click();
  await expect(page.getByRole('button', { name: /^Skirt.*Circle skirt, half/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Sleeve.*Set-in sleeve/ })).toBeVisible();
  await page.getByRole('radio', { name: 'half', exact: true }).click();
  await page.getByRole('button', { name: /^Agree/ }).click();
  await expect(page).toHaveURL(/figures$/);

  // Its picture stands beside the ticket, and is there to keep or print.
  const picture = await request.get(`/api/tickets/${id}/garment.svg?size=page`);
  expect([picture.status(), picture.headers()['content-type']]).toEqual([
    200,
    expect.stringContaining('image/svg+xml'),
  ]);
  await page.goto('/tickets');
  // Pictures further down a long list are drawn when they come near.
  await page.getByRole('searchbox').fill('Harvest dress');
  const thumb = page.getByRole('link', { name: /Harvest dress/ }).locator('img');
  await expect(thumb).toBeInViewport();
  await expect.poll(() => thumb.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBeGreaterThan(0);
  await page.goto(`/tickets/${id}/figures`);

  // What the sleeve needs is asked for by its name.
  await station(/Measure/);
  await takeMeasures(page, [
    ['Upper arm, flexed', '12'],
    ['Wrist', '6 1/2'],
    ['Arm length', '23'],
  ]);
  await station(/Draft/);
  await expect(page.getByRole('button', { name: 'Sleeve', exact: true })).toBeVisible();
  await expect(page.getByText('seams true.')).toBeVisible();
  const seam = page.getByRole('button', { name: /sleeve to armhole, front/ });
  await seam.click();
  await expect(page.getByText('From notch to notch: flat;')).toBeVisible();

  const cloths = (styleBook['bustier-bodice']?.cloths ?? []).map((role) => ({
    role,
    name: `Harvest ${role}`,
    width: role === 'stay' ? '36in' : '58in',
  }));
  await putPart(request, id, 'cloths', { cloths });
  await page.goto(`/tickets/${id}/lay`);
  for (const [cloth] of cloths.entries()) {
    const take = page.getByRole('button', { name: 'Take this plan' });
    await expect(take).toBeEnabled({ timeout: 30_000 });
    await take.click();
    if (cloth < cloths.length - 1)
      await expect(page.getByRole('tab', { name: /laid/ })).toHaveCount(cloth + 1, { timeout: 30_000 });
  }
  await expect(page.getByRole('heading', { name: 'Where it starts' })).toBeVisible({ timeout: 30_000 });

  // The marks of the page are those that Node makes of the same ticket, sleeve and skirt among them.
  const ticket = (await (await request.get(`/api/tickets/${id}`)).json()) as Ticket;
  const order = orderOfTicket(ticket);
  if (!order) throw new Error('the ticket is not measured');
  const { pieces } = draftOrder(order);
  const marks = chalkLaid(
    pieces,
    chalkMannerOf(ticket),
    Object.values(laidLays(ticket, pieces)),
    ticket.cloths,
  );
  expect(marks).toHaveLength(ticket.marksInAll);
  const chalked = new Set(marks.map(({ piece }) => piece));
  for (const piece of ['sleeve', 'skirt-front', 'skirt-back']) expect([...chalked]).toContain(piece);
  const last = Object.fromEntries(marks.slice(0, -1).map(({ piece, order: place }) => [piece, place]));
  await bringTable(request, id, { chalked: last });
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Label it' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'All chalked' })).toBeVisible();
});

/** A ticket of a style on that body. */
async function measured(request: APIRequestContext, title: string, styleId: string): Promise<string> {
  const opened = await request.post('/api/tickets', {
    data: {
      title,
      client: { name: 'Corin Tarn', kind: 'adult', another: true },
      dueOn: '2027-05-01',
      unit: 'in',
      styleId,
    },
  });
  const { id } = (await opened.json()) as { id: string };
  await putPart(request, id, 'measures', {
    from: 'neckSide',
    startLine: 'stitch',
    observations: { build: 'middle', tummy: 'flat', shoulders: 'middle' },
    values: styleId === 'banded-off-shoulder-top' ? { ...body, offShoulderRound: '44' } : body,
  });
  return id;
}

/** The styles that have an armhole. */
const sleeved = Object.values(styleBook).filter(({ lacks }) => lacks.armhole === undefined);

test('every bodice that has an armhole takes a sleeve, every other one says why it does not', async ({
  page,
  request,
}) => {
  // Each bodice and each reason once: what begins at the waist has no slot for a sleeve.
  const bodices = [
    ...new Map(
      Object.values(styleBook).map((style) => [style.lacks.armhole ?? style.parts.bodice, style]),
    ).values(),
  ].filter(({ lacks }) => lacks.armhole !== 'waist-alone');
  for (const { id: styleId, name } of bodices) {
    const id = await measured(request, `Sleeved ${name}`, styleId);
    await page.goto(`/tickets/${id}/style`);
    await openSlot(page, 'Sleeve');
    if (!sleeved.some((style) => style.id === styleId)) {
      await expect(page.getByText('Does not fit this bodice')).toBeVisible();
      continue;
    }
    await page.getByRole('radio', { name: 'set-in sleeve' }).click();
    await page.getByRole('button', { name: /^Agree/ }).click();
    await expect(page).toHaveURL(/figures$/);
    await page.goto(`/tickets/${id}/draft`);
    await expect(page.getByRole('button', { name: 'Sleeve', exact: true })).toBeVisible();
    await expect(page.getByRole('button', { name: /sleeve to armhole, back/ })).toBeVisible();
  }
});

test('a part that the bodice cannot carry any more stops it, and one press leaves the part off', async ({
  page,
  request,
}) => {
  const id = await measured(request, 'Lengthened bodice', 'plain-bodice');
  await page.goto(`/tickets/${id}/style`);
  await openSlot(page, 'Skirt');
  await page.getByRole('radio', { name: 'circle skirt' }).click();
  await openSlot(page, 'Bodice');
  await page.getByRole('radio', { name: 'below the waist' }).click();
  await expect(page.getByText('has no seam at the waist for a skirt')).toBeVisible();
  await page.getByRole('button', { name: 'Leave it off' }).click();
  await expect(page.getByText('has no seam at the waist for a skirt')).toBeHidden();
  await openSlot(page, 'Skirt');
  await expect(page.getByRole('radio', { name: 'circle skirt' })).not.toBeChecked();
});

test('a bodice is exchanged under what is sewn on, and a collar goes on a round neck alone', async ({
  page,
  request,
}) => {
  const id = await measured(request, 'Exchanged bodice', 'fitted-dress');
  await page.goto(`/tickets/${id}/style`);
  await openSlot(page, 'Neck and collar');
  await page.getByRole('radio', { name: 'falling collar' }).click();
  await page.getByRole('radio', { name: 'V', exact: true }).click();
  await expect(page.getByText('its neckline has a corner')).toBeVisible();
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText('its neckline has a corner')).toBeHidden();
  await expect(page.getByRole('radio', { name: 'round', exact: true })).toBeChecked();

  // The dress's skirt and the collar go over to princess seams; a strapless bodice takes the skirt alone.
  await openSlot(page, 'Bodice');
  await page.getByRole('radio', { name: 'Princess bodice', exact: true }).click();
  await page.getByRole('button', { name: 'Cut it on this bodice' }).click();
  await expect(page.getByRole('button', { name: /^Bodice.*Princess bodice/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Skirt.*Fitted skirt/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Neck and collar.*collar/ })).toBeVisible();
  await openSlot(page, 'Bodice');
  // Arrow keys look at bodices; nothing is exchanged until it is asked for.
  await expect(async () => {
    await page.getByRole('radio', { name: 'Princess bodice', exact: true }).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('radio', { name: 'Strapless bodice' })).toBeChecked({ timeout: 2000 });
  }).toPass();
  await expect(page.getByText('Without the falling collar: its edge lies below the neck.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Bodice.*Princess bodice/ })).toBeVisible();
  await page.getByRole('button', { name: 'Cut it on this bodice' }).click();
  await expect(page.getByRole('button', { name: /^Bodice.*Strapless bodice/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Skirt.*Fitted skirt/ })).toBeVisible();
  await openSlot(page, 'Neck and collar');
  await expect(page.getByText('its edge lies below the neck').first()).toBeVisible();

  // The composition is the ticket's: the draft has its pieces, and undo brings the dress back.
  await page.goto(`/tickets/${id}/draft`);
  await expect(page.getByRole('button', { name: 'Skirt front', exact: true })).toBeVisible();
  await page.goto(`/tickets/${id}/style`);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: /^Bodice.*Princess bodice/ })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: /^Bodice.*Darted bodice/ })).toBeVisible();
});

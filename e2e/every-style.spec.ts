import { expect, test, type APIRequestContext, type Page } from '@playwright/test';
import { chalkLaid } from '@ample-bolt/core/chalk/chalk-piece';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import { checkKept } from '@ample-bolt/core/lay/proof/check-kept';
import { laidLays } from '@ample-bolt/core/shop/laid-lays';
import { layPiecesOn } from '@ample-bolt/core/lay/model/layable';
import { chalkMannerOf, orderOfTicket, type Ticket } from '@ample-bolt/core/shop/ticket';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { putPart, bringTable } from './ticket.ts';

// Many pages in a row: what is recorded of each would take as long as the pages.
test.use({ trace: 'off' });

/** Three bodies made up for these journeys: short and full, tall and straight, and one measured in centimetres. */
const bodies = [
  { shoulder: '14 5/8', bustSpan: '8 1/8', shoulderToBust: '10 7/8', frontWaistLength: '16 3/8', backWaistLength: '14 7/8', bust: '42 1/4', highBust: '38 1/2', waist: '35 3/4', hip: '44 5/8', waistToFloor: '38 7/8', inseam: '27 1/4', upperArm: '13 1/4', armLength: '21 1/2', wrist: '6 3/4', neck: '14 1/2' }, // prettier-ignore
  { shoulder: '16 3/8', bustSpan: '7 1/8', shoulderToBust: '10 5/8', frontWaistLength: '17 7/8', backWaistLength: '17 3/8', bust: '35 1/4', waist: '29 7/8', hip: '37 3/8', armhole: '16 1/8', waistToFloor: '43 1/8', inseam: '32', upperArm: '11 3/8', armLength: '24 1/4', wrist: '6 1/4', neck: '13 7/8' }, // prettier-ignore
  { shoulder: '37cm', bustSpan: '18.5cm', shoulderToBust: '27cm', frontWaistLength: '43cm', backWaistLength: '39cm', bust: '37in', waist: '29in', hip: '39in', waistToFloor: '103cm', inseam: '76cm', upperArm: '30cm', armLength: '58cm', wrist: '16.5cm', neck: '36cm' }, // prettier-ignore
] as const;

const ticketOf = async (request: APIRequestContext, id: string): Promise<Ticket> =>
  (await (await request.get(`/api/tickets/${id}`)).json()) as Ticket;

/** A ticket of a style, measured and with all its cloths named. */
async function openTicket(request: APIRequestContext, styleId: string, body: number): Promise<string> {
  const opened = await request.post('/api/tickets', {
    data: {
      title: `${styleBook[styleId]?.name ?? styleId} ${body + 1}`,
      client: { name: `Walker ${body + 1}`, kind: 'adult', another: true },
      dueOn: '2027-04-01',
      unit: 'in',
      styleId,
    },
  });
  const { id } = (await opened.json()) as { id: string };
  await putPart(request, id, 'measures', {
    from: 'neckSide',
    startLine: 'stitch',
    observations: { build: 'middle', tummy: 'flat', shoulders: 'middle' },
    values: bodies[body],
  });
  await putPart(request, id, 'choices', { choices: {} });
  const cloths = (styleBook[styleId]?.cloths ?? []).map((role) => ({
    role,
    name: `${styleBook[styleId]?.name ?? styleId} ${role}`,
    width: role === 'stay' ? '36in' : '54in',
  }));
  await putPart(request, id, 'cloths', { cloths });
  return id;
}

/** What Node drafts of a ticket. */
function draftOf(ticket: Ticket): Draft {
  const order = orderOfTicket(ticket);
  if (!order) throw new Error('the ticket is not measured');
  return draftOrder(order);
}

/** What the browser laid holds on the pieces that Node drafts. */
function expectSameDraft(ticket: Ticket, { pieces }: Draft): void {
  const { lays, cloths } = ticket;
  const laid = laidLays(ticket, pieces);
  for (const lay of Object.values(lays)) {
    const cloth = cloths.find(({ role }) => role === lay.role);
    if (!cloth) throw new Error(`the ${lay.role} is laid without a cloth`);
    expect(checkKept(lay, layPiecesOn(cloth, pieces, { cloths, lays: laid }), cloth)).toEqual([]);
  }
}

/** Takes the first plan of every cloth that the page comes to, and is led on to the chalk. */
async function takeEveryPlan(page: Page, count: number): Promise<void> {
  for (let cloth = 0; cloth < count; cloth++) {
    const laid = page.getByRole('tab', { name: /laid/ });
    await expect(laid).toHaveCount(cloth, { timeout: 30_000 });
    const take = page.getByRole('button', { name: 'Take this plan' });
    await expect(take).toBeEnabled({ timeout: 30_000 });
    await take.click();
    if (cloth < count - 1) await expect(laid).toHaveCount(cloth + 1, { timeout: 30_000 });
  }
  await expect(page).toHaveURL(/chalk$/, { timeout: 30_000 });
}

// Each style on one of the bodies, so that every body is walked by nine of them: all of them on all would take a quarter of all journeys' time.
for (const [index, [styleId, style]] of Object.entries(styleBook).entries())
  test(`${style.name}: from its measures to the last chalk mark, no cloth refused or skipped`, async ({
    page,
    request,
  }) => {
    const body = index % bodies.length;
    const id = await openTicket(request, styleId, body);
    await page.goto(`/tickets/${id}/lay`);
    await takeEveryPlan(page, style.cloths.length);
    const ticket = await ticketOf(request, id);
    expect([Object.keys(ticket.lays).sort(), ticket.stops]).toEqual([[...style.cloths].sort(), 0]);
    const draft = draftOf(ticket);
    expectSameDraft(ticket, draft);
    const marks = chalkLaid(
      draft.pieces,
      chalkMannerOf(ticket),
      Object.values(laidLays(ticket, draft.pieces)),
      ticket.cloths,
    );
    expect(marks).toHaveLength(ticket.marksInAll);
    await expect(page.getByRole('heading', { name: 'Where it starts' })).toBeVisible();
    await page.keyboard.press('Space');
    await expect.poll(async () => Object.keys((await ticketOf(request, id)).chalked)).toHaveLength(1);
    // All but the last mark is chalked past the page; every place is on the cloth.
    for (const mark of marks)
      if (mark.kind === 'place' || mark.kind === 'again')
        expect([mark.piece, mark.fromStart >= 0 && mark.across >= 0]).toEqual([mark.piece, true]);
    const chalked = Object.fromEntries(marks.slice(0, -1).map(({ piece, order }) => [piece, order]));
    await bringTable(request, id, { chalked });
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Label it' })).toBeVisible();
    await page.keyboard.press('Space');
    await expect(page.getByRole('heading', { name: 'All chalked' })).toBeVisible();
  });

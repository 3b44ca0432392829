import { randomUUID } from 'node:crypto';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { eventsTowards, type TableWork } from '@ample-bolt/core/shop/table-event';
import { expect, type APIRequestContext, type Page } from '@playwright/test';

/** The tape's readings for one invented client, in taking order. */
export const readings: readonly (readonly [name: string, typed: string])[] = [
  ['Shoulder', '15'],
  ['Bust span', '7 1/2'],
  ['Bust point', '10 1/4'],
  ['Half length', '17'],
  ['Back waist', '16'],
  ['Bust', '36'],
  ['Waist', '28½'],
  ['Hip', '98 cm'],
];

interface Summary {
  readonly id: string;
  readonly title: string;
}

/** The id of a ticket, found by the start of its title. */
export async function ticketId(request: APIRequestContext, title: string, base = ''): Promise<string> {
  const answer = await request.get(`${base}/api/tickets?state=all&q=${encodeURIComponent(title)}`);
  const { tickets } = (await answer.json()) as { readonly tickets: readonly Summary[] };
  const found = tickets.find((ticket) => ticket.title.startsWith(title));
  if (!found) throw new Error(`no ticket called ${title}`);
  return found.id;
}

/** Opens a new ticket through the form. */
export async function openTicket(page: Page, client: string, title: string, unit = 'inches'): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name: 'New ticket' }).click();
  await page.getByRole('combobox', { name: 'Client' }).fill(client);
  await page.getByLabel('What is made').fill(title);
  await page.getByRole('radio', { name: unit }).click();
  await page.getByRole('button', { name: 'Open ticket and measure' }).click();
  await expect(page.getByRole('heading', { name: title })).toBeVisible();
}

/** Chooses a measure from the list; `shows` is what stands beside its name there. */
export async function chooseMeasure(page: Page, name: string, shows: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Measures' })
    .getByRole('button', { name: new RegExp(`^${name} (${shows})`) })
    .click();
}

/** Takes the readings in the order asked: chooses the measure, types it, Enter. */
export async function takeMeasures(page: Page, which = readings): Promise<void> {
  for (const [name, typed] of which) {
    await chooseMeasure(page, name, 'to take|\\d|worked|optional|look again');
    await page.getByRole('textbox', { name, exact: true }).fill(typed);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('status').filter({ hasText: 'stored' })).toHaveText('stored');
}

/** Drags a point of a drawing straight down by so many pixels. */
export async function dragDown(page: Page, name: string, pixels: number): Promise<void> {
  const box = await page.getByRole('slider', { name }).boundingBox();
  if (!box) throw new Error(`there is no point called ${name}`);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + pixels, { steps: 6 });
  await page.mouse.up();
}

/** The body that gives a ticket the measures of another one, found by the start of its title. */
export async function measuresLike(request: APIRequestContext, title: string): Promise<object> {
  const id = await ticketId(request, title);
  const { measures } = (await (await request.get(`/api/tickets/${id}`)).json()) as {
    measures: {
      from: string;
      startLine: string;
      observations: object;
      values: Record<string, { typed: string }>;
    };
  };
  const { from, startLine, observations, values } = measures;
  const typed = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, value.typed]));
  return { from, startLine, observations, values: typed };
}

/** Changes a part of a ticket as it is by now, past the page. */
export async function putPart(
  request: APIRequestContext,
  id: string,
  part: string,
  body: object,
): Promise<void> {
  const { version } = (await (await request.get(`/api/tickets/${id}`)).json()) as { version: number };
  const answer = await request.patch(`/api/tickets/${id}/${part}`, { data: { version, ...body } });
  expect([part, answer.status()]).toEqual([part, 200]);
}

/** Brings the table of a ticket to a state, as a device beside it would. */
export async function bringTable(
  request: APIRequestContext,
  id: string,
  work: Partial<TableWork>,
): Promise<void> {
  const ticket = (await (await request.get(`/api/tickets/${id}`)).json()) as Ticket;
  const at = new Date().toISOString();
  const stamp = () => ({ id: randomUUID(), at, by: '' });
  const events = eventsTowards(ticket.lays, ticket, { ...ticket, ...work }, stamp);
  expect((await request.post(`/api/tickets/${id}/table`, { data: { events, sentAt: at } })).status()).toBe(
    200,
  );
}

/** Names the cloth that the Lay station asks for, and waits until it is being planned. */
export async function saveCloth(page: Page, name: string): Promise<void> {
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('button', { name: 'Save cloth' }).click();
  await expect(page.getByRole('button', { name: 'Take this plan' })).toBeVisible();
}

/** Goes to a station of the ticket on its tape. */
export const goToStation = (page: Page, name: string): Promise<void> =>
  page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: new RegExp(name) })
    .click();

interface Opened {
  readonly title: string;
  readonly styleId: string;
  /** The title of the ticket whose client is as tall and round. */
  readonly like: string;
  readonly cloths: readonly object[];
}

/** Opens a ticket past the page, measured like another one, with its cloths named; gives its id. */
export async function openMeasured(
  request: APIRequestContext,
  { title, styleId, like, cloths }: Opened,
): Promise<string> {
  const opened = await request.post('/api/tickets', {
    data: {
      title,
      client: { name: `${title} wearer`, kind: 'adult', another: true },
      dueOn: '2027-03-01',
      unit: 'in',
      styleId,
    },
  });
  const { id } = (await opened.json()) as { id: string };
  await putPart(request, id, 'measures', await measuresLike(request, like));
  await putPart(request, id, 'choices', { choices: {} });
  await putPart(request, id, 'cloths', { cloths });
  return id;
}

/** Opens a slot of the garment in the Style station. */
export const openSlot = (page: Page, slot: 'Bodice' | 'Neck and collar' | 'Sleeve' | 'Skirt' | 'Closure' | 'Layers') =>
  page.getByRole('navigation', { name: 'Slots of the garment' }).getByRole('button', { name: new RegExp(`^${slot}`) }).click(); // prettier-ignore

/** Opens the choices of ease there. */
export const openEase = (page: Page) => page.getByRole('button', { name: 'Change the ease' }).click();

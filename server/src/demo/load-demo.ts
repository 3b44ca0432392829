import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import { writeCsv } from '@ample-bolt/core/formats/csv/table';
import { cuttingOrder } from '@ample-bolt/core/chalk/chalk-piece';
import { laidOut, type LaidOut } from '@ample-bolt/core/lay/model/laid-out';
import type { Fold } from '@ample-bolt/core/lay/model/lay';
import { layTaskOf } from '@ample-bolt/core/shop/lay-task';
import { planForWork } from '@ample-bolt/core/lay/plan/plan-lay';
import type { SequenceId } from '@ample-bolt/core/measures/sequences';
import { usualObservations } from '@ample-bolt/core/measures/measure-set';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { noEntries } from '@ample-bolt/core/shop/home-set';
import { eventsTowards } from '@ample-bolt/core/shop/table-event';
import { findingKey, openStops } from '@ample-bolt/core/shop/sign-off';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { addDays } from 'date-fns';
import { takeInClients } from '../features/clients/client-table.ts';
import { enterAsGuest, sendAsGuest } from '../features/home/guest.ts';
import { hashOf, newToken } from '../features/home/token.ts';
import {
  draftTicket,
  marksOf,
  openTicket,
  setChoices,
  setCloths,
  setFigures,
  setMeasures,
  setRules,
  setSignOffs,
} from '../features/tickets/ticket-service.ts';
import { stamp } from '../features/tickets/ticket-changes.ts';
import { noteAtTable } from '../features/tickets/ticket-table.ts';
import { setLay } from '../features/tickets/ticket-lays.ts';
import type { Stores } from '../stores/stores.ts';
import { keepStyle } from '../features/styles/style-service.ts';
import { setHouseRules } from '../features/house/house-service.ts';
import {
  demoExpiredLink,
  demoFromHome,
  demoHouse,
  demoOlderSets,
  demoStyles,
  demoTickets,
  type DemoTicket,
} from './demo-data.ts';

const dayAfter = (today: Date, days: number): string =>
  new Date(today.getTime() + days * 86_400_000).toISOString().slice(0, 10);

/** Enough search for a good demo lay without holding up the first start. */
const LAY_WORK = 250;

async function layOf(ticket: Ticket, role: ClothRole, fold: Fold): Promise<LaidOut> {
  const cloth = ticket.cloths.find((each) => each.role === role);
  if (!cloth) throw new Error(`demo ticket ${ticket.title} has a ${role} lay but no ${role} cloth`);
  const task = layTaskOf(ticket, (await draftTicket(ticket)).pieces, cloth, fold, 1);
  return laidOut(planForWork(task, LAY_WORK));
}

/** The first part of all marks, piece by piece in chalking order. */
async function chalkedSoFar(ticket: Ticket, part: number): Promise<Ticket['chalked']> {
  const marks = marksOf(ticket, await draftTicket(ticket), ticket.lays);
  const chalked: Record<string, number> = {};
  for (const { piece } of marks.slice(0, Math.round(marks.length * part)))
    chalked[piece] = (chalked[piece] ?? 0) + 1;
  return chalked;
}

async function cutSoFar(ticket: Ticket, part: number): Promise<string[]> {
  const pieces = cuttingOrder((await draftTicket(ticket)).pieces)
    .map(({ piece }) => piece)
    .filter(({ role }) => ticket.lays[role]);
  return pieces.slice(0, Math.round(pieces.length * part)).map(({ id }) => id);
}

async function open(stores: Stores, demo: DemoTicket, today: Date): Promise<Ticket> {
  const known = (await stores.clients.list()).find(({ name }) => name === demo.client.name);
  const ticket = await openTicket(stores, {
    title: demo.title,
    client: known ? { id: known.id } : demo.client,
    dueOn: dayAfter(today, demo.dueIn),
    unit: demo.unit,
    styleId: demo.style ?? 'fitted-dress',
  });
  return setMeasures(stores, ticket.id, {
    version: ticket.version,
    from: demo.from ?? 'neckSide',
    startLine: 'stitch',
    observations: demo.observations ?? usualObservations,
    ...(demo.takenBy === undefined ? {} : { takenBy: demo.takenBy }),
    ...(demo.undergarment === undefined ? {} : { undergarment: demo.undergarment }),
    ...(demo.garment === undefined ? {} : { garment: demo.garment }),
    takenOn: dayAfter(today, -(demo.measuredDaysAgo ?? 0)),
    values: demo.measures,
  });
}

/** In the demo a name is one bolt of the workroom's, whoever is dressed in it. */
const onItsBolt = (cloth: ClothFile): ClothFile => ({ ...cloth, bolt: `demo ${cloth.name ?? cloth.role}` });

/** Everything that is agreed before the cloth is touched. */
async function agree(stores: Stores, ticket: Ticket, demo: DemoTicket): Promise<Ticket> {
  const { id } = ticket;
  let current = ticket;
  const on = () => ({ version: current.version });
  if (demo.choices) current = await setChoices(stores, id, { ...on(), choices: demo.choices });
  if (demo.rules) current = await setRules(stores, id, { ...on(), rules: demo.rules });
  if (demo.figures) current = await setFigures(stores, id, { ...on(), figures: demo.figures });
  if (demo.cloths) current = await setCloths(stores, id, { ...on(), cloths: demo.cloths.map(onItsBolt) });
  if (demo.signedOff !== undefined) {
    const why = demo.signedOff;
    const stops = openStops((await draftTicket(current)).findings, {});
    const signedOff = Object.fromEntries(
      stops.map((stop) => [findingKey(stop), { why, found: stop.found ?? null }]),
    );
    current = await setSignOffs(stores, id, { ...on(), signedOff });
  }
  return current;
}

/** Enters one demo ticket as a person would, through the same services and checks. */
async function enter(stores: Stores, demo: DemoTicket, today: Date): Promise<void> {
  let ticket = await agree(stores, await open(stores, demo, today), demo);
  const { id } = ticket;
  for (const [role, fold] of Object.entries(demo.lays ?? {}) as [ClothRole, Fold][])
    ticket = await setLay(stores, id, {
      version: ticket.version,
      role,
      lay: await layOf(ticket, role, fold),
    });
  const { chalked, cut } = demo;
  const work = {
    chalked: chalked === undefined ? {} : await chalkedSoFar(ticket, chalked),
    cut: cut === undefined ? [] : await cutSoFar(ticket, cut),
  };
  const events = eventsTowards(ticket.lays, ticket, work, stamp(demo.takenBy ?? ''));
  if (events.length > 0) await noteAtTable(stores, id, { events, sentAt: new Date().toISOString() });
}

/** The older book as the table that a shop would bring. */
function olderBook(today: Date): string {
  const ids = [...new Set(demoOlderSets.flatMap(({ measures }) => Object.keys(measures)))];
  return writeCsv([
    ['client', 'kind', 'takenOn', ...ids],
    ...demoOlderSets.map(({ client, kind, daysAgo, measures }) => [
      client,
      kind,
      dayAfter(today, -daysAgo),
      ...ids.map((id) => measures[id] ?? ''),
    ]),
  ]);
}

async function ticketCalled({ tickets }: Stores, title: string): Promise<string> {
  const [ticket] = (await tickets.list({ sought: title, limit: 1, offset: 0 })).tickets;
  if (!ticket) throw new Error(`there is no demo ticket called ${title}`);
  return ticket.id;
}

async function makeLink(
  stores: Stores,
  title: string,
  token: string,
  sequence: SequenceId,
  expiresAt: Date,
): Promise<void> {
  await stores.homeLinks.create({
    ticketId: await ticketCalled(stores, title),
    tokenHash: hashOf(token),
    sequence,
    entries: noEntries('in'),
    expiresAt,
  });
}

/** One client has measured herself, as she would through her page. */
async function sendFromHome(stores: Stores): Promise<void> {
  const token = newToken();
  await makeLink(stores, demoFromHome.title, token, demoFromHome.sequence, addDays(new Date(), 7));
  await enterAsGuest(stores, token, demoFromHome.entries);
  await sendAsGuest(stores, token);
}

const makeExpiredLink = (stores: Stores, today: Date): Promise<void> =>
  makeLink(stores, demoExpiredLink.title, demoExpiredLink.token, 'dress', addDays(today, -3));

/** Tickets that were opened before the house changed a rule, and keep the older one. */
const OLDER_TICKETS = 4;

/** Fills an empty database with the demo, all of it or nothing; says whether it did. */
export async function loadDemo(stores: Stores, today: Date): Promise<boolean> {
  if ((await stores.clients.list()).length > 0) return false;
  await stores.atOnce(async () => {
    const [before, after] = [demoTickets.slice(0, OLDER_TICKETS), demoTickets.slice(OLDER_TICKETS)];
    for (const demo of before) await enter(stores, demo, today);
    for (const file of demoStyles) await keepStyle(stores, { file });
    await setHouseRules(stores, { ...demoHouse, version: (await stores.house.read()).version });
    for (const demo of after) await enter(stores, demo, today);
    await takeInClients(stores, olderBook(today), 'in');
    await sendFromHome(stores);
    await makeExpiredLink(stores, today);
  });
  return true;
}

import { layPieceOf } from '@ample-bolt/core/lay/layable';
import type { Lay } from '@ample-bolt/core/lay/lay';
import { planForWork } from '@ample-bolt/core/lay/plan-lay';
import { usualObservations } from '@ample-bolt/core/measures/measure-set';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { ClientModel } from '../features/clients/client-model.ts';
import { listClients } from '../features/clients/client-repository.ts';
import { TicketModel } from '../features/tickets/ticket-model.ts';
import {
  draftTicket,
  marksOf,
  openTicket,
  setChalk,
  setChoices,
  setCloths,
  setLay,
  setMeasures,
} from '../features/tickets/ticket-service.ts';
import { demoTickets, type DemoTicket } from './demo-data.ts';

const dayAfter = (today: Date, days: number): string =>
  new Date(today.getTime() + days * 86_400_000).toISOString().slice(0, 10);

/** Enough search for a good demo lay without holding up the first start. */
const LAY_WORK = 120;

function layOf(ticket: Ticket, fold: Lay['fold']): Lay {
  const [cloth] = ticket.cloths;
  if (!cloth) throw new Error(`demo ticket ${ticket.title} has a lay but no cloth`);
  return planForWork(
    {
      pieces: draftTicket(ticket).pieces.map(layPieceOf),
      cloth,
      fold,
      seed: 1,
      shrinkPercent: 0,
      buyIn: ticket.unit === 'in' ? 'yd' : 'm',
    },
    LAY_WORK,
  );
}

/** The first part of all marks, piece by piece in chalking order. */
function chalkedSoFar(ticket: Ticket, part: number): Ticket['chalked'] {
  const marks = marksOf(ticket, draftTicket(ticket), ticket.lay);
  const chalked: Record<string, number> = {};
  for (const { piece } of marks.slice(0, Math.round(marks.length * part)))
    chalked[piece] = (chalked[piece] ?? 0) + 1;
  return chalked;
}

/** Enters one demo ticket as a person would, through the same services and checks. */
async function enter(demo: DemoTicket, today: Date): Promise<void> {
  const known = (await listClients()).find(({ name }) => name === demo.client.name);
  let ticket = await openTicket({
    title: demo.title,
    client: known ? { id: known.id } : demo.client,
    dueOn: dayAfter(today, demo.dueIn),
    unit: demo.unit,
    styleId: 'fitted-dress',
  });
  const { id } = ticket;
  const conditions = {
    from: demo.from ?? 'neckSide',
    startLine: 'stitch',
    observations: demo.observations ?? usualObservations,
  } as const;
  ticket = await setMeasures(id, { version: ticket.version, ...conditions, values: demo.measures });
  if (demo.choices) ticket = await setChoices(id, { version: ticket.version, choices: demo.choices });
  if (demo.cloth)
    ticket = await setCloths(id, { version: ticket.version, cloths: [{ role: 'outer', ...demo.cloth }] });
  if (demo.lay) ticket = await setLay(id, { version: ticket.version, lay: layOf(ticket, demo.lay) });
  if (demo.chalked !== undefined)
    await setChalk(id, { version: ticket.version, chalked: chalkedSoFar(ticket, demo.chalked) });
}

/** Fills an empty database with the demo, all of it or nothing; says whether it did. */
export async function loadDemo(today: Date): Promise<boolean> {
  if ((await listClients()).length > 0) return false;
  try {
    for (const demo of demoTickets) await enter(demo, today);
  } catch (error) {
    await TicketModel.destroy({ where: {} });
    await ClientModel.destroy({ where: {} });
    throw error;
  }
  return true;
}

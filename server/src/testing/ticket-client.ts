import { draftOrder } from '@ample-bolt/core/shop/draft-order';
import { layPiecesOn } from '@ample-bolt/core/lay/model/layable';
import { laidOut, type LaidOut } from '@ample-bolt/core/lay/model/laid-out';
import type { Fold } from '@ample-bolt/core/lay/model/lay';
import { planForWork } from '@ample-bolt/core/lay/plan/plan-lay';
import { eventsTowards, type TableWork } from '@ample-bolt/core/shop/table-event';
import { orderOfTicket, type Ticket } from '@ample-bolt/core/shop/ticket';
import { stamp } from '../features/tickets/ticket-changes.ts';
import type { TestApp } from './test-app.ts';

/** A problem+json answer, as tests look at it. */
export interface ProblemBody {
  readonly status: number;
  readonly code: string;
  readonly field?: string;
  readonly detail: string;
  readonly current?: Ticket;
  readonly touched?: readonly { readonly piece: string }[];
}

/** The tape's readings of an invented client. */
export const measures = {
  from: 'neckSide',
  startLine: 'stitch',
  observations: { build: 'middle', tummy: 'flat', shoulders: 'middle' },
  values: {
    shoulder: '15',
    bustSpan: '7 1/2',
    shoulderToBust: '10 1/4',
    frontWaistLength: '17',
    backWaistLength: '16',
    bust: '36',
    waist: '28½',
    hip: '98 cm',
  },
} as const;

/** A lay of the outer cloth, as the page would send it. */
export function outerLay(ticket: Ticket, fold: Fold = 'half'): LaidOut {
  const order = orderOfTicket(ticket);
  const [cloth] = ticket.cloths;
  if (!order || !cloth) throw new Error('not ready to lay');
  const pieces = layPiecesOn(cloth, draftOrder(order).pieces);
  return laidOut(planForWork({ pieces, cloth, fold, seed: 1, shrinkPercent: 0, buyIn: 'yd' }, 3));
}

/** Calls the API as the page does: every change on the version that the last answer gave. */
export function ticketClient(app: TestApp) {
  const open = async (change: object = {}) => {
    const response = await app.agent.post('/api/tickets').send({
      title: 'Test dress',
      client: { name: 'Nobody', kind: 'adult', another: true },
      dueOn: '2026-12-11',
      unit: 'in',
      styleId: 'fitted-dress',
      ...change,
    });
    return { status: response.status, body: response.body as Ticket & ProblemBody };
  };
  const put = async (on: Pick<Ticket, 'id' | 'version'>, part: string, body: object) => {
    const response = await app.agent
      .patch(`/api/tickets/${on.id}/${part}`)
      .send({ version: on.version, ...body });
    return { status: response.status, type: response.type, body: response.body as Ticket & ProblemBody };
  };
  const edit = async (on: Pick<Ticket, 'id' | 'version'>, body: object) => {
    const response = await app.agent.patch(`/api/tickets/${on.id}`).send({ version: on.version, ...body });
    return { status: response.status, body: response.body as Ticket & ProblemBody };
  };
  const measured = async () => {
    const opened = (await open()).body;
    const taken = (await put(opened, 'measures', measures)).body;
    return (
      await put(taken, 'cloths', {
        cloths: [{ role: 'outer', name: 'Test teal', bolt: 'test teal', width: '45in', colour: '#23545b' }],
      })
    ).body;
  };
  const get = async (id: string): Promise<Ticket> =>
    (await app.agent.get(`/api/tickets/${id}`)).body as Ticket;
  /** Brings the table to a state, as a device would, and gives the ticket as it is then. */
  const table = async (id: string, work: Partial<TableWork>) => {
    const ticket = await get(id);
    const events = eventsTowards(ticket.lays, ticket, { ...ticket, ...work }, stamp(''));
    await app.agent.post(`/api/tickets/${id}/table`).send({ events, sentAt: new Date().toISOString() });
    return get(id);
  };
  return { open, put, edit, measured, get, table };
}

import { writeSetCsv } from '@ample-bolt/core/formats/csv/set-csv';
import { draftJson } from '@ample-bolt/core/formats/draft-json';
import { orderFileOf } from '@ample-bolt/core/formats/order/write-order';
import { figuresPdf } from '@ample-bolt/core/formats/pdf/figures-pdf';
import { measuresPdf } from '@ample-bolt/core/formats/pdf/measures-pdf';
import { marksPdf } from '@ample-bolt/core/formats/pdf/marks-pdf';
import { garmentPdf } from '@ample-bolt/core/formats/pdf/garment-pdf';
import type { Shape } from '@ample-bolt/core/formats/of-schema';
import { tableEdit } from '@ample-bolt/core/messages/table-messages';
import * as messages from '@ample-bolt/core/messages/ticket-messages';
import { ticketSketch } from '@ample-bolt/core/shop/made-up';
import { ticketStates, type Ticket } from '@ample-bolt/core/shop/ticket';
import { clothRoles, type ClothRole } from '@ample-bolt/core/pieces/piece';
import { Router, type Request } from 'express';
import { idIn, idOf as idFrom } from '../../http/id-of.ts';
import { notFound, Problem } from '../../http/problem.ts';
import { validator } from '../../http/validator.ts';
import { garmentPicture } from '../../drafting/garment-picture.ts';
import { openFromOrder } from './open-from-order.ts';
import type { Stores } from '../../stores/stores.ts';
import type { TicketQuery } from '../../stores/ticket-store.ts';
import { ticketById } from './ticket-changes.ts';
import * as lays from './ticket-lays.ts';
import * as service from './ticket-service.ts';
import * as table from './ticket-table.ts';

/** What each part of a ticket is changed by: PATCH /:id/PART with what changes, in a body of that shape. */
const parts: { readonly [part: string]: (stores: Stores, id: string, body: unknown) => Promise<Ticket> } = {
  measures: edit(messages.measuresEdit, service.setMeasures),
  client: edit(messages.clientEdit, service.setClient),
  style: edit(messages.styleEdit, service.setStyle),
  choices: edit(messages.choicesEdit, service.setChoices),
  rules: edit(messages.ticketRulesEdit, service.setRules),
  figures: edit(messages.figuresEdit, service.setFigures),
  'sign-offs': edit(messages.signOffsEdit, service.setSignOffs),
  cloths: edit(messages.clothsEdit, service.setCloths),
  lay: edit(messages.layEdit, lays.setLay),
  place: edit(messages.placeEdit, service.setPlace),
};

/** A body is checked against its schema before it reaches the service. */
function edit<Body>(shape: Shape<Body>, change: (stores: Stores, id: string, body: Body) => Promise<Ticket>) {
  const read = validator(shape);
  return (stores: Stores, id: string, body: unknown) => change(stores, id, read(body));
}

const readNew = validator(messages.newTicket);
const readOrdered = validator(messages.orderedTicket);
const readCopy = validator(messages.ticketCopy);
const readTable = validator(tableEdit);
const readEdit = validator(messages.ticketEdit);

/** The ticket's id from the address. */
const idOf = (request: Request): string => idFrom(request, 'ticket');

/** The cloth's role from the address. */
function roleOf(request: Request): ClothRole {
  const role = clothRoles.find((each) => each === request.params['role']);
  if (!role) throw notFound('cloth');
  return role;
}

const fileName = (number: number, ending: string): string =>
  `attachment; filename="ticket-${number}.${ending}"`;

const inline = (number: number, name: string): string => `inline; filename="ticket-${number}-${name}.pdf"`;

const textOf = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined);

/** A whole number of the address within its bounds, or what stands for it. */
function countOf(value: unknown, otherwise: number, most: number): number {
  const count = Number(textOf(value) ?? otherwise);
  return Number.isInteger(count) && count >= 0 ? Math.min(count, most) : otherwise;
}

/** Which tickets are asked for: those at work, unless another state is named. */
function queryOf({ query }: Request): TicketQuery {
  const named = query['state'] ?? 'open';
  const state = ticketStates.find((each) => each === named);
  if (state === undefined && named !== 'all')
    throw new Problem(
      422,
      'unknown-state',
      `There is no such state; there is ${ticketStates.join(', ')} and all.`,
      {
        field: 'state',
      },
    );
  const client = textOf(query['client']);
  return {
    state,
    client: client === undefined ? undefined : idIn(client, 'client'),
    sought: textOf(query['q'])?.slice(0, 120),
    uncounted: query['count'] === 'no',
    limit: countOf(query['limit'], 100, 200),
    offset: countOf(query['offset'], 0, 1_000_000),
  };
}

/** Everything that changes a ticket. */
function changeRoutes(router: Router, stores: Stores): void {
  router.post('/', async (request, response) => {
    response.status(201).json(await service.openTicket(stores, readNew(request.body)));
  });
  router.post('/order', async (request, response) => {
    response.status(201).json(await openFromOrder(stores, readOrdered(request.body)));
  });
  router.patch('/:id', async (request, response) => {
    response.json(await service.editTicket(stores, idOf(request), readEdit(request.body)));
  });
  router.post('/:id/copy', async (request, response) => {
    response.status(201).json(await service.copyTicket(stores, idOf(request), readCopy(request.body)));
  });
  router.post('/:id/table', async (request, response) => {
    response.json(await table.noteAtTable(stores, idOf(request), readTable(request.body)));
  });
  for (const [part, change] of Object.entries(parts)) {
    router.patch(`/:id/${part}`, async (request, response) => {
      response.json(await change(stores, idOf(request), request.body));
    });
  }
}

/** A ticket, its history, and what is drafted from it. */
function readRoutes(router: Router, stores: Stores): void {
  router.get('/', async (request, response) => {
    response.json(await stores.tickets.list(queryOf(request)));
  });
  router.get('/:id', async (request, response) => {
    response.json(await ticketById(stores, idOf(request)));
  });
  router.get('/:id/cloths/:role/sharers', async (request, response) => {
    response.json(await lays.clothSharers(stores, idOf(request), roleOf(request)));
  });
  router.get('/:id/cloths/:role/known', async (request, response) => {
    response.json(await lays.knownCloths(stores, idOf(request), roleOf(request)));
  });
  router.get('/:id/cloths/:role/pieces', async (request, response) => {
    response.json(await lays.sharedPieces(stores, idOf(request), roleOf(request)));
  });
  router.get('/:id/table', async (request, response) => {
    response.json(await table.tableAt(stores, idOf(request)));
  });
  router.get('/:id/steps', async (request, response) => {
    response.json(await service.stepsOf(stores, idOf(request)));
  });
  router.get('/:id/steps/:place', async (request, response) => {
    const place = Number(request.params.place);
    if (!Number.isInteger(place) || place < 0) throw notFound('step in this ticket’s history');
    response.json(await service.stepContent(stores, idOf(request), place));
  });
  router.get('/:id/draft', async (request, response) => {
    const ticket = await ticketById(stores, idOf(request));
    response.json(draftJson(await service.draftToCut(stores, ticket), ticket.unit));
  });
  router.get('/:id/frozen', async (request, response) => {
    response.json(await service.frozenDraft(stores, idOf(request)));
  });
  router.get('/:id/measures.csv', async (request, response) => {
    const { number, unit, measures } = await ticketById(stores, idOf(request));
    response
      .type('text/csv')
      .set('Content-Disposition', fileName(number, 'csv'))
      .send(writeSetCsv(measures.values, unit));
  });
  router.get('/:id/order.json', async (request, response) => {
    const ticket = await ticketById(stores, idOf(request));
    response.set('Content-Disposition', fileName(ticket.number, 'json')).json(orderFileOf(ticket));
  });
}

/** A version of a ticket never changes, so neither does its picture. */
const FOR_EVER = 'private, max-age=31536000, immutable';

/** What prints. */
function paperRoutes(router: Router, stores: Stores): void {
  router.get('/:id/garment.svg', async (request, response) => {
    const ticket = await ticketById(stores, idOf(request));
    const { size, version } = request.query;
    const isAwaited = () => !response.closed;
    const picture = await garmentPicture(ticket, size === 'card' ? 'card' : 'page', isAwaited);
    if (!isAwaited()) return;
    if (picture === undefined) throw notFound('style');
    response
      .type('image/svg+xml')
      .set('Cache-Control', version === String(ticket.version) ? FOR_EVER : 'no-cache')
      .send(picture);
  });
  router.get('/:id/marks.pdf', async (request, response) => {
    const ticket = await ticketById(stores, idOf(request));
    const draft = await service.draftToCut(stores, ticket);
    const bytes = await marksPdf({ ticket, draft, marks: service.marksOf(ticket, draft, ticket.lays) });
    response.type('pdf').set('Content-Disposition', inline(ticket.number, 'marks')).send(Buffer.from(bytes));
  });
  router.get('/:id/garment.pdf', async (request, response) => {
    const ticket = await ticketById(stores, idOf(request));
    const sketch = ticketSketch(ticket);
    if (!sketch) throw notFound('style');
    const bytes = await garmentPdf(ticket, sketch);
    response
      .type('pdf')
      .set('Content-Disposition', inline(ticket.number, 'garment'))
      .send(Buffer.from(bytes));
  });
  router.get('/:id/measures.pdf', async (request, response) => {
    const ticket = await ticketById(stores, idOf(request));
    const bytes = await measuresPdf(ticket);
    response
      .type('pdf')
      .set('Content-Disposition', inline(ticket.number, 'measures'))
      .send(Buffer.from(bytes));
  });
  router.get('/:id/figures.pdf', async (request, response) => {
    const ticket = await ticketById(stores, idOf(request));
    const { unit } = request.query;
    const bytes = await figuresPdf({
      ticket,
      draft: await service.draftToCut(stores, ticket),
      sketch: ticketSketch(ticket),
      unit: unit === 'in' || unit === 'cm' ? unit : ticket.unit,
    });
    response
      .type('pdf')
      .set('Content-Disposition', inline(ticket.number, 'figures'))
      .send(Buffer.from(bytes));
  });
}

export function ticketRoutes(stores: Stores): Router {
  const router = Router();
  changeRoutes(router, stores);
  readRoutes(router, stores);
  paperRoutes(router, stores);
  return router;
}

import { draftJson } from '@ample-bolt/core/formats/draft-json';
import { orderFileOf } from '@ample-bolt/core/formats/order/write-order';
import { marksPdf } from '@ample-bolt/core/formats/pdf/marks-pdf';
import { Router, type Request } from 'express';
import { notFound } from '../../http/problem.ts';
import { validator } from '../../http/validator.ts';
import {
  chalkEditSchema,
  choicesEditSchema,
  clothsEditSchema,
  layEditSchema,
  measuresEditSchema,
  newTicketSchema,
  ticketEditSchema,
  type ChalkEdit,
  type ChoicesEdit,
  type ClothsEdit,
  type LayEdit,
  type MeasuresEdit,
  type NewTicket,
  type TicketEdit,
} from './ticket-schemas.ts';
import {
  draftTicket,
  editTicket,
  marksOf,
  openTicket,
  setChalk,
  setChoices,
  setCloths,
  setLay,
  setMeasures,
  ticketById,
  ticketSummaries,
} from './ticket-service.ts';

const read = {
  newTicket: validator<NewTicket>(newTicketSchema),
  edit: validator<TicketEdit>(ticketEditSchema),
  measures: validator<MeasuresEdit>(measuresEditSchema),
  choices: validator<ChoicesEdit>(choicesEditSchema),
  cloths: validator<ClothsEdit>(clothsEditSchema),
  lay: validator<LayEdit>(layEditSchema),
  chalk: validator<ChalkEdit>(chalkEditSchema),
};

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** The ticket's id from the address; anything that is no id is a ticket that does not exist. */
function idOf(request: Request): string {
  const { id } = request.params;
  if (typeof id !== 'string' || !UUID.test(id)) throw notFound('ticket');
  return id;
}

const fileName = (number: number, ending: string): string =>
  `attachment; filename="ticket-${number}.${ending}"`;

export function ticketRoutes(): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await ticketSummaries());
  });
  router.post('/', async (request, response) => {
    response.status(201).json(await openTicket(read.newTicket(request.body)));
  });
  router.get('/:id', async (request, response) => {
    response.json(await ticketById(idOf(request)));
  });
  router.patch('/:id', async (request, response) => {
    response.json(await editTicket(idOf(request), read.edit(request.body)));
  });
  router.put('/:id/measures', async (request, response) => {
    response.json(await setMeasures(idOf(request), read.measures(request.body)));
  });
  router.put('/:id/choices', async (request, response) => {
    response.json(await setChoices(idOf(request), read.choices(request.body)));
  });
  router.put('/:id/cloths', async (request, response) => {
    response.json(await setCloths(idOf(request), read.cloths(request.body)));
  });
  router.put('/:id/lay', async (request, response) => {
    response.json(await setLay(idOf(request), read.lay(request.body)));
  });
  router.put('/:id/chalk', async (request, response) => {
    response.json(await setChalk(idOf(request), read.chalk(request.body)));
  });
  router.get('/:id/draft', async (request, response) => {
    const ticket = await ticketById(idOf(request));
    response.json(draftJson(draftTicket(ticket), ticket.unit));
  });
  router.get('/:id/order.json', async (request, response) => {
    const ticket = await ticketById(idOf(request));
    response.set('Content-Disposition', fileName(ticket.number, 'json')).json(orderFileOf(ticket));
  });
  router.get('/:id/marks.pdf', async (request, response) => {
    const ticket = await ticketById(idOf(request));
    const draft = draftTicket(ticket);
    const bytes = await marksPdf({ ticket, draft, marks: marksOf(ticket, draft, ticket.lay) });
    response
      .type('pdf')
      .set('Content-Disposition', fileName(ticket.number, 'pdf').replace('attachment', 'inline'))
      .send(Buffer.from(bytes));
  });
  return router;
}

import { guidePdf } from '@ample-bolt/core/formats/pdf/guide-pdf';
import { homeTaken, newHomeLink } from '@ample-bolt/core/messages/home-messages';
import { sequenceIds, type SequenceId } from '@ample-bolt/core/measures/sequences';
import { Router, type Request } from 'express';
import type { Outbox } from '../../outbox/outbox.ts';
import { idIn } from '../../http/id-of.ts';
import { validator } from '../../http/validator.ts';
import type { Stores } from '../../stores/stores.ts';
import { ticketById } from '../tickets/index.ts';
import * as links from './home-links.ts';

const readNew = validator(newHomeLink);
const readTaken = validator(homeTaken);

export interface HomeRoutesDependencies {
  readonly stores: Pick<Stores, 'homeLinks' | 'tickets' | 'table' | 'atOnce'>;
  readonly outbox: Outbox;
  /** Where clients reach the shop's page; without it, where the request came to. */
  readonly publicUrl: string | undefined;
}

const ticketOf = (request: Request): string => idIn(request.params['id'], 'ticket');
const linkOf = (request: Request): string => idIn(request.params['link'], 'private link on this ticket');

const isSequence = (text: unknown): text is SequenceId => sequenceIds.some((id) => id === text);

/** Measuring at home as the shop sees it: the guide on paper, private links, and what comes back. */
export function homeRoutes({ stores, outbox, publicUrl }: HomeRoutesDependencies): Router {
  const router = Router();
  router.get('/:id/guide.pdf', async (request, response) => {
    const ticket = await ticketById(stores, ticketOf(request));
    const { sequence } = request.query;
    const bytes = await guidePdf(ticket, isSequence(sequence) ? sequence : 'style');
    response
      .type('pdf')
      .set('Content-Disposition', `inline; filename="ticket-${ticket.number}-at-home.pdf"`)
      .send(Buffer.from(bytes));
  });
  router.get('/:id/home', async (request, response) => {
    response.json(await links.linksOf(stores, ticketOf(request)));
  });
  router.post('/:id/home', async (request, response) => {
    const origin = publicUrl ?? `${request.protocol}://${request.get('host') ?? 'localhost'}`;
    const made = await links.openLink(stores, ticketOf(request), readNew(request.body), origin, outbox);
    response.status(201).json(made);
  });
  router.delete('/:id/home/:link', async (request, response) => {
    await links.withdrawLink(stores, ticketOf(request), linkOf(request));
    response.status(204).end();
  });
  router.put('/:id/home/:link/accepted', async (request, response) => {
    response.json(
      await links.acceptLink(stores, ticketOf(request), linkOf(request), readTaken(request.body)),
    );
  });
  router.put('/:id/home/:link/refused', async (request, response) => {
    await links.refuseLink(stores, ticketOf(request), linkOf(request));
    response.status(204).end();
  });
  router.get('/:id/home/:link/pictures/:picture', async (request, response) => {
    const picture = idIn(request.params.picture, 'picture');
    response.type('jpeg').send(await links.pictureOf(stores, ticketOf(request), linkOf(request), picture));
  });
  return router;
}

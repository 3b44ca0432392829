import express, { Router } from 'express';
import { validator } from '../../http/validator.ts';
import { idOf } from '../../http/id-of.ts';
import { notFound } from '../../http/problem.ts';
import { listSets } from '../tickets/ticket-repository.ts';
import { clientsCsv, takeInClients } from './client-table.ts';
import { createClient, findClient, knownClients } from './client-repository.ts';
import { clientSchema, type NewClient } from './client-schema.ts';

/** A thousand clients with the whole tape. */
const TABLE_LIMIT = '1mb';

const newClient = validator<NewClient>(clientSchema);

export function clientRoutes(): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await knownClients());
  });
  router.post('/', async (request, response) => {
    const { name, kind } = newClient(request.body);
    response.status(201).json(await createClient({ name: name.trim(), kind }));
  });
  router.get('/measures.csv', async (request, response) => {
    const unit = request.query['unit'] === 'cm' ? 'cm' : 'in';
    response
      .type('text/csv')
      .set('Content-Disposition', 'attachment; filename="clients.csv"')
      .send(await clientsCsv(unit));
  });
  router.post(
    '/measures.csv',
    express.text({ type: 'text/csv', limit: TABLE_LIMIT }),
    async (request, response) => {
      const unit = request.query['unit'] === 'cm' ? 'cm' : 'in';
      response.status(201).json(await takeInClients(request.body, unit));
    },
  );
  router.get('/:id/sets', async (request, response) => {
    const client = await findClient(idOf(request, 'client'));
    if (!client) throw notFound('client');
    response.json(await listSets(client.id));
  });
  return router;
}

import { Router } from 'express';
import { validator } from '../../http/validator.ts';
import { idOf } from '../../http/id-of.ts';
import { notFound } from '../../http/problem.ts';
import { listSets } from '../tickets/ticket-repository.ts';
import { createClient, findClient, listClients } from './client-repository.ts';
import { clientSchema, type NewClient } from './client-schema.ts';

const newClient = validator<NewClient>(clientSchema);

export function clientRoutes(): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await listClients());
  });
  router.post('/', async (request, response) => {
    const { name, kind } = newClient(request.body);
    response.status(201).json(await createClient({ name: name.trim(), kind }));
  });
  router.get('/:id/sets', async (request, response) => {
    const client = await findClient(idOf(request, 'client'));
    if (!client) throw notFound('client');
    response.json(await listSets(client.id));
  });
  return router;
}

import { Router } from 'express';
import { validator } from '../../http/validator.ts';
import { createClient, listClients } from './client-repository.ts';
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
  return router;
}

import express, { Router, type Request } from 'express';
import { clientStates } from '@ample-bolt/core/shop/known-client';
import { validator } from '../../http/validator.ts';
import { idOf } from '../../http/id-of.ts';
import { listSets } from '../tickets/ticket-repository.ts';
import { clientsCsv, takeInClients } from './client-table.ts';
import { createClient, knownClients, type ClientQuery } from './client-repository.ts';
import {
  clientChangeSchema,
  clientErasureSchema,
  clientMergeSchema,
  clientSchema,
  type ClientChange,
  type ClientErasure,
  type ClientMerge,
  type NewClient,
} from './client-schema.ts';
import { changeClient, clientById, forgetClient, mergeClient } from './client-service.ts';

/** A thousand clients with the whole tape. */
const TABLE_LIMIT = '1mb';

const newClient = validator<NewClient>(clientSchema);
const change = validator<ClientChange>(clientChangeSchema);
const merge = validator<ClientMerge>(clientMergeSchema);
const erasure = validator<ClientErasure>(clientErasureSchema);

const ofClient = (request: Request): string => idOf(request, 'client');

/** As many are listed at most. */
const MOST = 500;

function queryOf({ query }: Request): ClientQuery {
  const limit = Number(query['limit'] ?? MOST);
  return {
    state: clientStates.find((state) => state === query['state']),
    sought: typeof query['q'] === 'string' ? query['q'].slice(0, 200) : undefined,
    limit: Number.isInteger(limit) && limit > 0 ? Math.min(limit, MOST) : MOST,
  };
}

export function clientRoutes(): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await knownClients(queryOf(request)));
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
    const { id } = await clientById(ofClient(request));
    response.json(await listSets(id));
  });
  router.get('/:id', async (request, response) => {
    response.json(await clientById(ofClient(request)));
  });
  router.patch('/:id', async (request, response) => {
    response.json(await changeClient(ofClient(request), change(request.body)));
  });
  router.post('/:id/merge', async (request, response) => {
    response.json(await mergeClient(ofClient(request), merge(request.body)));
  });
  router.delete('/:id', async (request, response) => {
    await forgetClient(ofClient(request), erasure(request.body));
    response.json({});
  });
  return router;
}

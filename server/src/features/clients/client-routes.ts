import express, { Router, type Request } from 'express';
import * as messages from '@ample-bolt/core/messages/client-messages';
import { clientStates } from '@ample-bolt/core/shop/known-client';
import { validator } from '../../http/validator.ts';
import { idOf } from '../../http/id-of.ts';
import type { ClientQuery } from '../../stores/client-store.ts';
import type { Stores } from '../../stores/stores.ts';
import { clientsCsv, takeInClients } from './client-table.ts';
import { changeClient, clientById, forgetClient, mergeClient } from './client-service.ts';

/** A thousand clients with the whole tape. */
const TABLE_LIMIT = '1mb';

const readNew = validator(messages.newClient);
const change = validator(messages.clientChange);
const merge = validator(messages.clientMerge);
const erasure = validator(messages.clientErasure);

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

export function clientRoutes(stores: Pick<Stores, 'clients' | 'atOnce'>): Router {
  const router = Router();
  const { clients } = stores;
  router.get('/', async (request, response) => {
    response.json(await clients.known(queryOf(request)));
  });
  router.post('/', async (request, response) => {
    const { name, kind } = readNew(request.body);
    response.status(201).json(await clients.create({ name: name.trim(), kind }));
  });
  router.get('/measures.csv', async (request, response) => {
    const unit = request.query['unit'] === 'cm' ? 'cm' : 'in';
    response
      .type('text/csv')
      .set('Content-Disposition', 'attachment; filename="clients.csv"')
      .send(await clientsCsv(stores, unit));
  });
  router.post(
    '/measures.csv',
    express.text({ type: 'text/csv', limit: TABLE_LIMIT }),
    async (request, response) => {
      const unit = request.query['unit'] === 'cm' ? 'cm' : 'in';
      response.status(201).json(await takeInClients(stores, request.body, unit));
    },
  );
  router.get('/:id/sets', async (request, response) => {
    const { id } = await clientById(stores, ofClient(request));
    response.json(await clients.sets(id));
  });
  router.get('/:id', async (request, response) => {
    response.json(await clientById(stores, ofClient(request)));
  });
  router.patch('/:id', async (request, response) => {
    response.json(await changeClient(stores, ofClient(request), change(request.body)));
  });
  router.post('/:id/merge', async (request, response) => {
    response.json(await mergeClient(stores, ofClient(request), merge(request.body)));
  });
  router.delete('/:id', async (request, response) => {
    await forgetClient(stores, ofClient(request), erasure(request.body));
    response.json({});
  });
  return router;
}

import { newHouseStyle } from '@ample-bolt/core/messages/style-messages';
import { Router } from 'express';
import { idOf } from '../../http/id-of.ts';
import { validator } from '../../http/validator.ts';
import type { Stores } from '../../stores/stores.ts';
import { keepStyle, removeStyle, stylesOfHouse } from './style-service.ts';

const readNew = validator(newHouseStyle);

export function styleRoutes(stores: Pick<Stores, 'styles'>): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await stylesOfHouse(stores));
  });
  router.post('/', async (request, response) => {
    response.status(201).json(await keepStyle(stores, readNew(request.body)));
  });
  router.delete('/:id', async (request, response) => {
    await removeStyle(stores, idOf(request, 'style'));
    response.status(204).end();
  });
  return router;
}

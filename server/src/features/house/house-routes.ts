import { rulesEdit } from '@ample-bolt/core/messages/house-messages';
import { Router } from 'express';
import { validator } from '../../http/validator.ts';
import type { Stores } from '../../stores/stores.ts';
import { setHouseRules } from './house-service.ts';

const readEdit = validator(rulesEdit);

export function houseRoutes(stores: Pick<Stores, 'house'>): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await stores.house.read());
  });
  router.put('/rules', async (request, response) => {
    response.json(await setHouseRules(stores, readEdit(request.body)));
  });
  return router;
}

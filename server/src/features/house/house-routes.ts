import { Router } from 'express';
import { validator } from '../../http/validator.ts';
import { rulesEditSchema, type RulesEdit } from './house-schemas.ts';
import { house, setHouseRules } from './house-service.ts';

const readEdit = validator<RulesEdit>(rulesEditSchema);

export function houseRoutes(): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await house());
  });
  router.put('/rules', async (request, response) => {
    response.json(await setHouseRules(readEdit(request.body)));
  });
  return router;
}

import { Router } from 'express';
import type { Outbox } from '../../outbox/outbox.ts';

/** What the shop would have sent, to be looked at, handed on and thrown away. */
export function outboxRoutes(outbox: Outbox): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.set('Cache-Control', 'no-store').json(await outbox.list());
  });
  router.delete('/:id', async (request, response) => {
    await outbox.remove(request.params.id);
    response.status(204).end();
  });
  return router;
}

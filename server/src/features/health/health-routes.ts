import { Router } from 'express';
import { Problem } from '../../http/problem.ts';

/** Answers 200 while the database answers: `ask` fails where it does not. */
export function healthRoutes(ask: () => Promise<unknown>): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    try {
      await ask();
    } catch {
      throw new Problem(503, 'no-database', 'The database does not answer.');
    }
    response.json({ ok: true });
  });
  return router;
}

import { Router } from 'express';
import type { Sequelize } from 'sequelize';
import { Problem } from '../../http/problem.ts';

/** Answers 200 while the database answers. */
export function healthRoutes(sequelize: Sequelize): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    try {
      await sequelize.query('SELECT 1');
    } catch {
      throw new Problem(503, 'no-database', 'The database does not answer.');
    }
    response.json({ ok: true });
  });
  return router;
}

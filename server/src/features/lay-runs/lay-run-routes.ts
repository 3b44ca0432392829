import { layObstacle } from '@ample-bolt/core/lay/plan/plan-lay';
import { layWays, type LayWay } from '@ample-bolt/core/lay/model/lay';
import { clothRoles, type ClothRole } from '@ample-bolt/core/pieces/piece';
import type { LayRun } from '@ample-bolt/core/shop/lay-run';
import { layTaskOf } from '@ample-bolt/core/shop/lay-task';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { Router, type Request } from 'express';
import { idIn } from '../../http/id-of.ts';
import { Problem } from '../../http/problem.ts';
import { validator } from '../../http/validator.ts';
import type { Bell } from '../../jobs/bell.ts';
import type { LayQueue } from '../../jobs/lay-queue.ts';
import { sharedPieces } from '../tickets/ticket-lays.ts';
import { draftToCut, ticketById } from '../tickets/ticket-service.ts';
import { beginRun, cancelRun, plansOf, runsOf } from './lay-run-repository.ts';

/** Between two signs of life of a stream, ms. */
const HEARTBEAT = 20_000;

/** Seconds of searching that may be asked for at once. */
const LIMITS = { least: 5, most: 4 * 3600 };

interface NewRun {
  readonly role: ClothRole;
  readonly folds: readonly LayWay[];
  readonly seconds: number;
  /** Tickets that share the cloth, by their ids. */
  readonly others?: readonly string[];
}
const readNew = validator<NewRun>({
  type: 'object',
  required: ['role', 'folds', 'seconds'],
  additionalProperties: false,
  properties: {
    role: { enum: clothRoles },
    folds: { type: 'array', items: { enum: layWays }, minItems: 1, uniqueItems: true },
    seconds: { type: 'number', minimum: LIMITS.least, maximum: LIMITS.most },
    others: { type: 'array', items: { type: 'string', format: 'uuid' }, maxItems: 20, uniqueItems: true },
  },
});

export interface LayRunDependencies {
  readonly queue: LayQueue;
  readonly bell: Bell;
}

const ticketOf = (request: Request): string => idIn(request.params['id'], 'ticket');
const runIn = (request: Request): string => idIn(request.params['run'], 'search on this ticket');

async function startRun(
  ticketId: string,
  { role, folds: asked, seconds, others = [] }: NewRun,
  { queue, bell }: LayRunDependencies,
): Promise<LayRun> {
  const ticket = await ticketById(ticketId);
  const cloth = ticket.cloths.find((each) => each.role === role);
  if (!cloth)
    throw new Problem(422, 'no-cloth', `The ticket has no ${role} cloth; add it first.`, { field: 'role' });
  const { pieces } = await draftToCut(ticket);
  const shared = (await Promise.all(others.map((other) => sharedPieces(other, role)))).flat();
  const obstacles = asked.map((fold) => layObstacle(layTaskOf(ticket, pieces, cloth, fold, 1, shared)));
  const possible = asked.filter((_, index) => !obstacles[index]);
  const [obstacle] = obstacles;
  if (possible.length === 0 && obstacle)
    throw new Problem(422, obstacle.code, findingWords(obstacle, ticket.unit).message, { field: 'folds' });
  const { pieces: laid, shrinkPercent, buyIn } = layTaskOf(ticket, pieces, cloth, 'open', 1, shared);
  const task = { pieces: laid, cloth, shrinkPercent, buyIn };
  const { run, shareIds } = await beginRun(ticket.id, { role, folds: possible, task, seconds });
  await queue.offer(shareIds);
  await bell.ring(ticket.id);
  return run;
}

/** Long searches of a ticket: begun, looked at, followed as they go, stopped. */
export function layRunRoutes(dependencies: LayRunDependencies): Router {
  const router = Router();
  router.post('/:id/lay-runs', async (request, response) => {
    response.status(201).json(await startRun(ticketOf(request), readNew(request.body), dependencies));
  });
  router.get('/:id/lay-runs', async (request, response) => {
    response.json(await runsOf((await ticketById(ticketOf(request))).id));
  });
  router.get('/:id/lay-runs/events', async (request, response) => {
    const { id } = await ticketById(ticketOf(request));
    response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
    const tell = () =>
      void runsOf(id).then(
        (runs) => !response.destroyed && response.write(`data: ${JSON.stringify(runs)}\n\n`),
        () => response.end(),
      );
    const leave = dependencies.bell.listen(id, tell);
    // Something in between may close a connection on which nothing is said for long.
    const beat = setInterval(() => response.write(': still here\n\n'), HEARTBEAT);
    request.on('close', () => {
      clearInterval(beat);
      leave();
    });
    tell();
  });
  router.get('/:id/lay-runs/:run/plans', async (request, response) => {
    response.json(await plansOf(ticketOf(request), runIn(request)));
  });
  router.delete('/:id/lay-runs/:run', async (request, response) => {
    const run = await cancelRun(ticketOf(request), runIn(request));
    await dependencies.bell.ring(ticketOf(request));
    response.json(run);
  });
  return router;
}

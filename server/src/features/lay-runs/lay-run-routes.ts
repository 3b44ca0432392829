import { layObstacle } from '@ample-bolt/core/lay/plan/plan-lay';
import { newLayRun, type NewLayRun } from '@ample-bolt/core/messages/lay-run-messages';
import type { LayRun } from '@ample-bolt/core/shop/lay-run';
import { layTaskOf } from '@ample-bolt/core/shop/lay-task';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { Router, type Request } from 'express';
import { idIn } from '../../http/id-of.ts';
import { notFound, Problem } from '../../http/problem.ts';
import { validator } from '../../http/validator.ts';
import type { Bell } from '../../jobs/bell.ts';
import type { LayQueue } from '../../jobs/lay-queue.ts';
import type { Stores } from '../../stores/stores.ts';
import { draftToCut, sharedPieces, ticketById } from '../tickets/index.ts';

/** Between two signs of life of a stream, ms. */
const HEARTBEAT = 20_000;

const readNew = validator(newLayRun);

export interface LayRunDependencies {
  readonly stores: Pick<Stores, 'tickets' | 'layRuns'>;
  readonly queue: LayQueue;
  readonly bell: Bell;
}

const ticketOf = (request: Request): string => idIn(request.params['id'], 'ticket');
/** What an address names that leads to no search. */
const RUN = 'search on this ticket';
const runIn = (request: Request): string => idIn(request.params['run'], RUN);

async function startRun(
  ticketId: string,
  { role, folds: asked, seconds, others = [] }: NewLayRun,
  { stores, queue, bell }: LayRunDependencies,
): Promise<LayRun> {
  const ticket = await ticketById(stores, ticketId);
  const cloth = ticket.cloths.find((each) => each.role === role);
  if (!cloth)
    throw new Problem(422, 'no-cloth', `The ticket has no ${role} cloth; add it first.`, { field: 'role' });
  const { pieces } = await draftToCut(stores, ticket);
  const shared = (await Promise.all(others.map((other) => sharedPieces(stores, other, role)))).flat();
  const obstacles = asked.map((fold) => layObstacle(layTaskOf(ticket, pieces, cloth, fold, 1, shared)));
  const possible = asked.filter((_, index) => !obstacles[index]);
  const [obstacle] = obstacles;
  if (possible.length === 0 && obstacle)
    throw new Problem(422, obstacle.code, findingWords(obstacle, ticket.unit).message, { field: 'folds' });
  const { pieces: laid, shrinkPercent, buyIn } = layTaskOf(ticket, pieces, cloth, 'open', 1, shared);
  const task = { pieces: laid, cloth, shrinkPercent, buyIn };
  const begun = await stores.layRuns.begin(ticket.id, { role, folds: possible, task, seconds });
  if (!begun)
    throw new Problem(409, 'already-searching', 'A search for this cloth is running; stop it first.');
  await queue.offer(begun.shareIds);
  await bell.ring(ticket.id);
  return begun.run;
}

/** Long searches of a ticket: begun, looked at, followed as they go, stopped. */
export function layRunRoutes(dependencies: LayRunDependencies): Router {
  const router = Router();
  const { stores } = dependencies;
  const { layRuns } = stores;
  router.post('/:id/lay-runs', async (request, response) => {
    response.status(201).json(await startRun(ticketOf(request), readNew(request.body), dependencies));
  });
  router.get('/:id/lay-runs', async (request, response) => {
    response.json(await layRuns.ofTicket((await ticketById(stores, ticketOf(request))).id));
  });
  router.get('/:id/lay-runs/events', async (request, response) => {
    const { id } = await ticketById(stores, ticketOf(request));
    response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
    const tell = () =>
      void layRuns.ofTicket(id).then(
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
    const plans = await layRuns.plans(ticketOf(request), runIn(request));
    if (!plans) throw notFound(RUN);
    response.json(plans);
  });
  router.delete('/:id/lay-runs/:run', async (request, response) => {
    const run = await layRuns.cancel(ticketOf(request), runIn(request));
    if (!run) throw notFound(RUN);
    await dependencies.bell.ring(ticketOf(request));
    response.json(run);
  });
  return router;
}

import { checkLay } from '@ample-bolt/core/lay/proof/check-lay';
import { choosePlan } from '@ample-bolt/core/lay/plan/choose-plan';
import { longEnough } from '@ample-bolt/core/lay/model/cloth';
import { laidLay } from '@ample-bolt/core/lay/model/kept-lay';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { noFitCache } from '@ample-bolt/core/lay/no-fit/no-fit-cache';
import { planLay } from '@ample-bolt/core/lay/plan/plan-lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { foldToSearch } from '@ample-bolt/core/lay/plan/share-out';
import type { KeptRun, KeptShare } from '../../stores/lay-run-store.ts';
import type { Stores } from '../../stores/stores.ts';

/** Between two reports to the database, and two looks whether the search is still wanted, ms. */
const REPORT = 1000;
/** Between two looks at the event loop, ms. */
const SLICE = 50;

const breathe = () => new Promise((resolve) => setImmediate(resolve));

/** A share that was put down before its time, to be offered again. */
export class Interrupted extends Error {}

export interface SharePorts {
  /** Whether this process is asked to end. */
  readonly stopping: () => boolean;
  /** Tells pages that something about the ticket's searches changed. */
  readonly ring: (ticketId: string) => Promise<void>;
}

/** The best lay of a time of search, proved; the search breathes, so that the process can answer meanwhile. */
async function bestWithin(search: ReturnType<typeof planLay>, task: LayTask, milliseconds: number) {
  const begun = performance.now();
  let best: Lay | undefined;
  let pause = begun + SLICE;
  for (;;) {
    const { value } = search.next();
    if (!value) break;
    if (value.improved) best = value.lay;
    const now = performance.now();
    if (now - begun >= milliseconds) break;
    if (now < pause) continue;
    await breathe();
    pause = performance.now() + SLICE;
  }
  const proved = best && checkLay(best, task.pieces, longEnough(task.cloth, best.length)).length === 0;
  return { lay: proved ? best : undefined, seconds: (performance.now() - begun) / 1000 };
}

/** Searches what is left of a share, keeping what is better as it is found; throws Interrupted when the process is to end first. */
async function search(
  { layRuns }: Pick<Stores, 'layRuns'>,
  share: KeptShare,
  run: KeptRun,
  { stopping, ring }: SharePorts,
): Promise<void> {
  const plans = Object.values(run.plans).map((plan) => laidLay(plan, run.task.pieces));
  const fold = foldToSearch(share, plans) ?? run.folds[0];
  if (!fold) return;
  // Taken up again a share looks elsewhere: what its last seed found is kept already.
  const task: LayTask = { ...run.task, fold, seed: share.seed + 1000 * (share.starts + 1) };
  const steps = planLay(task, noFitCache());
  let kept = plans.find((plan) => plan.fold === fold);
  let { spent } = share;
  while (spent < share.seconds) {
    const left = 1000 * (share.seconds - spent);
    const { lay, seconds } = await bestWithin(steps, task, Math.min(REPORT, left));
    const isBetter = lay !== undefined && !(kept && choosePlan([kept, lay])[0] === kept);
    if (isBetter && (await layRuns.keepBetter(run.id, lay))) kept = lay;
    spent = Math.min(share.seconds, spent + seconds);
    await layRuns.writeShare(share.id, { spent });
    await ring(run.ticketId);
    if (stopping()) throw new Interrupted('the process is asked to end');
    if ((await layRuns.state(run.id)) !== 'running') return;
  }
}

/** Works on one share of a long search. A fault in the search fails it with its reason; an interruption leaves it to be taken up again. */
export async function searchShare(
  stores: Pick<Stores, 'layRuns'>,
  shareId: string,
  ports: SharePorts,
): Promise<void> {
  const { layRuns } = stores;
  const found = await layRuns.share(shareId);
  if (!found || found.run.state !== 'running' || found.share.state === 'done') return;
  const { share, run } = found;
  await layRuns.writeShare(shareId, { state: 'working', starts: share.starts + 1 });
  await ports.ring(run.ticketId);
  try {
    await search(stores, share, run, ports);
    await layRuns.writeShare(shareId, { state: 'done' });
    await layRuns.endIfDone(run.id);
  } catch (error) {
    await layRuns.writeShare(shareId, { state: 'waiting' });
    if (error instanceof Interrupted) throw error;
    await layRuns.fail(run.id, error instanceof Error ? error.message : 'The search failed.');
  }
  await ports.ring(run.ticketId);
}

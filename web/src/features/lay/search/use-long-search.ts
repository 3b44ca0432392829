import type { Lay, LayWay } from '@ample-bolt/core/lay/model/lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import type { LayRun } from '@ample-bolt/core/shop/lay-run';
import { useMemo, useState } from 'react';
import { beginLayRun, stopLayRun, useLayRuns, useRunPlans } from '../../../api/lay-runs.ts';
import { stillHolding } from './still-holding.ts';

export interface LongSearch {
  /** The cloth's search: the one that runs, or the last. */
  readonly run: LayRun | undefined;
  /** Its plans that hold for today's pieces and cloth. */
  readonly plans: readonly Lay[];
  readonly failure: string | undefined;
  readonly begin: (folds: readonly LayWay[], seconds: number) => void;
  readonly stop: () => void;
}

/**
 * A search that goes on at the shop's computer, through queue and worker, while the page may be closed. Its plans are proved whenever `task`
 * is another object.
 */
export function useLongSearch(ticketId: string, task: LayTask, others: readonly string[]): LongSearch {
  const { role } = task.cloth;
  const { data: runs, mutate } = useLayRuns(ticketId);
  const [failure, setFailure] = useState<string>();
  const run = runs?.find((each) => each.role === role);
  const { data: found } = useRunPlans(ticketId, run);
  const plans = useMemo(() => stillHolding(found ? Object.values(found) : [], task), [found, task]);
  const attempt = (change: Promise<unknown>) => {
    change
      .then(() => setFailure(undefined))
      .catch((error: unknown) =>
        setFailure(error instanceof Error ? error.message : 'The search was not begun.'),
      )
      .finally(() => void mutate());
  };
  return {
    run,
    plans,
    failure,
    begin: (which, seconds) => attempt(beginLayRun(ticketId, { role, folds: which, seconds, others })),
    stop: () => run && attempt(stopLayRun(ticketId, run.id)),
  };
}

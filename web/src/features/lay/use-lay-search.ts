import { layObstacle, type LayTask } from '@ample-bolt/core/lay/plan-lay';
import type { Finding } from '@ample-bolt/core/checks/finding';
import { folds, type Fold, type Lay } from '@ample-bolt/core/lay/lay';
import { proxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { LayApi } from '../../workers/lay.worker.ts';

export interface FoldPlan {
  readonly fold: Fold;
  readonly lay: Lay | undefined;
  readonly obstacle: Finding | undefined;
  /** Steps of search done on it so far. */
  readonly work: number;
}

export interface LaySearch {
  readonly plans: readonly FoldPlan[];
  readonly running: Fold | undefined;
  readonly failure: string | undefined;
  /** Searches each way of folding for its share of `milliseconds`, keeping what is better. */
  readonly run: (which: readonly Fold[], milliseconds: number) => void;
  /** Searches one task, telling every better lay: of what is held the rest is laid around it. */
  readonly layRest: (task: LayTask, milliseconds: number, onBetter: (lay: Lay) => void) => void;
  readonly stop: () => void;
}

interface Found {
  /** The inputs that these plans are for. */
  readonly inputs: string;
  readonly plans: Readonly<Partial<Record<Fold, { lay?: Lay | undefined; work: number }>>>;
}

const isBetter = (lay: Lay, than: Lay | undefined): boolean => than === undefined || lay.length < than.length;

/**
 * Plans lays in a worker: the search tells every better one as it is found, and can be stopped. When pieces or cloth
 * change it starts by itself with the ways of folding in `first`, for `firstMilliseconds`.
 */
export function useLaySearch(
  taskFor: (fold: Fold, seed: number) => LayTask,
  inputs: string,
  first: readonly Fold[],
  firstMilliseconds: number,
): LaySearch {
  const [found, setFound] = useState<Found>({ inputs, plans: {} });
  const [running, setRunning] = useState<Fold>();
  const [failure, setFailure] = useState<string>();
  const worker = useRef<{ worker: Worker; api: Remote<LayApi> }>(undefined);
  const turn = useRef(0);
  const plans = found.inputs === inputs ? found.plans : {};

  const stop = useCallback(() => {
    turn.current += 1;
    void worker.current?.api.stop();
    setRunning(undefined);
  }, []);
  useEffect(
    () => () => {
      turn.current += 1;
      worker.current?.worker.terminate();
      worker.current = undefined;
    },
    [inputs],
  );

  const tell = (fold: Fold, work: number, lay: Lay | undefined) =>
    setFound((before) => {
      const known = before.inputs === inputs ? before.plans : {};
      const kept = known[fold]?.lay;
      return { inputs, plans: { ...known, [fold]: { work, lay: lay && isBetter(lay, kept) ? lay : kept } } };
    });

  const apiNow = (): Remote<LayApi> => {
    worker.current ??= (() => {
      const made = new Worker(new URL('../../workers/lay.worker.ts', import.meta.url), { type: 'module' });
      return { worker: made, api: wrap<LayApi>(made) };
    })();
    return worker.current.api;
  };

  const search = async (which: readonly Fold[], milliseconds: number) => {
    turn.current += 1;
    const mine = turn.current;
    setFailure(undefined);
    const api = apiNow();
    // A new seed for every run: asking again looks elsewhere instead of finding the same lay twice.
    const tasks = which.map((fold) => taskFor(fold, mine)).filter((task) => !layObstacle(task));
    for (const task of tasks) {
      const { fold } = task;
      if (mine !== turn.current) return;
      setRunning(fold);
      const listen = proxy(({ work, lay }: { work: number; lay: Lay | undefined }) => {
        if (mine === turn.current) tell(fold, work, lay);
      });
      await api.search(task, milliseconds / tasks.length, listen);
    }
    if (mine === turn.current) setRunning(undefined);
  };

  const run = (which: readonly Fold[], milliseconds: number) => {
    void search(which, milliseconds).catch((error: unknown) => {
      setRunning(undefined);
      setFailure(error instanceof Error ? error.message : 'The search failed.');
    });
  };
  const layRest = (task: LayTask, milliseconds: number, onBetter: (lay: Lay) => void) => {
    turn.current += 1;
    const mine = turn.current;
    setFailure(undefined);
    setRunning(task.fold);
    const listen = proxy(({ lay }: { lay: Lay | undefined }) => {
      if (lay && mine === turn.current) onBetter(lay);
    });
    apiNow()
      .search({ ...task, seed: mine }, milliseconds, listen)
      .catch(() => setFailure('What is locked leaves no way to lay the rest; unlock a piece, or move one.'))
      .finally(() => {
        if (mine === turn.current) setRunning(undefined);
      });
  };
  const begin = useRef<() => void>(undefined);
  useEffect(() => {
    begin.current = () => run(first, firstMilliseconds);
  });
  useEffect(() => begin.current?.(), [inputs]);

  return {
    plans: folds.map((fold) => ({
      fold,
      lay: plans[fold]?.lay,
      work: plans[fold]?.work ?? 0,
      obstacle: layObstacle(taskFor(fold, 1)),
    })),
    running,
    failure,
    run,
    layRest,
    stop,
  };
}

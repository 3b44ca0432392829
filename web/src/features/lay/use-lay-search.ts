import { layObstacle, type LayTask } from '@ample-bolt/core/lay/plan-lay';
import type { Finding } from '@ample-bolt/core/checks/finding';
import { layWays, type LayWay, type Lay } from '@ample-bolt/core/lay/lay';
import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { LayWorker } from '../../workers/use-lay-worker.ts';
import { shareTasks } from './share-tasks.ts';

export interface FoldPlan {
  readonly fold: LayWay;
  readonly lay: Lay | undefined;
  readonly obstacle: Finding | undefined;
  /** Steps of search done on it so far. */
  readonly work: number;
}

export interface LaySearch {
  readonly plans: readonly FoldPlan[];
  readonly running: LayWay | undefined;
  readonly failure: string | undefined;
  /** Searches each way of folding for its share of `milliseconds`, keeping what is better. */
  readonly run: (which: readonly LayWay[], milliseconds: number) => void;
  /** Searches one task that a hand asks for, telling every better lay; `otherwise` is said where there is none. */
  readonly layOne: (
    task: LayTask,
    milliseconds: number,
    otherwise: string,
    onBetter: (lay: Lay) => void,
  ) => void;
  readonly stop: () => void;
}

interface Found {
  /** The inputs that these plans are for. */
  readonly inputs: string;
  readonly plans: Readonly<Partial<Record<LayWay, { lay?: Lay | undefined; work: number }>>>;
}

const isBetter = (lay: Lay, than: Lay | undefined): boolean => than === undefined || lay.length < than.length;

interface LaySearchInput {
  readonly layWorker: LayWorker;
  readonly taskFor: (fold: LayWay, seed: number) => LayTask;
  /** What the plans depend on, to be compared. */
  readonly inputs: string;
  readonly first: readonly LayWay[];
  readonly firstMilliseconds: number;
}

/**
 * Plans lays in a worker: the search tells every better one as it is found, and can be stopped. When pieces or cloth
 * change it starts by itself with the ways of folding in `first`, for `firstMilliseconds`.
 */
export function useLaySearch({
  layWorker,
  taskFor,
  inputs,
  first,
  firstMilliseconds,
}: LaySearchInput): LaySearch {
  const [found, setFound] = useState<Found>({ inputs, plans: {} });
  const [running, setRunning] = useState<LayWay>();
  const [failure, setFailure] = useState<string>();
  const turn = useRef(0);
  const plans = found.inputs === inputs ? found.plans : {};

  const stop = useCallback(() => {
    turn.current += 1;
    layWorker.stop();
    setRunning(undefined);
  }, [layWorker]);
  useEffect(
    () => () => {
      turn.current += 1;
      layWorker.stop();
    },
    [inputs, layWorker],
  );

  const tell = (fold: LayWay, work: number, lay: Lay | undefined) =>
    setFound((before) => {
      const known = before.inputs === inputs ? before.plans : {};
      const kept = known[fold]?.lay;
      return { inputs, plans: { ...known, [fold]: { work, lay: lay && isBetter(lay, kept) ? lay : kept } } };
    });

  const search = async (which: readonly LayWay[], milliseconds: number) => {
    turn.current += 1;
    const mine = turn.current;
    setFailure(undefined);
    const workers = layWorker.all();
    // A new seed for every run: asking again looks elsewhere instead of finding the same lay twice.
    const tasks = shareTasks(
      which.map((fold) => taskFor(fold, mine)).filter((task) => !layObstacle(task)),
      workers.length,
    );
    const each = (milliseconds * workers.length) / tasks.length;
    const waiting = [...tasks];
    const work = async (worker: (typeof workers)[number]) => {
      for (let task = waiting.shift(); task; task = waiting.shift()) {
        const { fold } = task;
        if (mine !== turn.current) return;
        setRunning(fold);
        const listen = proxy(({ work, lay }: { work: number; lay: Lay | undefined }) => {
          if (mine === turn.current) tell(fold, work, lay);
        });
        await worker.search(task, each, listen);
      }
    };
    await Promise.all(workers.map(work));
    if (mine === turn.current) setRunning(undefined);
  };

  const run = (which: readonly LayWay[], milliseconds: number) => {
    void search(which, milliseconds).catch((error: unknown) => {
      setRunning(undefined);
      setFailure(error instanceof Error ? error.message : 'The search failed.');
    });
  };
  const layOne = (task: LayTask, milliseconds: number, otherwise: string, onBetter: (lay: Lay) => void) => {
    turn.current += 1;
    const mine = turn.current;
    setFailure(undefined);
    setRunning(task.fold);
    const listen = proxy(({ lay }: { lay: Lay | undefined }) => {
      if (lay && mine === turn.current) onBetter(lay);
    });
    layWorker
      .api()
      .search({ ...task, seed: mine }, milliseconds, listen)
      .catch(() => setFailure(otherwise))
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
    plans: layWays.map((fold) => ({
      fold,
      lay: plans[fold]?.lay,
      work: plans[fold]?.work ?? 0,
      obstacle: layObstacle(taskFor(fold, 1)),
    })),
    running,
    failure,
    run,
    layOne,
    stop,
  };
}

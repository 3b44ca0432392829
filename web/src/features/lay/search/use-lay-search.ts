import { layObstacle } from '@ample-bolt/core/lay/plan/plan-lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import type { Finding } from '@ample-bolt/core/findings/finding';
import { layWays, type LayWay, type Lay } from '@ample-bolt/core/lay/model/lay';
import { proxy } from 'comlink';
import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react';
import type { LayWorker } from '../../../workers/use-lay-worker.ts';
import { keepPlans, loadPlans, type PlansFound } from './kept-plans.ts';
import { shareTasks } from './share-tasks.ts';
import { stillHolding } from './still-holding.ts';

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
  /** What the last search that was asked for gained, mm; undefined before one has ended. */
  readonly gained: number | undefined;
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
  /** Forgets what was found, and searches again. */
  readonly anew: (which: readonly LayWay[], milliseconds: number) => void;
}

interface Found {
  /** The inputs that these plans are for. */
  readonly inputs: string;
  readonly plans: PlansFound;
}

/** What a search that was asked for came to: by how much the shortest lay of what it looked at is shorter now, mm. */
export interface Outcome {
  readonly inputs: string;
  readonly gained: number;
}

const lengthsOf = (plans: PlansFound, which: readonly LayWay[]): number[] =>
  which.flatMap((fold) => plans[fold]?.lay?.length ?? []);

const isBetter = (lay: Lay, than: Lay | undefined): boolean => than === undefined || lay.length < than.length;

interface LaySearchInput {
  readonly layWorker: LayWorker;
  /** What the plans are kept by, and a number of the ticket's own that its searches begin with. */
  readonly key: string;
  readonly seed: number;
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
  key,
  seed,
  taskFor,
  inputs,
  first,
  firstMilliseconds,
}: LaySearchInput): LaySearch {
  const [found, setFound] = useState<Found>({ inputs, plans: {} });
  const [running, setRunning] = useState<LayWay>();
  const [failure, setFailure] = useState<string>();
  const [outcome, setOutcome] = useState<Outcome>();
  const turn = useRef(0);
  const newest = useRef(found);
  const show = (next: Found) => {
    newest.current = next;
    setFound(next);
  };
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

  const knownFor = (): PlansFound => (newest.current.inputs === inputs ? newest.current.plans : {});
  const tell = (fold: LayWay, work: number, lay: Lay | undefined) => {
    const known = knownFor();
    const kept = known[fold]?.lay;
    const isNew = lay && isBetter(lay, kept);
    const next = { ...known, [fold]: { work, lay: isNew ? lay : kept } };
    show({ inputs, plans: next });
    if (isNew) keepPlans(key, inputs, next);
  };

  const search = async (which: readonly LayWay[], milliseconds: number) => {
    turn.current += 1;
    const mine = turn.current;
    setFailure(undefined);
    const workers = layWorker.all();
    // A new seed for every run: asking again looks elsewhere instead of finding the same lay twice.
    const tasks = shareTasks(
      which.map((fold) => taskFor(fold, seed + mine)).filter((task) => !layObstacle(task)),
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
        await worker.ask((api) => api.search(task, each, listen));
      }
    };
    const before = Math.min(...lengthsOf(knownFor(), which));
    await Promise.all(workers.map(work));
    const after = Math.min(...lengthsOf(knownFor(), which));
    if (Number.isFinite(before)) setOutcome({ inputs, gained: Math.max(0, before - after) });
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
      .ask((api) => api.search({ ...task, seed: seed + mine }, milliseconds, listen))
      .catch(() => setFailure(otherwise))
      .finally(() => {
        if (mine === turn.current) setRunning(undefined);
      });
  };
  // What was found before for the same pieces and cloth is shown again; what is missing of it is searched.
  const begin = useEffectEvent(() => {
    const mine = turn.current;
    void loadPlans(key, inputs).then((loaded) => {
      if (mine !== turn.current) return;
      const kept: PlansFound = Object.fromEntries(
        Object.entries(loaded).flatMap(([fold, { lay, work }]) =>
          stillHolding(lay ? [lay] : [], taskFor(fold as LayWay, seed)).map((holding) => [
            fold,
            { lay: holding, work },
          ]),
        ),
      );
      if (Object.keys(kept).length > 0) show({ inputs, plans: { ...kept, ...knownFor() } });
      const open = first.filter((fold) => !kept[fold]?.lay);
      if (open.length > 0) run(open, firstMilliseconds);
    });
  });
  useEffect(() => begin(), [inputs]);

  return {
    plans: layWays.map((fold) => ({
      fold,
      lay: plans[fold]?.lay,
      work: plans[fold]?.work ?? 0,
      obstacle: layObstacle(taskFor(fold, 1)),
    })),
    running,
    failure,
    gained: outcome?.inputs === inputs ? outcome.gained : undefined,
    run,
    layOne,
    stop,
    anew: (which, milliseconds) => {
      show({ inputs, plans: {} });
      keepPlans(key, inputs, {});
      run(which, milliseconds);
    },
  };
}

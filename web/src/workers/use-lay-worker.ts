import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { useEffect, useMemo, useRef } from 'react';
import { started, type Started } from './started.ts';
import type { LayApi } from './lay.worker.ts';

/** The workers that search for lays, made when they are first asked for. */
export interface LayWorker {
  /** One of them, for what is done once. */
  readonly api: () => Started<LayApi>;
  /** All of them, for what can be shared out. */
  readonly all: () => readonly Started<LayApi>[];
  /** Stops what they do; where there are none, none are made for that. */
  readonly stop: () => void;
}

/** More than so many bring little, and a laptop gets loud. */
const MOST_WORKERS = 4;

/** One processor is left to the page. */
const workerCount = (): number => Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency - 1));

const newWorker = (): Started<LayApi> =>
  started<LayApi>(new Worker(new URL('./lay.worker.ts', import.meta.url), { type: 'module' }));

/** The same workers for as long as a ticket is open: what they worked out of the pieces serves every cloth, fold and width. */
export function useLayWorker(): LayWorker {
  const held = useRef<readonly Started<LayApi>[]>([]);
  useEffect(
    () => () => {
      for (const { worker } of held.current) worker.terminate();
      held.current = [];
    },
    [],
  );
  return useMemo(() => {
    const atLeast = (count: number): readonly Started<LayApi>[] => {
      while (held.current.length < count) held.current = [...held.current, newWorker()];
      return held.current;
    };
    return {
      api: () => {
        const [first] = atLeast(1);
        if (!first) throw new Error('there is a worker');
        return first;
      },
      all: () => atLeast(workerCount()),
      stop: () => {
        for (const { api } of held.current) void api.stop();
      },
    };
  }, []);
}

/** How long nothing is changed before a station ahead is prepared, ms. */
const QUIET = 1200;

/** Prepares lays while an earlier station is still open, once nothing was changed for a while. */
export function useWarmLays(layWorker: LayWorker, tasks: readonly Omit<LayTask, 'fold' | 'seed'>[]): void {
  const asked = tasks.length > 0 ? JSON.stringify(tasks) : undefined;
  useEffect(() => {
    if (asked === undefined) return undefined;
    const wait = setTimeout(() => {
      for (const { api } of layWorker.all()) void api.warm(asked);
    }, QUIET);
    return () => clearTimeout(wait);
  }, [layWorker, asked]);
}

import type { LayTask } from '@ample-bolt/core/lay/plan-lay';
import { wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useRef } from 'react';
import type { LayApi } from './lay.worker.ts';

/** The worker that searches for lays, made when it is first asked for. */
export interface LayWorker {
  readonly api: () => Remote<LayApi>;
  /** Stops what it does; where there is none, none is made for that. */
  readonly stop: () => void;
}

/** One worker for as long as a ticket is open: what it worked out of the pieces serves every cloth, fold and width. */
export function useLayWorker(): LayWorker {
  const held = useRef<{ worker: Worker; api: Remote<LayApi> }>(undefined);
  useEffect(
    () => () => {
      held.current?.worker.terminate();
      held.current = undefined;
    },
    [],
  );
  return useMemo(
    () => ({
      api: () => {
        held.current ??= (() => {
          const worker = new Worker(new URL('./lay.worker.ts', import.meta.url), { type: 'module' });
          return { worker, api: wrap<LayApi>(worker) };
        })();
        return held.current.api;
      },
      stop: () => void held.current?.api.stop(),
    }),
    [],
  );
}

/** How long nothing is changed before a station ahead is prepared, ms. */
const QUIET = 1200;

/** Prepares lays while an earlier station is still open, once nothing was changed for a while. */
export function useWarmLays(layWorker: LayWorker, tasks: readonly Omit<LayTask, 'fold' | 'seed'>[]): void {
  const asked = tasks.length > 0 ? JSON.stringify(tasks) : undefined;
  useEffect(() => {
    if (asked === undefined) return undefined;
    const wait = setTimeout(() => void layWorker.api().warm(asked), QUIET);
    return () => clearTimeout(wait);
  }, [layWorker, asked]);
}

import { checkLay } from '@ample-bolt/core/lay/proof/check-lay';
import { compareWidths, type WidthPlan } from '@ample-bolt/core/lay/plan/compare-widths';
import { longEnough } from '@ample-bolt/core/lay/model/cloth';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { noFitCache } from '@ample-bolt/core/lay/no-fit/no-fit-cache';
import { planLay } from '@ample-bolt/core/lay/plan/plan-lay';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { warmUp } from '@ample-bolt/core/lay/plan/warm-up';
import { expose } from 'comlink';

export interface LayProgress {
  readonly work: number;
  /** Present when it is better than the one before. */
  readonly lay: Lay | undefined;
}

/** Between two looks at the message queue, so that a stop is heard and progress is seen. ms. */
const SLICE = 60;

const breathe = () => new Promise((resolve) => setTimeout(resolve, 0));

/** What is worked out of the pieces once serves every fold and width. */
const book = noFitCache();

/** Every task that is begun stops the one before. */
let turn = 0;

/** Searches for `milliseconds` or until stopped, telling every better lay once it is proved. Resolves to the steps done. */
async function search(
  task: LayTask,
  milliseconds: number,
  tell: (progress: LayProgress) => void,
): Promise<number> {
  const mine = ++turn;
  const start = performance.now();
  let pause = start + SLICE;
  let work = 0;
  for (const step of planLay(task, book)) {
    work = step.work;
    if (
      step.improved &&
      checkLay(step.lay, task.pieces, longEnough(task.cloth, step.lay.length)).length === 0
    )
      tell({ work, lay: step.lay });
    const now = performance.now();
    if (now - start > milliseconds) break;
    if (now < pause) continue;
    tell({ work, lay: undefined });
    await breathe();
    if (mine !== turn) break;
    pause = performance.now() + SLICE;
  }
  return work;
}

/** Works out beforehand what searches for these tasks, as JSON, will ask of their pairs. */
async function warm(tasks: string): Promise<void> {
  const mine = ++turn;
  let pause = performance.now() + SLICE;
  for (const task of JSON.parse(tasks) as Omit<LayTask, 'fold' | 'seed'>[]) {
    const steps = warmUp(task, book);
    while (!steps.next().done) {
      if (performance.now() < pause) continue;
      await breathe();
      if (mine !== turn) return;
      pause = performance.now() + SLICE;
    }
  }
}

/** What the same pieces would take on cloth of the usual widths. */
const widths = (task: LayTask, work: number): WidthPlan[] => compareWidths(task, work, book);

const api = {
  search,
  warm,
  widths,
  stop: () => {
    turn++;
  },
};
export type LayApi = typeof api;
expose(api);

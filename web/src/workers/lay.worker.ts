import { checkLay } from '@ample-bolt/core/lay/check-lay';
import { compareWidths, type WidthPlan } from '@ample-bolt/core/lay/compare-widths';
import type { Lay } from '@ample-bolt/core/lay/lay';
import { noFitBook } from '@ample-bolt/core/lay/no-fit/no-fit-book';
import { planLay, type LayTask } from '@ample-bolt/core/lay/plan-lay';
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
const book = noFitBook();

let stopped = false;

/** Searches for `milliseconds` or until stopped, telling every better lay once it is proved. Resolves to the steps done. */
async function search(
  task: LayTask,
  milliseconds: number,
  tell: (progress: LayProgress) => void,
): Promise<number> {
  stopped = false;
  const start = performance.now();
  // Whether the cloth in hand is long enough is for the page to say; the proof is of the lay itself.
  const anyLength = { ...task.cloth, length: null };
  let pause = start + SLICE;
  let work = 0;
  for (const step of planLay(task, book)) {
    work = step.work;
    if (step.improved && checkLay(step.lay, task.pieces, anyLength).length === 0)
      tell({ work, lay: step.lay });
    const now = performance.now();
    if (now - start > milliseconds) break;
    if (now < pause) continue;
    tell({ work, lay: undefined });
    await breathe();
    if (stopped) break;
    pause = performance.now() + SLICE;
  }
  return work;
}

/** What the same pieces would take on cloth of the usual widths. */
const widths = (task: LayTask, work: number): WidthPlan[] => compareWidths(task, work, book);

const api = {
  search,
  widths,
  stop: () => {
    stopped = true;
  },
};
export type LayApi = typeof api;
expose(api);

import type { WidthPlan } from '@ample-bolt/core/lay/plan/compare-widths';
import type { LayTask } from '@ample-bolt/core/lay/model/lay-task';
import { useEffect, useState } from 'react';
import { started } from '../../../workers/started.ts';
import type { LayApi } from '../../../workers/lay.worker.ts';

/** Steps of search for each width: a first idea of what it would take, not a plan to cut. */
const WORK = 300;

/** What the pieces would take on other widths, worked out beside the search; undefined until then. */
export function useOtherWidths(task: LayTask | undefined, inputs: string): readonly WidthPlan[] | undefined {
  const [found, setFound] = useState<{ key: string; widths: readonly WidthPlan[] }>();
  const key = task ? `${task.fold} ${inputs}` : undefined;
  const asked = task && JSON.stringify(task);
  useEffect(() => {
    if (key === undefined || asked === undefined) return undefined;
    const { worker, ask } = started<LayApi>(
      new Worker(new URL('../../../workers/lay.worker.ts', import.meta.url), { type: 'module' }),
    );
    // Beside the search, which says by itself when it cannot be started.
    void ask((api) => api.widths(JSON.parse(asked) as LayTask, WORK))
      .then((widths) => setFound({ key, widths }))
      .catch(() => undefined);
    return () => worker.terminate();
    // The task is its key: seeds and object identities do not make another one.
  }, [key, asked]);
  return found?.key === key ? found?.widths : undefined;
}

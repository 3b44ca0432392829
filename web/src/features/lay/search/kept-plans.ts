import { keptLay, type KeptLay } from '@ample-bolt/core/lay/model/kept-lay';
import type { Lay, LayWay } from '@ample-bolt/core/lay/model/lay';
import { get, set } from 'idb-keyval';

/** The best lay that was found of each way of folding, with the steps of search that it took. */
export type PlansFound = Readonly<Partial<Record<LayWay, { lay?: Lay | undefined; work: number }>>>;

/** The same as they are kept, without their outlines. */
type PlansKept = Readonly<Partial<Record<LayWay, { lay?: KeptLay | undefined; work: number }>>>;

interface Kept {
  /** What they were found for, to be compared. */
  readonly inputs: string;
  readonly plans: PlansKept;
}

/**
 * Plans that were found and not taken are kept in the browser, so that a page that is loaded again shows the same ones. Where
 * it cannot keep them they are searched again.
 */
export async function loadPlans(key: string, inputs: string): Promise<PlansKept> {
  const kept = await get<Kept>(`laid-${key}`).catch(() => undefined);
  return kept?.inputs === inputs ? kept.plans : {};
}

export const keepPlans = (key: string, inputs: string, plans: PlansFound): void => {
  const kept: PlansKept = Object.fromEntries(
    Object.entries(plans).map(([fold, { lay, work }]) => [fold, { lay: lay && keptLay(lay), work }]),
  );
  set(`laid-${key}`, { inputs, plans: kept } satisfies Kept).catch(() => undefined);
};

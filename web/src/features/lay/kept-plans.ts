import type { Lay, LayWay } from '@ample-bolt/core/lay/model/lay';
import { get, set } from 'idb-keyval';

/** The best lay that was found of each way of folding, with the steps of search that it took. */
export type PlansFound = Readonly<Partial<Record<LayWay, { lay?: Lay | undefined; work: number }>>>;

interface Kept {
  /** What they were found for, to be compared. */
  readonly inputs: string;
  readonly plans: PlansFound;
}

/**
 * Plans that were found and not taken are kept in the browser, so that a page that is loaded again shows the same ones. Where
 * it cannot keep them they are searched again.
 */
export async function loadPlans(key: string, inputs: string): Promise<PlansFound> {
  const kept = await get<Kept>(`plans-${key}`).catch(() => undefined);
  return kept?.inputs === inputs ? kept.plans : {};
}

export const keepPlans = (key: string, inputs: string, plans: PlansFound): void => {
  set(`plans-${key}`, { inputs, plans } satisfies Kept).catch(() => undefined);
};

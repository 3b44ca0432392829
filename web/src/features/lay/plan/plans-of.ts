import { choosePlan } from '@ample-bolt/core/lay/plan/choose-plan';
import type { LayWay, Lay } from '@ample-bolt/core/lay/model/lay';
import type { FoldPlan, LaySearch } from '../search/use-lay-search.ts';

export interface Plans {
  /** Every way of folding, with the best plan that is known for it. */
  readonly all: readonly FoldPlan[];
  readonly possible: readonly FoldPlan[];
  readonly lays: readonly Lay[];
  /** The plan on screen: the one that was picked, the ticket's own, or the best. */
  readonly planned: Lay | undefined;
}

/** Of lays of one fold the shortest; the earlier one where they are as long, so that a plan in hand is not changed for nothing. */
const shortest = (lays: readonly (Lay | undefined)[]): Lay | undefined =>
  lays.reduce((best, lay) => (best && !(lay && lay.length < best.length) ? best : lay), undefined);

/** What the page's own search, others, and the ticket have between them. */
export function plansOf(
  search: Pick<LaySearch, 'plans'>,
  /** Lays that hold, found by another search: by the shop's computer, or by what made the garment fit. */
  elsewhere: readonly Lay[],
  chosen: Lay | undefined,
  wanted: LayWay | undefined,
  /** How long the cloth is, mm, where it is in hand: plans that it is long enough for come first. */
  most: number,
): Plans {
  const all = search.plans.map((plan) => ({
    ...plan,
    lay: shortest([
      chosen?.fold === plan.fold ? chosen : undefined,
      plan.lay,
      ...elsewhere.filter(({ fold }) => fold === plan.fold),
    ]),
  }));
  const lays = all.flatMap(({ lay }) => (lay ? [lay] : []));
  return {
    all,
    possible: all.filter(({ obstacle }) => !obstacle),
    lays,
    planned:
      lays.find(({ fold }) => fold === wanted) ??
      // What is chalked stays on screen until another plan is picked, though a shorter one was found since.
      chosen ??
      choosePlan(lays.filter(({ length }) => length <= most))[0] ??
      choosePlan(lays)[0],
  };
}

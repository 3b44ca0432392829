import { inches } from '../../units/length.ts';
import type { Lay, Purchase } from '../model/lay.ts';
import { noFitCache, type NoFitCache } from '../no-fit/no-fit-cache.ts';
import { layObstacle, planForWork } from './plan-lay.ts';
import type { LayTask } from '../model/lay-task.ts';

/** Usual widths of cloth in the trade, mm. */
export const usualWidths = [36, 44, 45, 54, 58, 60, 72].map(inches);

export interface WidthPlan {
  readonly width: number;
  readonly length: number;
  readonly buy: Purchase;
}

/** What the same pieces would need on cloth of other widths, after a short search each. Widths too narrow are left out. */
export const compareWidths = (task: LayTask, work: number, cache: NoFitCache = noFitCache()): WidthPlan[] =>
  usualWidths.flatMap((width) => {
    const other = {
      ...task,
      cloth: { ...task.cloth, width, length: null, flaws: [], panels: [], outline: undefined },
    };
    if (layObstacle(other)) return [];
    const { length, buy } = planForWork(other, work, cache);
    return [{ width, length, buy }];
  });

/** The same with the plan for the cloth that there is: a better one is known of it than a short search gives, and it may be of no usual width. */
export const withOwnWidth = (widths: readonly WidthPlan[], { width, length, buy }: Lay): WidthPlan[] =>
  [...widths.filter((plan) => Math.abs(plan.width - width) > 1), { width, length, buy }].sort(
    (a, b) => a.width - b.width,
  );

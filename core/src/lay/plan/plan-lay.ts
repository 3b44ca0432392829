import type { LayTask } from '../model/lay-task.ts';
import type { Finding } from '../../findings/finding.ts';
import { chalkedPlacements, type Lay } from '../model/lay.ts';
import { noFitCache, type NoFitCache } from '../no-fit/no-fit-cache.ts';
import { foldObstacle, planFold, type LayStep } from './plan-fold.ts';

import { pinnedObstacle, pinnedOf } from '../model/pinned.ts';
import { mixedObstacle, planMixed } from './plan-mixed.ts';
import { planSections, sectionsObstacle } from './plan-sections.ts';

/** What is pinned under another cloth is held where it is cut; what a hand holds besides stays too. */
function pinnedDown<Task extends Pick<LayTask, 'pieces' | 'holding'>>(task: Task): Task {
  const above = pinnedOf(task.pieces)?.above;
  if (!above) return task;
  const pinned = new Set(above.placements.map(({ piece }) => piece));
  const held = task.holding?.placements.filter(({ piece }) => !pinned.has(piece)) ?? [];
  return { ...task, holding: { lay: above, placements: [...chalkedPlacements(above), ...held] } };
}

/** Why a task cannot be laid at all, or nothing when it can. */
export function layObstacle({ fold, sections, ...task }: LayTask): Finding | undefined {
  const obstacle = pinnedObstacle(task.pieces, fold);
  if (obstacle) return obstacle;
  if (fold !== 'mixed') return foldObstacle({ ...pinnedDown(task), fold });
  return sections ? sectionsObstacle(task, sections)?.finding : mixedObstacle(task);
}

/** Yields ever better lays for as long as it is asked; a task with an obstacle throws. Searches that share a book share what was worked out. */
export const planLay = (
  { fold, sections, ...task }: LayTask,
  cache: NoFitCache = noFitCache(),
): Generator<LayStep, void> =>
  fold !== 'mixed'
    ? planFold({ ...pinnedDown(task), fold }, cache)
    : sections
      ? planSections(task, sections, cache)
      : planMixed(task, cache);

/** Runs the search for at least `work` units and returns its best lay. */
export function planForWork(task: LayTask, work: number, cache?: NoFitCache): Lay {
  for (const step of planLay(task, cache)) if (step.work >= work) return step.lay;
  throw new Error('the search never ends by itself');
}

import type { Finding } from '../findings/finding.ts';
import { chalkedPlacements, type Lay, type LayWay } from './lay.ts';
import { noFitBook, type NoFitBook } from './no-fit/no-fit-book.ts';
import { foldObstacle, planFold, type FoldTask, type LayStep } from './plan-fold.ts';
import { pinnedObstacle, pinnedOf } from './pinned.ts';
import { mixedObstacle, planMixed } from './plan-mixed.ts';
import { planSections, sectionsObstacle, type WantedSection } from './plan-sections.ts';

export interface LayTask extends Omit<FoldTask, 'fold'> {
  readonly fold: LayWay;
  /** Sections as a hand wants them, for cloth that is folded again; else the engine makes them. */
  readonly sections?: readonly WantedSection[];
}

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
  book: NoFitBook = noFitBook(),
): Generator<LayStep, void> =>
  fold !== 'mixed'
    ? planFold({ ...pinnedDown(task), fold }, book)
    : sections
      ? planSections(task, sections, book)
      : planMixed(task, book);

/** Runs the search for at least `work` units and returns its best lay. */
export function planForWork(task: LayTask, work: number, book?: NoFitBook): Lay {
  for (const step of planLay(task, book)) if (step.work >= work) return step.lay;
  throw new Error('the search never ends by itself');
}

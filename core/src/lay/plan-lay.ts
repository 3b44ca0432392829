import type { Finding } from '../checks/finding.ts';
import type { Lay, LayWay } from './lay.ts';
import { noFitBook, type NoFitBook } from './no-fit/no-fit-book.ts';
import { foldObstacle, planFold, type FoldTask, type LayStep } from './plan-fold.ts';
import { mixedObstacle, planMixed } from './plan-mixed.ts';
import { planSections, sectionsObstacle, type WantedSection } from './plan-sections.ts';

export interface LayTask extends Omit<FoldTask, 'fold'> {
  readonly fold: LayWay;
  /** Sections as a hand wants them, for cloth that is folded again; else the engine makes them. */
  readonly sections?: readonly WantedSection[];
}

/** Why a task cannot be laid at all, or nothing when it can. */
export const layObstacle = ({ fold, sections, ...task }: LayTask): Finding | undefined =>
  fold !== 'mixed'
    ? foldObstacle({ ...task, fold })
    : sections
      ? sectionsObstacle(task, sections)?.finding
      : mixedObstacle(task);

/** Yields ever better lays for as long as it is asked; a task with an obstacle throws. Searches that share a book share what was worked out. */
export const planLay = (
  { fold, sections, ...task }: LayTask,
  book: NoFitBook = noFitBook(),
): Generator<LayStep, void> =>
  fold !== 'mixed'
    ? planFold({ ...task, fold }, book)
    : sections
      ? planSections(task, sections, book)
      : planMixed(task, book);

/** Runs the search for at least `work` units and returns its best lay. */
export function planForWork(task: LayTask, work: number, book?: NoFitBook): Lay {
  for (const step of planLay(task, book)) if (step.work >= work) return step.lay;
  throw new Error('the search never ends by itself');
}

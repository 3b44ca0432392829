import type { WantedSection } from '../model/lay-task.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import { hasPlaces } from '../model/cloth.ts';
import type { Lay } from '../model/lay.ts';
import type { NoFitCache } from '../no-fit/no-fit-cache.ts';
import { foldObstacle, type LayStep } from './plan-fold.ts';
import type { FoldTask } from '../model/lay-task.ts';
import {
  beginSection,
  joinSections,
  turnOf,
  type SectionSearch,
  type SectionsTask,
} from './section-search.ts';

const taskOf = (task: SectionsTask, { fold, pieces }: WantedSection): FoldTask => ({
  ...task,
  fold,
  pieces: task.pieces.filter(({ id }) => pieces.includes(id)),
});

/** Why cloth cannot be laid in those sections, with the place of the section where it is of one; nothing when it can. */
export function sectionsObstacle(
  task: SectionsTask,
  sections: readonly WantedSection[],
): { readonly section: number | undefined; readonly finding: Finding } | undefined {
  const subject = task.cloth.role;
  if (hasPlaces(task.cloth))
    return { section: undefined, finding: finding('places-forbid-refolding', { subject }) };
  const left = task.pieces.find(({ id }) => !sections.some(({ pieces }) => pieces.includes(id)));
  if (left)
    return { section: undefined, finding: finding('piece-without-section', { subject, piece: left.id }) };
  for (const [section, wanted] of sections.entries()) {
    const own = taskOf(task, wanted);
    if (own.pieces.length === 0) return { section, finding: finding('section-without-piece', { subject }) };
    const obstacle = foldObstacle(own);
    if (obstacle) return { section, finding: obstacle };
  }
  return undefined;
}

/** Lays each section by its own fold, one after the other along the cloth; yields ever better lays for as long as it is asked. One with an obstacle throws. */
export function* planSections(
  task: SectionsTask,
  sections: readonly WantedSection[],
  cache: NoFitCache,
): Generator<LayStep, void> {
  let searched: readonly SectionSearch[] = sections.map((wanted) =>
    beginSection(taskOf(task, wanted), cache),
  );
  let work = sections.length;
  let best: Lay | undefined;
  for (;;) {
    const [first, ...others] = searched.map(({ lay }) => lay);
    if (!first) throw new Error('there is no section to lay');
    const lay = joinSections(task, [first, ...others]);
    const improved = !best || lay.length < best.length - 0.01;
    const shown = improved || !best ? lay : best;
    best = shown;
    yield { work, lay: shown, improved };
    const next: SectionSearch[] = [];
    for (const section of searched)
      next.push(yield* turnOf(section, () => ({ work: ++work, lay: shown, improved: false })));
    searched = next;
  }
}

import { finding, type Finding } from '../../findings/finding.ts';
import { hasPlaces } from '../model/cloth.ts';
import type { Fold, Lay } from '../model/lay.ts';
import type { LayPiece } from '../model/layable.ts';
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

/** Folds for the section that is laid double. */
const DOUBLE: readonly Fold[] = ['half', 'two'];
/** Turns of every fold before only the best is gone on with. */
const ROUNDS = 3;

interface Parts {
  /** What folded cloth cuts: pairs, and half-pieces. */
  readonly double: readonly LayPiece[];
  /** What has to lie open: single pieces, odd ones, and those too wide for a fold. */
  readonly single: readonly LayPiece[];
}

function partsOf({ pieces, ...task }: SectionsTask): Parts {
  const double = pieces.filter((piece) => !foldObstacle({ ...task, pieces: [piece], fold: 'half' }));
  return { double, single: pieces.filter((piece) => !double.includes(piece)) };
}

/** Why a task cannot be laid in sections, or nothing when it can. */
export function mixedObstacle(task: SectionsTask): Finding | undefined {
  const subject = task.cloth.role;
  if (hasPlaces(task.cloth)) return finding('places-forbid-refolding', { subject });
  const { double, single } = partsOf(task);
  if (double.length === 0 || single.length === 0) return finding('nothing-to-refold', { subject });
  return foldObstacle({ ...task, pieces: single, fold: 'open' });
}

const shortest = (sections: readonly SectionSearch[]): SectionSearch | undefined =>
  [...sections].sort((a, b) => a.lay.length - b.lay.length)[0];

/**
 * Lays in two sections, first what folded cloth cuts and then, refolded, what has to lie open; yields ever better ones for as long as it is
 * asked. A task with an obstacle throws.
 */
export function* planMixed(task: SectionsTask, cache: NoFitCache): Generator<LayStep, void> {
  const { double, single } = partsOf(task);
  const doubleTasks = DOUBLE.map((fold): FoldTask => ({ ...task, pieces: double, fold }));
  let folded = doubleTasks.filter((each) => !foldObstacle(each)).map((each) => beginSection(each, cache));
  let open = beginSection({ ...task, pieces: single, fold: 'open' }, cache);
  let work = folded.length + 1;
  let best: Lay | undefined;
  for (let round = 0; ; round++) {
    const first = shortest(folded);
    if (!first) throw new Error('nothing to fold: no piece lies double');
    if (round === ROUNDS) folded = [first];
    const lay = joinSections(task, [first.lay, open.lay]);
    const improved = !best || lay.length < best.length - 0.01;
    const shown = improved || !best ? lay : best;
    best = shown;
    yield { work, lay: shown, improved };
    const tell = () => ({ work: ++work, lay: shown, improved: false });
    open = yield* turnOf(open, tell);
    const searched: SectionSearch[] = [];
    for (const section of folded) searched.push(yield* turnOf(section, tell));
    folded = searched;
  }
}

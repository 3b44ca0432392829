import { finding, type Finding } from '../checks/finding.ts';
import { moveRing } from '../geometry/ring.ts';
import { amountOfCloth } from './buying.ts';
import { hasPlaces, usableWidth } from './cloth.ts';
import type { Fold, Lay } from './lay.ts';
import { totalArea, type LayPiece } from './layable.ts';
import { lengthBound } from './length-bound.ts';
import type { NoFitBook } from './no-fit/no-fit-book.ts';
import { foldObstacle, planFold, type FoldTask, type LayStep } from './plan-fold.ts';

/** What is laid in sections, each with a fold of its own. */
export type MixedTask = Omit<FoldTask, 'fold'>;

/** Folds for the section that is laid double. */
const DOUBLE: readonly Fold[] = ['half', 'two'];
/** Steps of each section before another one has its turn. */
const TURN = 40;
/** Turns of every fold before only the best is gone on with. */
const HEATS = 3;

interface Parts {
  /** What folded cloth cuts: pairs, and half-pieces. */
  readonly double: readonly LayPiece[];
  /** What has to lie open: single pieces, odd ones, and those too wide for a fold. */
  readonly single: readonly LayPiece[];
}

function partsOf({ pieces, ...task }: MixedTask): Parts {
  const double = pieces.filter((piece) => !foldObstacle({ ...task, pieces: [piece], fold: 'half' }));
  return { double, single: pieces.filter((piece) => !double.includes(piece)) };
}

/** Why a task cannot be laid in sections, or nothing when it can. */
export function mixedObstacle(task: MixedTask): Finding | undefined {
  const subject = task.cloth.role;
  if (hasPlaces(task.cloth)) return finding('places-forbid-refolding', { subject });
  const { double, single } = partsOf(task);
  if (double.length === 0 || single.length === 0) return finding('nothing-to-refold', { subject });
  return foldObstacle({ ...task, pieces: single, fold: 'open' });
}

/** Two lays, the one after the other along the cloth. */
function joined({ pieces, cloth, shrinkPercent, buyIn }: MixedTask, first: Lay, second: Lay): Lay {
  const length = first.length + second.length;
  const after = second.placements.map((placement) => ({
    ...placement,
    polygon: moveRing(placement.polygon, 0, first.length),
    section: first.sections.length,
  }));
  const sections = second.sections.map((section) => ({
    ...section,
    from: section.from + first.length,
    to: section.to + first.length,
  }));
  return {
    ...first,
    fold: 'mixed',
    length,
    buy: amountOfCloth(length, cloth, shrinkPercent, buyIn),
    utilisation: totalArea(pieces) / (usableWidth(cloth) * length),
    sections: [...first.sections, ...sections],
    placements: [...first.placements, ...after],
    bound: lengthBound(pieces, usableWidth(cloth)),
  };
}

/** A section being searched, and its best so far. */
interface Searched {
  readonly search: ReturnType<typeof planFold>;
  readonly lay: Lay;
}

function begun(task: FoldTask, book: NoFitBook): Searched {
  const search = planFold(task, book);
  const first = search.next().value;
  if (!first) throw new Error('a section that can be laid has a first lay');
  return { search, lay: first.lay };
}

const shortest = (sections: readonly Searched[]): Searched | undefined =>
  [...sections].sort((a, b) => a.lay.length - b.lay.length)[0];

/**
 * Lays in two sections, first what folded cloth cuts and then, refolded, what has to lie open; yields ever better ones for as long as it is
 * asked. A task with an obstacle throws.
 */
export function* planMixed(task: MixedTask, book: NoFitBook): Generator<LayStep, void> {
  const { double, single } = partsOf(task);
  const doubleTasks = DOUBLE.map((fold): FoldTask => ({ ...task, pieces: double, fold }));
  let folded = doubleTasks.filter((each) => !foldObstacle(each)).map((each) => begun(each, book));
  let open = begun({ ...task, pieces: single, fold: 'open' }, book);
  let work = folded.length + 1;
  let best: Lay | undefined;
  /** A turn of one section: its steps, then the section with its best lay. */
  function* turnOf(section: Searched, shown: Lay): Generator<LayStep, Searched> {
    let { lay } = section;
    for (let step = 0; step < TURN; step++) {
      const next = section.search.next().value;
      if (next?.improved) lay = next.lay;
      work++;
      yield { work, lay: shown, improved: false };
    }
    return { ...section, lay };
  }
  for (let heat = 0; ; heat++) {
    const first = shortest(folded);
    if (!first) throw new Error('nothing to fold: no piece lies double');
    if (heat === HEATS) folded = [first];
    const lay = joined(task, first.lay, open.lay);
    const improved = !best || lay.length < best.length - 0.01;
    best = improved || !best ? lay : best;
    yield { work, lay: best, improved };
    open = yield* turnOf(open, best);
    const searched: Searched[] = [];
    for (const section of folded) searched.push(yield* turnOf(section, best));
    folded = searched;
  }
}

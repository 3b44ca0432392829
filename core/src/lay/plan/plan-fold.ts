import type { FoldTask } from '../model/lay-task.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import { boxOf, moveRing, openHalf } from '../../geometry/ring.ts';
import { amountOfCloth } from '../buy/buying.ts';
import { hasPlaces, usableSpan, usableWidth } from '../model/cloth.ts';
import type { Crease, Fold, Lay, Placement } from '../model/lay.ts';
import { holdTask } from './hold.ts';

import { totalArea, wholeOutline, type LayPiece } from '../model/layable.ts';
import { lengthBound } from './length-bound.ts';
import { noFitCache, type NoFitCache } from '../no-fit/no-fit-cache.ts';
import { isMirrored, rotationOf, type OutlineState } from '../model/outline-state.ts';
import { searchLay, type Arrangement, type Placed } from './search-lay.ts';
import { pinnedOf } from '../model/pinned.ts';
import {
  openedLength,
  sectionOf,
  layoutTasks,
  type FoldLayout,
  type LayoutTask,
} from '../fold/fold-layout.ts';
import { turnOverRing } from '../model/turn-over.ts';

interface Layer {
  readonly ring: Placement['polygon'];
  readonly state: OutlineState;
}

/** The layer that a crease folds onto another one. */
function reflected({ ring, state }: Layer, crease: Crease): Layer {
  const { x, y } = state;
  return {
    ring: turnOverRing(ring, crease),
    state: crease.axis === 'x' ? { x: x === 1 ? -1 : 1, y } : { x, y: y === 1 ? -1 : 1 },
  };
}

/** What was placed, opened to the cloth: on folded cloth it and what every other layer cuts with it. */
function openPlaced(
  { item, orientation, ring }: Placed,
  { origin, isCross }: FoldLayout,
  length: number,
): Placement[] {
  const { onFold, through, state } = orientation;
  const whole = onFold ? moveRing(openHalf(moveRing(ring, -onFold.at, 0)), onFold.at, 0) : ring;
  const layers = through.reduce<readonly Layer[]>(
    (found, crease) => [...found, ...found.map((layer) => reflected(layer, crease))],
    [{ ring: whole, state }],
  );
  return layers.map((layer, index) => ({
    piece: item.piece,
    copy: item.copy + index,
    polygon: moveRing(layer.ring, origin, isCross ? length : 0),
    rotation: rotationOf(layer.state, item.turn),
    mirrored: onFold ? false : isMirrored(layer.state),
    onFold: onFold !== null,
    section: 0,
  }));
}

/** An arrangement written out as a lay on the opened cloth. */
function layFrom({ pieces, cloth, fold, ...task }: FoldTask, layout: FoldLayout, found: Arrangement): Lay {
  const length = openedLength(layout, found.length);
  return {
    role: cloth.role,
    width: cloth.width,
    usable: usableSpan(cloth),
    length,
    buy: amountOfCloth(length, cloth, task.shrinkPercent, task.buyIn),
    utilisation: totalArea(pieces) / (usableWidth(cloth) * length),
    fold,
    sections: [sectionOf(layout, cloth, found.length)],
    placements: found.placed.flatMap((placed) => openPlaced(placed, layout, found.length)),
    bound: lengthBound(pieces, usableWidth(cloth)),
  };
}

const held = (tasks: readonly LayoutTask[], { cloth, holding }: FoldTask): LayoutTask[] =>
  tasks.flatMap((each) => (holding ? holdTask(each, cloth, holding) : [each]));

/** Why a task cannot be laid at all, or nothing when it can. */
export function foldObstacle(task: FoldTask): Finding | undefined {
  const { pieces, cloth, fold } = task;
  const layout = layoutTasks(pieces, cloth, fold);
  if (layout.length > 0)
    return pinnedOf(pieces) && held(layout, task).length === 0
      ? finding('pinned-too-wide', { subject: cloth.role })
      : undefined;
  const isCross = fold === 'four' || fold === 'cross';
  if (isCross && cloth.oneWay) return finding('nap-forbids-fold', { subject: cloth.role });
  if (isCross && hasPlaces(cloth)) return finding('flaw-forbids-fold', { subject: cloth.role });
  if (cloth.panels?.length && layoutTasks(pieces, { ...cloth, panels: [] }, fold).length > 0)
    return finding('panel-not-kept', { subject: cloth.role });
  if (cloth.repeatAcross && layoutTasks(pieces, { ...cloth, repeatAcross: 0 }, fold).length > 0)
    return finding('fold-off-figure', { subject: cloth.role });
  const alone = pieces.map((piece) => ({ ...piece, beneath: [] }));
  if (pieces.some(({ beneath = [] }) => beneath.length > 0) && layoutTasks(alone, cloth, fold).length > 0)
    return finding('beneath-too-narrow', { subject: cloth.role });
  const usable = usableWidth(cloth);
  const across = fold === 'open' || fold === 'cross' ? usable : fold === 'two' ? usable / 4 : usable / 2;
  const [widest] = pieces
    .map((piece) => ({ piece: piece.id, width: widthFor(piece, fold) }))
    .sort((a, b) => b.width - a.width);
  if (widest && widest.width > across)
    return finding(
      'cloth-too-narrow',
      { subject: cloth.role, piece: widest.piece },
      { found: across, expected: widest.width },
    );
  return finding('fold-cuts-too-many', { subject: cloth.role });
}

/** How wide a piece lies, mm: a half-piece at a fold as its half. */
function widthFor(piece: LayPiece, fold: Fold): number {
  const box = boxOf(fold === 'open' || fold === 'cross' ? wholeOutline(piece) : piece.outline);
  return box.maxX - box.minX;
}

export interface LayStep {
  readonly work: number;
  readonly lay: Lay;
  readonly improved: boolean;
}

/** One way of spreading the cloth, being searched. */
interface Runner {
  readonly layout: FoldLayout;
  readonly search: ReturnType<typeof searchLay>;
  readonly best: Arrangement;
}

const openedBest = ({ layout, best }: Runner): number => openedLength(layout, best.length);
const shortestFirst = (runners: readonly Runner[]): Runner[] =>
  [...runners].sort((a, b) => openedBest(a) - openedBest(b));

/** Ways of spreading that are searched at all, chosen by their first arrangements, which boxes make. */
const MOST_RUNNERS = 5;
/** Whether all of the cloth lies double on one fold: folded to width as deep as it goes, which is folded in half. */
const isDeepest = ({ layout: { creases, single } }: Runner): boolean =>
  creases.length === 1 && single.every(({ from, to }) => to - from < 1);

/** The likeliest of some, and always the deepest fold: boxes alone do not show what that comes to. */
function likeliest(runners: readonly Runner[], most: number): Runner[] {
  const sorted = shortestFirst(runners);
  const kept = sorted.slice(0, most);
  const deepest = sorted.find(isDeepest);
  return deepest && !kept.includes(deepest) ? [...kept, deepest] : kept;
}

/** Steps for every runner before the worse half is dropped. */
const ROUND_STEPS = 60;

/**
 * Yields ever better lays for as long as it is asked; a task with an obstacle throws. Where a fold can be made in several
 * ways the likeliest are searched a little, and the worse half is dropped again and again until one way is left, and the deepest fold. A step moves one
 * outline. Searches that share a book share what was worked out of the pieces.
 */
export function* planFold(task: FoldTask, cache: NoFitCache = noFitCache()): Generator<LayStep, void> {
  const tasks = held(layoutTasks(task.pieces, task.cloth, task.fold), task);
  if (tasks.length === 0) throw new Error('nothing to search: the cloth is too narrow');
  let runners = likeliest(
    tasks.map((each) => {
      const search = searchLay(each, task.seed, cache);
      return { layout: each.layout, search, best: search.next().value.best };
    }),
    MOST_RUNNERS,
  );
  const [first] = runners;
  if (!first) return;
  let best = openedBest(first);
  let lay = layFrom(task, first.layout, first.best);
  let work = tasks.length;
  yield { work, lay, improved: true };
  for (;;) {
    const searched: Runner[] = [];
    for (let runner of runners) {
      for (let step = 0; step < ROUND_STEPS; step++) {
        const found = runner.search.next().value;
        work++;
        if (found.improved) runner = { ...runner, best: found.best };
        const improved = found.improved && openedBest(runner) < best - 0.01;
        if (improved) {
          best = openedBest(runner);
          lay = layFrom(task, runner.layout, runner.best);
        }
        yield { work, lay, improved };
      }
      searched.push(runner);
    }
    runners = likeliest(searched, Math.ceil(searched.length / 2));
  }
}

import { finding, type Finding } from '../checks/finding.ts';
import { boxOf, mirrorRing, moveRing, openHalf } from '../geometry/ring.ts';
import { amountToBuy } from './buying.ts';
import { usableSpan, usableWidth, type Cloth } from './cloth.ts';
import type { Fold, Lay, Placement, Purchase } from './lay.ts';
import { lengthBound, totalArea, wholeOutline, type LayPiece } from './layable.ts';
import { isMirrored, rotationOf } from './outline-state.ts';
import { searchLay, type Arrangement, type Placed } from './search-lay.ts';
import { sectionOf, spreadTasks, type Spread } from './spread.ts';

export interface LayTask {
  readonly pieces: readonly LayPiece[];
  readonly cloth: Cloth;
  readonly fold: Fold;
  readonly seed: number;
  readonly shrinkPercent: number;
  readonly buyIn: Purchase['unit'];
}

/** What was placed, opened to the cloth: on double cloth it and its mirror on the other side of the fold. */
function openPlaced({ item, state, ring }: Placed, { origin }: Spread): Placement[] {
  const rotation = rotationOf(state);
  const copy = (
    index: number,
    polygon: Placement['polygon'],
    mirrored: boolean,
    onFold = false,
  ): Placement => ({
    piece: item.piece,
    copy: item.copy + index,
    polygon: moveRing(polygon, origin, 0),
    rotation,
    mirrored,
    onFold,
    section: 0,
  });
  if (item.atFold) return [copy(0, openHalf(ring), false, true)];
  if (item.zone === 'single') return [copy(0, ring, isMirrored(state))];
  return [copy(0, ring, isMirrored(state)), copy(1, mirrorRing(ring), !isMirrored(state))];
}

/** An arrangement written out as a lay on the opened cloth. */
function layFrom({ pieces, cloth, fold, ...task }: LayTask, spread: Spread, found: Arrangement): Lay {
  const { length } = found;
  return {
    role: cloth.role,
    width: cloth.width,
    usable: usableSpan(cloth),
    length,
    buy: amountToBuy(length, task.shrinkPercent, task.buyIn),
    utilisation: totalArea(pieces) / (usableWidth(cloth) * length),
    fold,
    sections: [sectionOf(spread, cloth, length)],
    placements: found.placed.flatMap((placed) => openPlaced(placed, spread)),
    bound: lengthBound(pieces, usableWidth(cloth)),
  };
}

/** Why a task cannot be laid at all, or nothing when it can. */
export function layObstacle({ pieces, cloth, fold }: LayTask): Finding | undefined {
  if (spreadTasks(pieces, cloth, fold).length > 0) return undefined;
  const widest = Math.max(...pieces.map((piece) => widthFor(piece, fold)));
  const usable = usableWidth(cloth);
  return finding(
    'cloth-too-narrow',
    { subject: cloth.role },
    { found: fold === 'open' ? usable : usable / 2, expected: widest },
  );
}

/** How wide a piece lies, mm: a half-piece at a fold as its half. */
function widthFor(piece: LayPiece, fold: Fold): number {
  const box = boxOf(fold === 'open' ? wholeOutline(piece) : piece.outline);
  return box.maxX - box.minX;
}

export interface LayStep {
  readonly work: number;
  readonly lay: Lay;
  readonly improved: boolean;
}

/** One way of spreading the cloth, being searched. */
interface Runner {
  readonly spread: Spread;
  readonly search: ReturnType<typeof searchLay>;
  readonly best: Arrangement;
}

/** Steps that every runner gets before the worse half is dropped. */
const HEAT = 6;

/**
 * Yields ever better lays for as long as it is asked; a task with an obstacle throws. Where a fold can be made in several
 * ways all are searched a little, and the worse half is dropped again and again until one way is left.
 */
export function* planLay(task: LayTask): Generator<LayStep, void> {
  const tasks = spreadTasks(task.pieces, task.cloth, task.fold);
  let runners: Runner[] = tasks.map((each) => {
    const search = searchLay(each, task.seed);
    return { spread: each.spread, search, best: search.next().value.best };
  });
  const leader = () =>
    runners.reduce((best, runner) => (runner.best.length < best.best.length ? runner : best));
  if (runners.length === 0) throw new Error('nothing to search: the cloth is too narrow');
  let best = leader();
  let lay = layFrom(task, best.spread, best.best);
  let work = runners.length;
  yield { work, lay, improved: true };
  for (;;) {
    for (let step = 0; step < HEAT; step++) {
      for (let index = 0; index < runners.length; index++) {
        const runner = runners[index];
        if (!runner) continue;
        const found = runner.search.next().value;
        runners[index] = { ...runner, best: found.best };
        work++;
        const improved = found.best.length < best.best.length - 0.01;
        if (improved) {
          best = runners[index] ?? best;
          lay = layFrom(task, best.spread, best.best);
        }
        yield { work, lay, improved };
      }
    }
    runners = [...runners]
      .sort((a, b) => a.best.length - b.best.length)
      .slice(0, Math.ceil(runners.length / 2));
  }
}

/** Runs the search for at least `work` units and returns its best lay. */
export function planForWork(task: LayTask, work: number): Lay {
  for (const step of planLay(task)) if (step.work >= work) return step.lay;
  throw new Error('the search never ends by itself');
}

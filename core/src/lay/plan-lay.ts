import { finding, type Finding } from '../checks/finding.ts';
import { boxOf, mirrorRing, moveRing, openHalf } from '../geometry/ring.ts';
import { amountToBuy } from './buying.ts';
import { usableSpan, usableWidth, type Cloth } from './cloth.ts';
import type { Fold, Lay, Placement, Purchase } from './lay.ts';
import { canFold, layItems, lengthBound, totalArea, type LayPiece } from './layable.ts';
import { isMirrored, rotationOf } from './outline-state.ts';
import { fitsAcross, searchLay, type Arrangement, type Placed } from './search-lay.ts';

export interface LayTask {
  readonly pieces: readonly LayPiece[];
  readonly cloth: Cloth;
  readonly fold: Fold;
  readonly seed: number;
  readonly shrinkPercent: number;
  readonly buyIn: Purchase['unit'];
}

/** The half-coordinates of a folded bin opened to the cloth: u to the right of the fold, and its mirror to the left. */
function openPlaced({ item, state, ring }: Placed, foldLine: number): Placement[] {
  const rotation = rotationOf(state);
  const right = moveRing(ring, foldLine, 0);
  if (item.atFold) {
    const whole = moveRing(openHalf(ring), foldLine, 0);
    return [
      { piece: item.piece, copy: 0, polygon: whole, rotation, mirrored: false, onFold: true, section: 0 },
    ];
  }
  const left = moveRing(mirrorRing(ring), foldLine, 0);
  const copy = (index: number, polygon: Placement['polygon'], mirrored: boolean): Placement => ({
    piece: item.piece,
    copy: item.copy + index,
    polygon,
    rotation,
    mirrored,
    onFold: false,
    section: 0,
  });
  return [copy(0, right, isMirrored(state)), copy(1, left, !isMirrored(state))];
}

function placementsOf(task: LayTask, { placed }: Arrangement): Placement[] {
  if (task.fold === 'half') return placed.flatMap((one) => openPlaced(one, task.cloth.width / 2));
  return placed.map(({ item, state, ring }) => ({
    piece: item.piece,
    copy: item.copy,
    polygon: moveRing(ring, task.cloth.selvedge, 0),
    rotation: rotationOf(state),
    mirrored: isMirrored(state),
    onFold: false,
    section: 0,
  }));
}

/** An arrangement written out as a lay on the opened cloth. */
export function layFrom(task: LayTask, arrangement: Arrangement): Lay {
  const { cloth, fold } = task;
  const usable = usableSpan(cloth);
  const { length } = arrangement;
  return {
    role: cloth.role,
    width: cloth.width,
    usable,
    length,
    buy: amountToBuy(length, task.shrinkPercent, task.buyIn),
    utilisation: totalArea(task.pieces) / (usableWidth(cloth) * length),
    fold,
    sections: [
      {
        fold,
        from: 0,
        to: length,
        foldLines: fold === 'half' ? [cloth.width / 2] : [],
        doubled: fold === 'half' ? [usable] : [],
      },
    ],
    placements: placementsOf(task, arrangement),
    bound: lengthBound(task.pieces, usableWidth(cloth)),
  };
}

/** Why a task cannot be laid at all, or nothing when it can. */
export function layObstacle(task: LayTask): Finding | undefined {
  const bin = binWidth(task);
  const items = layItems(task.pieces, task.fold, task.cloth.oneWay);
  if (canFold(task.pieces, task.fold) && fitsAcross(items, bin)) return undefined;
  const widest = items.reduce(
    (most, { outline }) => Math.max(most, boxOf(outline).maxX - boxOf(outline).minX),
    0,
  );
  return finding('cloth-too-narrow', { subject: task.cloth.role }, { found: bin, expected: widest });
}

/** Width in which outlines are placed, mm: the usable width, or half of it on cloth folded in half. */
const binWidth = ({ cloth, fold }: LayTask): number =>
  fold === 'half' ? usableWidth(cloth) / 2 : usableWidth(cloth);

export interface LayStep {
  readonly work: number;
  readonly lay: Lay;
  readonly improved: boolean;
}

/** Yields ever better lays for as long as it is asked; a task with an obstacle throws. */
export function* planLay(task: LayTask): Generator<LayStep, void> {
  const obstacle = layObstacle(task);
  if (obstacle) throw new Error(`nothing to search: ${obstacle.code}`);
  let lay: Lay | undefined;
  for (const { work, best, improved } of searchLay(
    layItems(task.pieces, task.fold, task.cloth.oneWay),
    binWidth(task),
    task.seed,
  )) {
    if (improved || !lay) lay = layFrom(task, best);
    yield { work, lay, improved };
  }
}

/** Runs the search for `work` units and returns its best lay. */
export function planForWork(task: LayTask, work: number): Lay {
  for (const step of planLay(task)) if (step.work >= work) return step.lay;
  throw new Error('the search never ends by itself');
}

import { boxOf } from '../geometry/ring.ts';
import type { Cloth } from './cloth.ts';
import type { Held, LayItem, Stance } from './lay-item.ts';
import type { Lay, Placement } from './lay.ts';
import { stateOf } from './outline-state.ts';
import { sectionOf, type SpreadTask } from './spread.ts';

/** Places agree within this, mm. */
const SAME = 0.05;

/** A lay of which some outlines stay where they are, by their placements as they are chalked. */
export interface Holding {
  readonly lay: Lay;
  readonly placements: readonly Placement[];
}

/** The stance in which a placement lies on the table, and where. */
function heldAt(item: LayItem, placement: Placement, origin: number): Held | undefined {
  const state = stateOf(placement, item.turn);
  const box = boxOf(placement.polygon);
  const lies = ({ state: own, from, to, onFold }: Stance): boolean => {
    if (onFold)
      return (
        placement.onFold &&
        own.y === state.y &&
        Math.abs((box.minX + box.maxX) / 2 - origin - onFold.at) <= SAME
      );
    const inBand = box.minX - origin >= from - SAME && box.maxX - origin <= to + SAME;
    return !placement.onFold && own.x === state.x && own.y === state.y && inBand;
  };
  const stance = item.stances.find(lies);
  return stance && { stance, x: stance.onFold ? stance.from : box.minX - origin, y: box.minY };
}

/**
 * A task with some of its outlines held as they lie in a lay. Nothing where the cloth is not spread as that lay has it, or where its
 * outlines are others; folds across are not held.
 */
export function holdTask(task: SpreadTask, cloth: Cloth, { lay, placements }: Holding): SpreadTask[] {
  const { spread } = task;
  const [own, theirs] = [sectionOf(spread, cloth, lay.length), lay.sections[0]];
  const isSame =
    theirs !== undefined &&
    !spread.isCross &&
    own.fold === theirs.fold &&
    own.foldLines.every((at, index) => Math.abs(at - (theirs.foldLines[index] ?? NaN)) <= SAME);
  if (!isSame) return [];
  const held = new Map<LayItem, Held>();
  for (const placement of placements) {
    const item = task.items.find(({ piece, copy }) => piece === placement.piece && copy === placement.copy);
    const place = item && heldAt(item, placement, spread.origin);
    if (!place) return [];
    held.set(item, place);
  }
  return [{ ...task, items: task.items.map((item) => ({ ...item, held: held.get(item) ?? item.held })) }];
}

import type { Holding } from '../model/lay-task.ts';
import { boxOf } from '../../geometry/ring.ts';
import type { Cloth } from '../model/cloth.ts';
import type { Held, LayItem, Orientation } from '../fold/lay-item.ts';
import type { Placement } from '../model/lay.ts';
import { stateOf } from '../model/outline-state.ts';
import { sectionOf, type LayoutTask } from '../fold/fold-layout.ts';

/** Places agree within this, mm. */
const SAME = 0.05;

/** The orientation in which a placement lies on the table, and where. */
function heldAt(item: LayItem, placement: Placement, origin: number): Held | undefined {
  const state = stateOf(placement, item.turn);
  const box = boxOf(placement.polygon);
  const lies = ({ state: own, from, to, onFold }: Orientation): boolean => {
    if (onFold)
      return (
        placement.onFold &&
        own.y === state.y &&
        Math.abs((box.minX + box.maxX) / 2 - origin - onFold.at) <= SAME
      );
    const inBand = box.minX - origin >= from - SAME && box.maxX - origin <= to + SAME;
    return !placement.onFold && own.x === state.x && own.y === state.y && inBand;
  };
  const orientation = item.orientations.find(lies);
  return (
    orientation && { orientation, x: orientation.onFold ? orientation.from : box.minX - origin, y: box.minY }
  );
}

/**
 * A task with some of its outlines held as they lie in a lay. Nothing where the cloth is not spread as that lay has it, or where its
 * outlines are others; folds across are not held.
 */
export function holdTask(task: LayoutTask, cloth: Cloth, { lay, placements }: Holding): LayoutTask[] {
  const { layout } = task;
  const [own, theirs] = [sectionOf(layout, cloth, lay.length), lay.sections[0]];
  const isSame =
    theirs !== undefined &&
    !layout.isCross &&
    own.fold === theirs.fold &&
    own.foldLines.every((at, index) => Math.abs(at - (theirs.foldLines[index] ?? NaN)) <= SAME);
  if (!isSame) return [];
  const held = new Map<LayItem, Held>();
  for (const placement of placements) {
    const item = task.items.find(({ piece, copy }) => piece === placement.piece && copy === placement.copy);
    const place = item && heldAt(item, placement, layout.origin);
    if (!place) return [];
    held.set(item, place);
  }
  return [{ ...task, items: task.items.map((item) => ({ ...item, held: held.get(item) ?? item.held })) }];
}

import { boxOf, moveRing, type Ring } from '../geometry/ring.ts';
import type { LayItem, Stance } from './lay-item.ts';
import type { NoFitBook } from './no-fit/no-fit-book.ts';
import { GROWN, type Shape } from './no-fit/shape.ts';
import { overlapsOf } from './overlap.ts';
import { turnOutline } from './outline-state.ts';
import { shorten } from './search/shorten.ts';
import type { Positions, Strip } from './search/strip.ts';
import { seededRandom } from './seeded-random.ts';
import type { SpreadTask } from './spread.ts';

/** An outline where the search put it, mm on the table. */
export interface Placed {
  readonly item: LayItem;
  readonly stance: Stance;
  readonly ring: Ring;
}

export interface Arrangement {
  readonly placed: readonly Placed[];
  readonly length: number;
}

/** What one step of the search gives: the best arrangement so far, and whether this step found it. */
export interface SearchStep {
  readonly best: Arrangement;
  readonly improved: boolean;
}

/** Where the grown box of a shape in a stance starts, from where its outline is drawn, mm. */
const boxCorner = ({ box }: Shape, { state }: Stance): { readonly x: number; readonly y: number } => ({
  x: state.x === 1 ? box.minX : -box.maxX,
  y: state.y === 1 ? box.minY : -box.maxY,
});

/** The table as a strip: boxes are grown, and may stand so far out of their bands. */
function stripOf({ items }: SpreadTask, book: NoFitBook): Strip {
  const far = Math.max(...items.flatMap(({ stances }) => stances.map(({ to }) => to)));
  return {
    width: far + 2 * GROWN,
    items: items.map(({ outline, stances }) => {
      const shape = book.shape(outline);
      const plain = boxOf(outline);
      return {
        shape,
        stances: stances.map((stance) => {
          const { state, from, to } = stance;
          // Simplifying may have moved a side of the box out; it is the true outline that has to keep to its band.
          const trueLeft = (state.x === 1 ? plain.minX : -plain.maxX) - boxCorner(shape, stance).x;
          const leftmost = from + GROWN - trueLeft;
          return {
            state,
            leftmost,
            rightmost: Math.max(leftmost, to + GROWN - trueLeft - (plain.maxX - plain.minX)),
          };
        }),
      };
    }),
  };
}

function arrangementOf({ items }: SpreadTask, strip: Strip, { x, y, stances }: Positions): Arrangement {
  const placed = items.map((item, index): Placed => {
    const stance = item.stances[stances[index] ?? 0];
    const shape = strip.items[index]?.shape;
    if (!stance || !shape) throw new Error('every outline has a stance');
    const corner = boxCorner(shape, stance);
    const left = (x[index] ?? 0) - GROWN - corner.x;
    const top = (y[index] ?? 0) - GROWN - corner.y;
    return { item, stance, ring: moveRing(turnOutline(item.outline, stance.state), left, top) };
  });
  // Outlines stand off the start by what their shapes were simplified: moved up, the length is theirs.
  const start = Math.min(...placed.map(({ ring }) => boxOf(ring).minY));
  const moved = placed.map((each) => ({ ...each, ring: moveRing(each.ring, 0, -start) }));
  return { placed: moved, length: Math.max(...moved.map(({ ring }) => boxOf(ring).maxY)) };
}

/**
 * Searches for a short arrangement on cloth as it is spread. Seeded and endless; the caller stops it. One step moves one outline: a unit
 * of work, the same on every machine. All items must have a stance.
 */
export function* searchLay(task: SpreadTask, seed: number, book: NoFitBook): Generator<SearchStep, never> {
  const strip = stripOf(task, book);
  const holds = (positions: Positions): boolean =>
    overlapsOf(arrangementOf(task, strip, positions).placed.map(({ ring }) => ring)).next().done === true;
  const steps = shorten(strip, book, seededRandom(seed), holds);
  let best = arrangementOf(task, strip, steps.next().value.best);
  yield { best, improved: true };
  for (;;) {
    const step = steps.next().value;
    if (step.improved) best = arrangementOf(task, strip, step.best);
    yield { best, improved: step.improved };
  }
}

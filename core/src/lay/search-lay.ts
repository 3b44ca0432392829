import { boxOf, moveRing, type Box, type Ring } from '../geometry/ring.ts';
import type { LayItem, Stance } from './lay-item.ts';
import type { NoFitBook } from './no-fit/no-fit-book.ts';
import { GROWN, type Shape } from './no-fit/shape.ts';
import { overlapsOf } from './overlap.ts';
import { asDrawn, turnOutline } from './outline-state.ts';
import { shorten } from './search/shorten.ts';
import type { Positions, Strip, StripItem } from './search/strip.ts';
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

interface Corner {
  readonly x: number;
  readonly y: number;
}

/** Where a box starts once it is turned. */
const turnedCorner = ({ minX, minY, maxX, maxY }: Box, { state }: Stance): Corner => ({
  x: state.x === 1 ? minX : -maxX,
  y: state.y === 1 ? minY : -maxY,
});

/** How far the true outline starts inside its grown box, mm: simplifying may have moved a side of the box out. */
function inset(shape: Shape, outline: Ring, stance: Stance): Corner {
  const [grown, plain] = [turnedCorner(shape.box, stance), turnedCorner(boxOf(outline), stance)];
  return { x: plain.x - grown.x, y: plain.y - grown.y };
}

/** Boxes are grown, and may stand so far out of their bands and over the start: it is the true outlines that keep to them. */
function stripItem({ outline, stances, held }: LayItem, book: NoFitBook): StripItem {
  const shape = book.shape(outline);
  if (held) {
    const { x, y } = inset(shape, outline, held.stance);
    const left = held.x + GROWN - x;
    return {
      shape,
      stances: [{ state: held.stance.state, leftmost: left, rightmost: left }],
      held: held.y + GROWN - y,
    };
  }
  const { minX, maxX } = boxOf(outline);
  return {
    shape,
    stances: stances.map((stance) => {
      const { state, from, to } = stance;
      const leftmost = from + GROWN - inset(shape, outline, stance).x;
      return { state, leftmost, rightmost: Math.max(leftmost, leftmost + to - from - (maxX - minX)) };
    }),
    held: null,
  };
}

/** A flaw holds its place like an outline. */
function flawItem(ring: Ring, book: NoFitBook): StripItem {
  const shape = book.shape(ring);
  const left = shape.box.minX + GROWN;
  return {
    shape,
    stances: [{ state: asDrawn, leftmost: left, rightmost: left }],
    held: shape.box.minY + GROWN,
  };
}

/** The table as a strip: its outlines, and after them its flaws. */
function stripOf({ items, flaws }: SpreadTask, book: NoFitBook): Strip {
  const far = Math.max(...items.flatMap(({ stances }) => stances.map(({ to }) => to)));
  return {
    width: far + 2 * GROWN,
    items: [...items.map((item) => stripItem(item, book)), ...flaws.map((flaw) => flawItem(flaw, book))],
  };
}

function arrangementOf(
  { items, flaws }: SpreadTask,
  strip: Strip,
  { x, y, stances }: Positions,
): Arrangement {
  const placed = items.map((item, index): Placed => {
    const stance = item.held?.stance ?? item.stances[stances[index] ?? 0];
    const shape = strip.items[index]?.shape;
    if (!stance || !shape) throw new Error('every outline has a stance');
    const corner = turnedCorner(shape.box, stance);
    const left = (x[index] ?? 0) - GROWN - corner.x;
    const top = (y[index] ?? 0) - GROWN - corner.y;
    return { item, stance, ring: moveRing(turnOutline(item.outline, stance.state), left, top) };
  });
  // Outlines stand off the start by what their shapes were simplified: moved up, unless one is held, the length is theirs.
  const isHeld = flaws.length > 0 || items.some(({ held }) => held !== null);
  const start = isHeld ? 0 : Math.min(...placed.map(({ ring }) => boxOf(ring).minY));
  const moved = placed.map((each) => ({ ...each, ring: moveRing(each.ring, 0, -start) }));
  return { placed: moved, length: Math.max(...moved.map(({ ring }) => boxOf(ring).maxY)) };
}

/** Whether outlines lie on no other and on no flaw; flaws may lie on each other. */
function areApart(rings: readonly Ring[], flaws: readonly Ring[]): boolean {
  for (const { a } of overlapsOf([...rings, ...flaws])) if (a < rings.length) return false;
  return true;
}

/**
 * Searches for a short arrangement on cloth as it is spread. Seeded and endless; the caller stops it. One step moves one outline: a unit
 * of work, the same on every machine. All items must have a stance.
 */
export function* searchLay(task: SpreadTask, seed: number, book: NoFitBook): Generator<SearchStep, never> {
  const strip = stripOf(task, book);
  const holds = (positions: Positions): boolean =>
    areApart(
      arrangementOf(task, strip, positions).placed.map(({ ring }) => ring),
      task.flaws,
    );
  const steps = shorten(strip, book, seededRandom(seed), holds);
  let best = arrangementOf(task, strip, steps.next().value.best);
  yield { best, improved: true };
  for (;;) {
    const step = steps.next().value;
    if (step.improved) best = arrangementOf(task, strip, step.best);
    yield { best, improved: step.improved };
  }
}

import { boxOf, moveRing, type Box, type Ring } from '../../geometry/ring.ts';
import type { LayItem, Orientation } from '../fold/lay-item.ts';
import type { KnownShape, NoFitCache } from '../no-fit/no-fit-cache.ts';
import { GROWN, type Shape } from '../no-fit/shape.ts';
import { overlapsOf } from '../proof/overlap.ts';
import { asDrawn, turnOutline } from '../model/outline-state.ts';
import { shorten } from '../search/shorten.ts';
import type { Positions, Strip, StripItem } from '../search/strip.ts';
import { seededRandom } from './seeded-random.ts';
import { grownRing } from '../proof/spacing.ts';
import type { LayoutTask } from '../fold/fold-layout.ts';

/** An outline where the search put it, mm on the table. */
export interface Placed {
  readonly item: LayItem;
  readonly orientation: Orientation;
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
const turnedCorner = ({ minX, minY, maxX, maxY }: Box, { state }: Orientation): Corner => ({
  x: state.x === 1 ? minX : -maxX,
  y: state.y === 1 ? minY : -maxY,
});

/** How far the true outline starts inside its grown box, mm: simplifying may have moved a side of the box out. */
function inset(shape: Shape, outline: Ring, orientation: Orientation): Corner {
  const [grown, plain] = [turnedCorner(shape.box, orientation), turnedCorner(boxOf(outline), orientation)];
  return { x: plain.x - grown.x, y: plain.y - grown.y };
}

type ShapeOf = (item: LayItem) => KnownShape;

/** Shapes with half of what is kept free around them; copies of a piece share theirs. */
export function shapesWith(spacing: number, cache: NoFitCache): ShapeOf {
  if (spacing === 0) return ({ outline }) => cache.shape(outline);
  const grown = new Map<Ring, Ring>();
  return ({ outline }) => {
    const ring = grown.get(outline) ?? grownRing(outline, spacing / 2);
    grown.set(outline, ring);
    return cache.shape(ring);
  };
}

/** How the print lies along the cloth: a matched level lies at `at` and every whole repeat further, mm. */
interface Print {
  readonly repeat: number;
  readonly at: number;
}

/** An item whose level is matched to the print. */
type MatchedItem = LayItem & { readonly matchedAt: number };
const isMatched = (item: LayItem): item is MatchedItem => item.matchedAt !== null;

/** How far down its turned box an item's matched level lies, mm. */
const levelInBox = ({ outline, matchedAt }: MatchedItem, { state }: Orientation): number => {
  const { minY, maxY } = boxOf(outline);
  return state.y === 1 ? matchedAt - minY : maxY - matchedAt;
};

/** What is held fixes the print; else the cloth is laid so that the tallest of what is matched may lie at its start. */
function printFor(items: readonly LayItem[], repeat: number, shapeOf: ShapeOf): Print {
  const heightOf = ({ outline }: LayItem) => boxOf(outline).maxY - boxOf(outline).minY;
  const matched = items.filter(isMatched);
  const [tallest] = matched
    .filter(({ orientations }) => orientations.length > 0)
    .sort((a, b) => heightOf(b) - heightOf(a));
  const fixed = matched.find(({ held }) => held !== null);
  if (repeat > 0 && fixed?.held)
    return { repeat, at: fixed.held.y + levelInBox(fixed, fixed.held.orientation) };
  const orientation = tallest?.orientations[0];
  if (repeat === 0 || !tallest || !orientation) return { repeat: 0, at: 0 };
  const { y } = inset(shapeOf(tallest), tallest.outline, orientation);
  return { repeat, at: levelInBox(tallest, orientation) + y - GROWN };
}

/** Where an item's box may start in a orientation, but for whole repeats, mm on the strip; null where it is not matched. */
function phaseOf(
  item: LayItem,
  orientation: Orientation,
  shape: Shape,
  { repeat, at }: Print,
): number | null {
  if (!isMatched(item) || repeat === 0) return null;
  const start = at - levelInBox(item, orientation) + GROWN - inset(shape, item.outline, orientation).y;
  const phase = start - repeat * Math.floor(start / repeat);
  // A hair before a whole repeat is the place itself.
  return repeat - phase < 1e-6 ? 0 : phase;
}

/** Boxes are grown, and may stand so far out of their bands and over the start: it is the true outlines that keep to them. */
function stripItem(item: LayItem, shape: KnownShape, print: Print): StripItem {
  const { outline, orientations, held } = item;
  if (held) {
    const { x, y } = inset(shape, outline, held.orientation);
    const left = held.x + GROWN - x;
    return {
      shape,
      orientations: [{ state: held.orientation.state, leftmost: left, rightmost: left, phase: null }],
      held: held.y + GROWN - y,
      isObstacle: false,
    };
  }
  const { minX, maxX } = boxOf(outline);
  return {
    shape,
    orientations: orientations.map((orientation) => {
      const { state, from, to } = orientation;
      const leftmost = from + GROWN - inset(shape, outline, orientation).x;
      const rightmost = Math.max(leftmost, leftmost + to - from - (maxX - minX));
      return { state, leftmost, rightmost, phase: phaseOf(item, orientation, shape, print) };
    }),
    held: null,
    isObstacle: false,
  };
}

/** What keeps outlines away holds its place like one. */
function obstacleItem(ring: Ring, cache: NoFitCache): StripItem {
  const shape = cache.shape(ring);
  const left = shape.box.minX + GROWN;
  return {
    shape,
    orientations: [{ state: asDrawn, leftmost: left, rightmost: left, phase: null }],
    held: shape.box.minY + GROWN,
    isObstacle: true,
  };
}

/** The table as a strip: its outlines, and after them what keeps them away. */
function stripOf({ items, obstacles, repeat, spacing }: LayoutTask, cache: NoFitCache): Strip {
  const shapeOf = shapesWith(spacing, cache);
  const print = printFor(items, repeat, shapeOf);
  const far = Math.max(...items.flatMap(({ orientations }) => orientations.map(({ to }) => to)));
  return {
    width: far + 2 * GROWN,
    repeat,
    items: [
      ...items.map((item) => stripItem(item, shapeOf(item), print)),
      ...obstacles.map((ring) => obstacleItem(ring, cache)),
    ],
  };
}

function arrangementOf(
  { items, obstacles, repeat }: LayoutTask,
  strip: Strip,
  { x, y, orientations }: Positions,
): Arrangement {
  const placed = items.map((item, index): Placed => {
    const orientation = item.held?.orientation ?? item.orientations[orientations[index] ?? 0];
    const shape = strip.items[index]?.shape;
    if (!orientation || !shape) throw new Error('every outline has a orientation');
    const corner = turnedCorner(shape.box, orientation);
    const left = (x[index] ?? 0) - GROWN - corner.x;
    const top = (y[index] ?? 0) - GROWN - corner.y;
    return { item, orientation, ring: moveRing(turnOutline(item.outline, orientation.state), left, top) };
  });
  // Outlines stand off the start by what their shapes were simplified: moved up, unless one is held, the length is theirs.
  const isHeld = repeat > 0 || obstacles.length > 0 || items.some(({ held }) => held !== null);
  const start = isHeld ? 0 : Math.min(...placed.map(({ ring }) => boxOf(ring).minY));
  const moved = placed.map((each) => ({ ...each, ring: moveRing(each.ring, 0, -start) }));
  return { placed: moved, length: Math.max(...moved.map(({ ring }) => boxOf(ring).maxY)) };
}

/** Whether outlines lie on no other and on no obstacle; obstacles may lie on each other, and what is held where it was put. */
function areApart(placed: readonly Placed[], obstacles: readonly Ring[]): boolean {
  for (const { a, b } of overlapsOf([...placed.map(({ ring }) => ring), ...obstacles])) {
    const isHeld = b >= placed.length && placed[a]?.item.held !== null;
    if (a < placed.length && !isHeld) return false;
  }
  return true;
}

/**
 * Searches for a short arrangement on cloth as it is spread. Seeded and endless; the caller stops it. One step moves one outline: a unit
 * of work, the same on every machine. All items must have a orientation.
 */
export function* searchLay(task: LayoutTask, seed: number, cache: NoFitCache): Generator<SearchStep, never> {
  const strip = stripOf(task, cache);
  const holds = (positions: Positions): boolean =>
    areApart(arrangementOf(task, strip, positions).placed, task.obstacles);
  const steps = shorten(strip, cache, seededRandom(seed), holds);
  let best = arrangementOf(task, strip, steps.next().value.best);
  yield { best, improved: true };
  for (;;) {
    const step = steps.next().value;
    if (step.improved) best = arrangementOf(task, strip, step.best);
    yield { best, improved: step.improved };
  }
}

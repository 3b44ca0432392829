import { add, cross, distance, scale, subtract, unitVector, type Point } from '../geometry/point.ts';
import type { Curve } from '../geometry/curve.ts';
import { lineCrossings } from '../geometry/line-crossings.ts';
import { sidesOf, type Ring } from '../geometry/ring.ts';

/** The level's start lies on the centre or on a curved seam, as near as it is sampled; crossings this near to it, mm, are the start itself. */
const AT_START = 0.2;
/** The level is carried on past its end to be sure to meet the side, mm. */
const BEYOND = 100;

/** Crossings of a closed outline with the line through `from` along `run`. */
export type Crossings = (from: Point, run: Point) => Point[];

export const ringCrossings =
  (ring: Ring): Crossings =>
  (from, run) =>
    sidesOf(ring).flatMap(([a, b]) => {
      const [sideA, sideB] = [cross(run, subtract(a, from)), cross(run, subtract(b, from))];
      return sideA < 0 === sideB < 0 ? [] : [add(a, scale(subtract(b, a), sideA / (sideA - sideB)))];
    });

/** The crossings of curves that close to a loop: exact, where a ring's are those of its chords. */
export const loopCrossings =
  (loop: Curve): Crossings =>
  (from, run) =>
    loop.flatMap((segment) => lineCrossings(segment, from, run));

function crossingsAlong(crossings: Crossings, from: Point, to: Point): number[] {
  const run = subtract(to, from);
  const whole = distance(from, to);
  return crossings(from, run)
    .map((p) => (run.x * (p.x - from.x) + run.y * (p.y - from.y)) / whole)
    .filter((along) => along > AT_START && along <= whole)
    .sort((p, q) => p - q);
}

/** Further than any piece reaches, mm. */
const FAR = 5000;

/** Whether a level starts off the piece: a neckline that falls below the level leaves its centre bare. */
function startsOutside(crossings: Crossings, [from, to]: readonly Point[]): boolean {
  if (!from || !to || distance(from, to) === 0) return false;
  const far = add(from, scale(unitVector(subtract(to, from)), FAR));
  return crossingsAlong(crossings, from, far).length % 2 === 0;
}

/**
 * The finished width of a piece at a level, mm: how much of the level line lies inside the stitch ring, so that open
 * darts do not count; what a neckline leaves bare at the centre does, since the body is as wide there. Measured on the outline
 * alone, without knowledge of how it was drawn.
 */
export function widthAlong(crossings: Crossings, path: readonly Point[]): number {
  let bare = startsOutside(crossings, path);
  let inside = true;
  let width = 0;
  path.slice(1).forEach((end, index) => {
    const from = path[index] ?? end;
    const isLast = index === path.length - 2;
    const to = isLast ? add(end, scale(unitVector(subtract(end, from)), BEYOND)) : end;
    let position = 0;
    for (const crossing of crossingsAlong(crossings, from, to)) {
      if (bare) {
        bare = false;
        continue;
      }
      if (inside) width += crossing - position;
      position = crossing;
      inside = !inside;
    }
    // A level that never leaves an outline which crosses itself counts as far as it was drawn; a check stops the outline.
    if (inside) width += Math.max(0, distance(from, end) - position);
  });
  return width;
}

export const levelWidth = (ring: Ring, path: readonly Point[]): number =>
  widthAlong(ringCrossings(ring), path);

/** Length of a level line, mm; on a drafted piece it ends on the stitch line. */
export const levelLength = (path: readonly Point[]): number =>
  path.slice(1).reduce((sum, end, index) => sum + distance(path[index] ?? end, end), 0);

/**
 * How far out a ring reaches along a level line, mm: to the last place where the line, carried on, leaves it. Open
 * darts count, as they do for the chalk.
 */
export function levelReach(ring: Ring, path: readonly Point[]): number {
  const [from, end] = path.slice(-2);
  if (!from || !end) throw new Error('a level line has two points or more');
  const last = crossingsAlong(
    ringCrossings(ring),
    from,
    add(end, scale(unitVector(subtract(end, from)), BEYOND)),
  ).at(-1);
  return levelLength(path.slice(0, -1)) + (last ?? distance(from, end));
}

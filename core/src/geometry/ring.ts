import { cross, point, type Point } from './point.ts';

/** A closed polygon; the first point is not repeated. Clockwise on screen (y down) when its area is positive. */
export type Ring = readonly Point[];

/** The sides of a ring as pairs of points, the closing side last. */
export const sidesOf = (ring: Ring): (readonly [Point, Point])[] =>
  ring.map((from, index) => [from, ring[(index + 1) % ring.length] ?? from] as const);

/** Area by the shoelace formula, in mm²: positive for a loop that runs clockwise on screen. */
export const signedArea = (ring: Ring): number =>
  sidesOf(ring).reduce((sum, [a, b]) => sum + cross(a, b), 0) / 2;

/** Centre of gravity of a ring with area. */
export function centroidOf(ring: Ring): Point {
  const sums = sidesOf(ring).reduce(
    (total, [a, b]) => {
      const area = cross(a, b);
      return { x: total.x + (a.x + b.x) * area, y: total.y + (a.y + b.y) * area };
    },
    { x: 0, y: 0 },
  );
  const sixfold = 6 * signedArea(ring);
  return point(sums.x / sixfold, sums.y / sixfold);
}

export interface Box {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

export function boxOf(points: readonly Point[]): Box {
  const box = { minX: Infinity, minY: Infinity, maxX: -Infinity, maxY: -Infinity };
  for (const { x, y } of points) {
    box.minX = Math.min(box.minX, x);
    box.minY = Math.min(box.minY, y);
    box.maxX = Math.max(box.maxX, x);
    box.maxY = Math.max(box.maxY, y);
  }
  return box;
}

export const mirrorRing = (ring: Ring): Point[] => ring.map(({ x, y }) => point(-x, y)).reverse();

export const moveRing = (ring: Ring, dx: number, dy: number): Point[] =>
  ring.map(({ x, y }) => point(x + dx, y + dy));

/** A half-piece that lies on the fold x = 0, opened to the whole piece. */
export function openHalf(ring: Ring): Point[] {
  const onFold = (p: Point) => Math.abs(p.x) < 1e-6;
  const first = ring.findIndex((p, index) => onFold(p) && !onFold(ring[(index + 1) % ring.length] ?? p));
  if (first < 0) throw new Error('a half-piece must have two points on its fold');
  const turned = [...ring.slice(first), ...ring.slice(0, first)];
  // The fold itself may have points between its ends: the half runs from one end round to the other.
  const inner = turned.slice(
    1,
    turned.findIndex((p, index) => index > 0 && onFold(p)),
  );
  const ends = [turned[0], turned[inner.length + 1]].filter((p) => p !== undefined);
  return [...ends.slice(0, 1), ...inner, ...ends.slice(1), ...mirrorRing(inner)];
}

/** Crossings of the level line y = `level` with the ring, as x values from the centre outwards. */
export function crossingsAt(ring: Ring, level: number): number[] {
  const found: number[] = [];
  for (const [a, b] of sidesOf(ring)) {
    if (a.y < level !== b.y < level) found.push(a.x + ((b.x - a.x) * (level - a.y)) / (b.y - a.y));
  }
  return found.sort((p, q) => p - q);
}

/** Number of places where two sides of the ring cross each other; touching ends do not count. */
export function countSelfCrossings(ring: Ring): number {
  const sides = sidesOf(ring)
    .map(([a, b]) => ({ a, b, top: Math.min(a.y, b.y), bottom: Math.max(a.y, b.y) }))
    .sort((p, q) => p.top - q.top);
  let count = 0;
  sides.forEach((first, index) => {
    for (let next = index + 1; next < sides.length; next++) {
      const second = sides[next];
      if (!second || second.top > first.bottom) break;
      if (sidesCross(first.a, first.b, second.a, second.b)) count++;
    }
  });
  return count;
}

/** Test of two sides that cross inside both; sides that share or touch an end do not. */
export function sidesCross(a: Point, b: Point, c: Point, d: Point): boolean {
  if (Math.max(a.x, b.x) < Math.min(c.x, d.x) || Math.max(c.x, d.x) < Math.min(a.x, b.x)) return false;
  const side = (from: Point, to: Point, p: Point) =>
    (to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x);
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

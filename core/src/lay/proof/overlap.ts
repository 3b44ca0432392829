import { boxOf, type Ring } from '../../geometry/ring.ts';

/** A ring of whole micrometres, flat [x0, y0, x1, y1 …]: products of cloth-sized coordinates stay exact in doubles. */
export type WholeRing = readonly number[];

const at = (ring: WholeRing, index: number): number => ring[index] ?? 0;

/** Twice the area of the triangle a, b, c: its sign says on which side of ab the point c lies. Exact on whole numbers. */
const turn = (ax: number, ay: number, bx: number, by: number, cx: number, cy: number): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

type Where = 'inside' | 'outside' | 'edge';

/** Where a point lies, exactly: on a side, or inside by the parity of sides to its right. */
function whereIs(ring: WholeRing, x: number, y: number): Where {
  let inside = false;
  for (let index = 0, previous = ring.length - 2; index < ring.length; previous = index, index += 2) {
    const [ax, ay, bx, by] = [
      at(ring, previous),
      at(ring, previous + 1),
      at(ring, index),
      at(ring, index + 1),
    ];
    const side = turn(ax, ay, bx, by, x, y);
    const within =
      Math.min(ax, bx) <= x && x <= Math.max(ax, bx) && Math.min(ay, by) <= y && y <= Math.max(ay, by);
    if (side === 0 && within) return 'edge';
    if (ay > y !== by > y && side > 0 === by > ay) inside = !inside;
  }
  return inside ? 'inside' : 'outside';
}

/** Distance from a point to the ring's boundary, in micrometres. */
function depthIn(ring: WholeRing, x: number, y: number): number {
  let nearest = Infinity;
  for (let index = 0, previous = ring.length - 2; index < ring.length; previous = index, index += 2) {
    const [ax, ay] = [at(ring, previous), at(ring, previous + 1)];
    const [dx, dy] = [at(ring, index) - ax, at(ring, index + 1) - ay];
    const squared = dx * dx + dy * dy;
    const t = squared === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / squared));
    nearest = Math.min(nearest, Math.hypot(x - ax - t * dx, y - ay - t * dy));
  }
  return nearest;
}

interface Extent {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

function extentOf(ring: WholeRing): Extent {
  const extent = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity };
  for (let index = 0; index < ring.length; index += 2) {
    extent.left = Math.min(extent.left, at(ring, index));
    extent.right = Math.max(extent.right, at(ring, index));
    extent.top = Math.min(extent.top, at(ring, index + 1));
    extent.bottom = Math.max(extent.bottom, at(ring, index + 1));
  }
  return extent;
}

interface Boundary {
  readonly x: number;
  readonly y: number;
}

/**
 * Points that between them reach every stretch of a's boundary, as b cuts it: corners, crossings, and middles between.
 * Sides that pass b's extent by cannot be inside b and are left out.
 */
function stretchesOf(a: WholeRing, b: WholeRing): Boundary[] {
  const points: Boundary[] = [];
  const extent = extentOf(b);
  for (let index = 0, previous = a.length - 2; index < a.length; previous = index, index += 2) {
    const [px, py, qx, qy] = [at(a, previous), at(a, previous + 1), at(a, index), at(a, index + 1)];
    if (Math.max(px, qx) < extent.left || Math.min(px, qx) > extent.right) continue;
    if (Math.max(py, qy) < extent.top || Math.min(py, qy) > extent.bottom) continue;
    const cuts = [0, 1];
    for (let other = 0, before = b.length - 2; other < b.length; before = other, other += 2) {
      const [cx, cy, dx, dy] = [at(b, before), at(b, before + 1), at(b, other), at(b, other + 1)];
      if (Math.max(cx, dx) < Math.min(px, qx) || Math.min(cx, dx) > Math.max(px, qx)) continue;
      if (Math.max(cy, dy) < Math.min(py, qy) || Math.min(cy, dy) > Math.max(py, qy)) continue;
      const [sideC, sideD] = [turn(px, py, qx, qy, cx, cy), turn(px, py, qx, qy, dx, dy)];
      const [sideP, sideQ] = [turn(cx, cy, dx, dy, px, py), turn(cx, cy, dx, dy, qx, qy)];
      if (sideC === 0 && sideD === 0) {
        const length = (qx - px) ** 2 + (qy - py) ** 2;
        for (const [x, y] of [
          [cx, cy],
          [dx, dy],
        ] as const)
          cuts.push(((x - px) * (qx - px) + (y - py) * (qy - py)) / length);
      } else if (sideC * sideD <= 0 && sideP * sideQ <= 0) cuts.push(sideP / (sideP - sideQ));
    }
    const sorted = cuts.filter((t) => t >= 0 && t <= 1).sort((s, t) => s - t);
    sorted.forEach((t, cut) => {
      const middle = (t + (sorted[cut + 1] ?? t)) / 2;
      for (const place of [t, middle]) points.push({ x: px + place * (qx - px), y: py + place * (qy - py) });
    });
  }
  return points;
}

/**
 * How deep the interiors of two rings reach into each other, in micrometres; 0 when they only touch. Every stretch of
 * either boundary is tried, and one inner point of each ring, which finds rings that coincide.
 */
export function overlapDepth(a: WholeRing, b: WholeRing): number {
  let depth = 0;
  const reach = (points: readonly Boundary[], ring: WholeRing) => {
    for (const { x, y } of points)
      if (whereIs(ring, x, y) === 'inside') depth = Math.max(depth, depthIn(ring, x, y));
  };
  reach(stretchesOf(a, b), b);
  reach(stretchesOf(b, a), a);
  if (depth === 0) {
    for (const [ring, other] of [
      [a, b],
      [b, a],
    ] as const) {
      const inner = innerPoint(ring);
      if (whereIs(other, inner.x, inner.y) === 'inside')
        depth = Math.max(depth, Math.min(depthIn(other, inner.x, inner.y), depthIn(ring, inner.x, inner.y)));
    }
  }
  return depth;
}

/** A point inside the ring: the middle of its widest run along a level between its corners. */
function innerPoint(ring: WholeRing): Boundary {
  const levels = ring.filter((_, index) => index % 2 === 1).sort((p, q) => p - q);
  const middle = levels.length >> 1;
  const above = levels.find((level) => level > at(levels, middle)) ?? at(levels, levels.length - 1);
  const y = at(levels, middle) === above ? (at(levels, 0) + above) / 2 : (at(levels, middle) + above) / 2;
  const crossings: number[] = [];
  for (let index = 0, previous = ring.length - 2; index < ring.length; previous = index, index += 2) {
    const [ax, ay, bx, by] = [
      at(ring, previous),
      at(ring, previous + 1),
      at(ring, index),
      at(ring, index + 1),
    ];
    if (ay > y !== by > y) crossings.push(ax + ((bx - ax) * (y - ay)) / (by - ay));
  }
  crossings.sort((p, q) => p - q);
  let widest = { x: at(crossings, 0), width: -1 };
  for (let index = 0; index + 1 < crossings.length; index += 2) {
    const width = at(crossings, index + 1) - at(crossings, index);
    if (width > widest.width) widest = { x: (at(crossings, index) + at(crossings, index + 1)) / 2, width };
  }
  return { x: widest.x, y };
}

const MICROMETRES = 1000;
/** Interiors may reach this deep into each other, µm: a hundredth of a millimetre and one step of rounding. */
const ALLOWED = 11;

const whole = (ring: Ring): WholeRing =>
  ring.flatMap(({ x, y }) => [Math.round(x * MICROMETRES), Math.round(y * MICROMETRES)]);

export interface Overlap {
  /** Which two of the rings. */
  readonly a: number;
  readonly b: number;
  /** How deep the one reaches into the other, mm. */
  readonly mm: number;
}

/** Every two rings, in mm, whose interiors reach into each other; contact is none. */
export function* overlapsOf(rings: readonly Ring[]): Generator<Overlap, void> {
  const laid = rings.map((ring) => ({ ring: whole(ring), box: boxOf(ring) }));
  for (const [a, first] of laid.entries())
    for (const [index, second] of laid.slice(a + 1).entries()) {
      const apart =
        first.box.maxX <= second.box.minX ||
        second.box.maxX <= first.box.minX ||
        first.box.maxY <= second.box.minY ||
        second.box.maxY <= first.box.minY;
      const depth = apart ? 0 : overlapDepth(first.ring, second.ring);
      if (depth > ALLOWED) yield { a, b: a + 1 + index, mm: depth / MICROMETRES };
    }
}

/** How far a ring reaches out of a region, mm; 0 when it lies inside, or touches its side from within. */
export function reachOutside(ring: Ring, region: Ring): number {
  const [inner, outer] = [whole(ring), whole(region)];
  const extent = extentOf(outer);
  const corners: Boundary[] = ring.map((_, index) => ({
    x: at(inner, 2 * index),
    y: at(inner, 2 * index + 1),
  }));
  const beyond = corners.some(
    ({ x, y }) => x < extent.left || x > extent.right || y < extent.top || y > extent.bottom,
  );
  let depth = 0;
  for (const { x, y } of beyond ? corners : stretchesOf(inner, outer))
    if (whereIs(outer, x, y) === 'outside') depth = Math.max(depth, depthIn(outer, x, y));
  return depth > ALLOWED ? depth / MICROMETRES : 0;
}

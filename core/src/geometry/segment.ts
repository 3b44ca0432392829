import {
  add,
  between,
  cross,
  distance,
  norm,
  point,
  quarterTurn,
  rotate,
  scale,
  subtract,
  unitVector,
  type Point,
} from './point.ts';

interface Line {
  readonly kind: 'line';
  readonly a: Point;
  readonly b: Point;
}

interface Cubic {
  readonly kind: 'cubic';
  readonly a: Point;
  readonly c: Point;
  readonly d: Point;
  readonly b: Point;
}

/** An arc of a circle; its angle in radians, clockwise on screen positive. */
interface Arc {
  readonly kind: 'arc';
  readonly a: Point;
  readonly b: Point;
  readonly centre: Point;
  readonly angle: number;
}

export type Segment = Line | Cubic | Arc;

export const line = (a: Point, b: Point): Segment => ({ kind: 'line', a, b });
export const cubic = (a: Point, c: Point, d: Point, b: Point): Segment => ({ kind: 'cubic', a, c, d, b });

/** The arc about a centre from `a` on by `angle` radians, clockwise on screen. */
export const arc = (a: Point, centre: Point, angle: number): Segment => ({
  kind: 'arc',
  a,
  b: rotate(a, centre, angle),
  centre,
  angle,
});

/** The usual cubic of an arc, its handles 4⁄3 tan(Δ ÷ 4) of the radius: off by 4 parts in a million of it over an eighth of a circle. */
function cubicOfArc({ a, b, centre, angle }: Arc): Cubic {
  const handle = (4 / 3) * Math.tan(angle / 4);
  const [atA, atB] = [a, b].map((p) => scale(quarterTurn(subtract(p, centre)), handle)) as [Point, Point];
  return { kind: 'cubic', a, c: add(a, atA), d: subtract(b, atB), b };
}

/** A segment as a cubic, whose ends can be moved with their handles. */
export function asCubic(segment: Segment): Cubic {
  switch (segment.kind) {
    case 'line': {
      const { a, b } = segment;
      return { kind: 'cubic', a, c: between(a, b, 1 / 3), d: between(a, b, 2 / 3), b };
    }
    case 'cubic':
      return segment;
    case 'arc':
      return cubicOfArc(segment);
  }
}

const radiusOf = ({ a, centre }: Arc): number => distance(a, centre);

/**
 * A cubic from its ends, the unit directions of travel there, and the handle lengths in mm.
 * Every curve of the drafts is drawn with this one helper.
 */
export const handleCurve = (
  a: Point,
  leaving: Point,
  handleA: number,
  b: Point,
  arriving: Point,
  handleB: number,
): Segment => cubic(a, add(a, scale(leaving, handleA)), subtract(b, scale(arriving, handleB)), b);

export function pointAt(segment: Segment, t: number): Point {
  if (segment.kind === 'line') return between(segment.a, segment.b, t);
  if (segment.kind === 'arc')
    return t === 1 ? segment.b : rotate(segment.a, segment.centre, segment.angle * t);
  const { a, c, d, b } = segment;
  const u = 1 - t;
  const [wa, wc, wd, wb] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
  return point(wa * a.x + wc * c.x + wd * d.x + wb * b.x, wa * a.y + wc * c.y + wd * d.y + wb * b.y);
}

function derivativeAt(segment: Segment, t: number): Point {
  if (segment.kind === 'line') return subtract(segment.b, segment.a);
  if (segment.kind === 'arc')
    return scale(quarterTurn(subtract(pointAt(segment, t), segment.centre)), segment.angle);
  const { a, c, d, b } = segment;
  const u = 1 - t;
  return add(
    add(scale(subtract(c, a), 3 * u * u), scale(subtract(d, c), 6 * u * t)),
    scale(subtract(b, d), 3 * t * t),
  );
}

/** Unit direction of travel at `t`. A handle of no length leaves no derivative at its end: a short chord stands in. */
export function directionAt(segment: Segment, t: number): Point {
  const derivative = derivativeAt(segment, t);
  if (norm(derivative) > 1e-7) return unitVector(derivative);
  const nearby =
    t < 0.5
      ? subtract(pointAt(segment, t + 1e-4), pointAt(segment, t))
      : subtract(pointAt(segment, t), pointAt(segment, t - 1e-4));
  return unitVector(nearby);
}

/** Nodes and weights of the 8-point Gauss–Legendre rule on [-1, 1], one side; the other is its mirror. */
const GAUSS: readonly (readonly [node: number, weight: number])[] = [
  [0.1834346424956498, 0.362683783378362],
  [0.525532409916329, 0.3137066458778873],
  [0.7966664774136267, 0.2223810344533745],
  [0.9602898564975363, 0.1012285362903763],
];

/** Size of a cubic's derivative at `t`, in plain numbers: lengths are most of what drafting computes. */
function speedAt({ a, c, d, b }: Cubic, t: number): number {
  const u = 1 - t;
  const [p, q, r] = [3 * u * u, 6 * u * t, 3 * t * t];
  const x = p * (c.x - a.x) + q * (d.x - c.x) + r * (b.x - d.x);
  const y = p * (c.y - a.y) + q * (d.y - c.y) + r * (b.y - d.y);
  return Math.sqrt(x * x + y * y);
}

function gaussLength(segment: Cubic, from: number, to: number): number {
  const half = (to - from) / 2;
  const middle = (from + to) / 2;
  let sum = 0;
  for (const [node, weight] of GAUSS)
    sum += weight * (speedAt(segment, middle + half * node) + speedAt(segment, middle - half * node));
  return half * sum;
}

/** Length in mm between two parameters. Two halves of the Gauss rule are right to about 1e-9 of the length on garment curves. */
export function segmentLength(segment: Segment, from = 0, to = 1): number {
  if (segment.kind === 'line') return distance(segment.a, segment.b) * (to - from);
  if (segment.kind === 'arc') return Math.abs(segment.angle) * radiusOf(segment) * (to - from);
  const middle = (from + to) / 2;
  return gaussLength(segment, from, middle) + gaussLength(segment, middle, to);
}

/**
 * What the segment adds to the area of a loop, mm²: half the integral of x dy − y dx, which for a cubic is a fixed
 * combination of the cross products of its control points (Green's theorem), and for an arc its triangle and sector.
 */
export function sweptArea(segment: Segment): number {
  if (segment.kind === 'line') return cross(segment.a, segment.b) / 2;
  if (segment.kind === 'arc')
    return (
      (cross(segment.centre, subtract(segment.b, segment.a)) + radiusOf(segment) ** 2 * segment.angle) / 2
    );
  const { a, c, d, b } = segment;
  return (
    (0.6 * cross(a, c) +
      0.3 * cross(a, d) +
      0.1 * cross(a, b) +
      0.3 * cross(c, d) +
      0.3 * cross(c, b) +
      0.6 * cross(d, b)) /
    2
  );
}

/** The parameter at `length` mm from the start of a segment that is `whole` mm long: Newton steps, kept inside a shrinking bracket. */
export function parameterAtLength(segment: Segment, length: number, whole = segmentLength(segment)): number {
  if (whole === 0) return 0;
  if (segment.kind !== 'cubic') return length / whole;
  let low = 0;
  let high = 1;
  let t = length / whole;
  for (let step = 0; step < 50; step++) {
    const error = segmentLength(segment, 0, t) - length;
    if (Math.abs(error) < 1e-8) break;
    if (error > 0) high = t;
    else low = t;
    const next = t - error / norm(derivativeAt(segment, t));
    t = next > low && next < high ? next : (low + high) / 2;
  }
  return t;
}

/** De Casteljau's construction: the two parts before and after `t` trace the same curve. */
export function splitSegment(segment: Segment, t: number): [Segment, Segment] {
  const middle = pointAt(segment, t);
  if (segment.kind === 'line') return [line(segment.a, middle), line(middle, segment.b)];
  if (segment.kind === 'arc') {
    const { a, b, centre, angle } = segment;
    return [
      { kind: 'arc', a, b: middle, centre, angle: angle * t },
      { kind: 'arc', a: middle, b, centre, angle: angle * (1 - t) },
    ];
  }
  const { a, c, d, b } = segment;
  const ac = between(a, c, t);
  const cd = between(c, d, t);
  const db = between(d, b, t);
  return [cubic(a, ac, between(ac, cd, t), middle), cubic(middle, between(cd, db, t), db, b)];
}

export function reverseSegment(segment: Segment): Segment {
  switch (segment.kind) {
    case 'line':
      return line(segment.b, segment.a);
    case 'cubic':
      return cubic(segment.b, segment.d, segment.c, segment.a);
    case 'arc':
      return { ...segment, a: segment.b, b: segment.a, angle: -segment.angle };
  }
}

/** An arc that a move has left on a circle stays one, turned the other way by a mirror; any other is moved as a cubic. */
function mapArc(segment: Arc, move: (p: Point) => Point): Segment {
  const [a, b, centre, on] = [segment.a, segment.b, segment.centre, pointAt(segment, 0.25)].map(move) as [
    Point,
    Point,
    Point,
    Point,
  ];
  const radius = distance(a, centre);
  const isRound = [b, on].every((p) => Math.abs(distance(p, centre) - radius) < SAME_RADIUS);
  const turn = cross(subtract(a, centre), subtract(on, centre));
  const angle = Math.abs(segment.angle) * Math.sign(turn);
  if (isRound && distance(rotate(a, centre, angle), b) < SAME_RADIUS)
    return { kind: 'arc', a, b, centre, angle };
  return mapSegment(cubicOfArc(segment), move);
}

/** Radii that differ by less are the same, mm. */
const SAME_RADIUS = 1e-6;

export function mapSegment(segment: Segment, move: (p: Point) => Point): Segment {
  switch (segment.kind) {
    case 'line':
      return line(move(segment.a), move(segment.b));
    case 'cubic':
      return cubic(move(segment.a), move(segment.c), move(segment.d), move(segment.b));
    case 'arc':
      return mapArc(segment, move);
  }
}

/**
 * How many chords of equal parameter stay within `tolerance` mm of the curve: from the second differences of the control
 * polygon, an upper bound of the sagitta; of an arc from the sagitta itself.
 */
export function chordsOf(segment: Segment, tolerance: number): number {
  if (segment.kind === 'line') return 1;
  if (segment.kind === 'arc') {
    const half = Math.acos(Math.max(0, 1 - tolerance / radiusOf(segment)));
    return Math.min(200, Math.max(1, Math.ceil(Math.abs(segment.angle) / (2 * half))));
  }
  const { a, c, d, b } = segment;
  const bend = Math.max(norm(add(subtract(a, scale(c, 2)), d)), norm(add(subtract(c, scale(d, 2)), b)));
  return Math.min(200, Math.max(1, Math.ceil(Math.sqrt((0.75 * bend) / tolerance))));
}

/** Points along the segment, the first left out, whose chords stay within `tolerance` mm of the curve. */
export function sampleSegment(segment: Segment, tolerance: number): Point[] {
  if (segment.kind === 'line') return [segment.b];
  const count = chordsOf(segment, tolerance);
  return Array.from({ length: count }, (_, index) =>
    index + 1 === count ? segment.b : pointAt(segment, (index + 1) / count),
  );
}

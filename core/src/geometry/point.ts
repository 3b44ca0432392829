/** A place on the cloth in mm: x is out from the centre or fold, y is down from the start line. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export const point = (x: number, y: number): Point => ({ x, y });
/** The two ways in which a piece is measured: out from its centre, and down from the start line. */
export const OUT: Point = point(1, 0);
export const DOWN: Point = point(0, 1);

export const add = (a: Point, b: Point): Point => point(a.x + b.x, a.y + b.y);
export const subtract = (a: Point, b: Point): Point => point(a.x - b.x, a.y - b.y);
export const scale = (a: Point, factor: number): Point => point(a.x * factor, a.y * factor);
export const dot = (a: Point, b: Point): number => a.x * b.x + a.y * b.y;
export const cross = (a: Point, b: Point): number => a.x * b.y - a.y * b.x;
/** The plain root: garments are far from where Math.hypot's care against overflow would count, and it is much slower. */
export const norm = (a: Point): number => Math.sqrt(a.x * a.x + a.y * a.y);
export const distance = (a: Point, b: Point): number => norm(subtract(a, b));
export const between = (a: Point, b: Point, t: number): Point =>
  point(a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t);

/** The direction of `a` with length 1. Throws for a vector without a direction. */
export function unitVector(a: Point): Point {
  const length = norm(a);
  if (length === 0) throw new Error('a zero vector has no direction');
  return scale(a, 1 / length);
}

/** A quarter turn clockwise on screen (y down): right becomes down. */
export const quarterTurn = (a: Point): Point => point(-a.y, a.x);

/** Turns `a` about `centre` by `angle` radians, clockwise on screen. */
export function rotate(a: Point, centre: Point, angle: number): Point {
  const sine = Math.sin(angle);
  const cosine = Math.cos(angle);
  const { x, y } = subtract(a, centre);
  return point(centre.x + x * cosine - y * sine, centre.y + x * sine + y * cosine);
}

export const rotateDirection = (direction: Point, angle: number): Point =>
  rotate(direction, point(0, 0), angle);

/** `direction` reflected in the line that runs along the unit vector `axis`. */
export const reflectDirection = (direction: Point, axis: Point): Point =>
  subtract(scale(axis, 2 * dot(direction, axis)), direction);

/** Angle from `a` to `b` in radians, clockwise on screen positive, within ±π. */
export const angleBetween = (a: Point, b: Point): number => Math.atan2(cross(a, b), dot(a, b));

/** The point in which the lines a + t·da and b + t·db meet; undefined when they run parallel within `tolerance` (sine). */
export function meetLines(a: Point, da: Point, b: Point, db: Point, tolerance = 1e-6): Point | undefined {
  const area = cross(da, db);
  if (Math.abs(area) <= tolerance * norm(da) * norm(db)) return undefined;
  return add(a, scale(da, cross(subtract(b, a), db) / area));
}

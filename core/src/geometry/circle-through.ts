import { cross, distance, point, subtract, type Point } from './point.ts';

export interface Circle {
  readonly centre: Point;
  readonly radius: number;
}

/** The circle that passes three points; undefined for points on one line. */
function circumcircle(a: Point, b: Point, c: Point): Circle | undefined {
  const [p, q] = [subtract(b, a), subtract(c, a)];
  const twice = 2 * cross(p, q);
  if (Math.abs(twice) < 1e-9) return undefined;
  const [pp, qq] = [p.x ** 2 + p.y ** 2, q.x ** 2 + q.y ** 2];
  const centre = point(a.x + (q.y * pp - p.y * qq) / twice, a.y + (p.x * qq - q.x * pp) / twice);
  return { centre, radius: distance(centre, a) };
}

/** The circle that all of the points lie on within a tolerance, mm; undefined where there is none, or too few points to tell. */
export function circleThrough(points: readonly Point[], within: number): Circle | undefined {
  const [first, middle, last] = [points[0], points[Math.floor(points.length / 2)], points.at(-1)];
  if (points.length < 4 || !first || !middle || !last) return undefined;
  const circle = circumcircle(first, middle, last);
  const fits = circle && points.every((p) => Math.abs(distance(p, circle.centre) - circle.radius) <= within);
  return fits ? circle : undefined;
}

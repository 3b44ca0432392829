import { clamp } from '../geometry/clamp.ts';
import { add, between, distance, point, scale, subtract, type Point } from '../geometry/point.ts';

/** The point a part of the way along a line, counted by its points. */
export function along(points: readonly Point[], part: number): Point {
  const at = clamp(part, 0, 1) * (points.length - 1);
  const from = Math.min(points.length - 2, Math.floor(at));
  const [a, b] = [points[from], points[from + 1]];
  if (!a || !b) throw new Error('a line needs two points');
  return add(a, scale(subtract(b, a), at - from));
}

/** The point a part of the way along a line, counted by its length. */
export function pointAlong(points: readonly Point[], part: number): Point {
  const steps = points.slice(1).map((p, index) => distance(points[index] ?? p, p));
  let left = part * steps.reduce((sum, step) => sum + step, 0);
  for (const [index, step] of steps.entries()) {
    const [a, b] = [points[index], points[index + 1]];
    if (a && b && left <= step) return step === 0 ? a : between(a, b, left / step);
    left -= step;
  }
  const last = points.at(-1);
  if (!last) throw new Error('a line needs points');
  return last;
}

/** The start of a line up to a length along it, mm. */
export function upTo(points: readonly Point[], length: number): Point[] {
  const kept: Point[] = [];
  let run = 0;
  for (const p of points) {
    const last = kept.at(-1);
    const step = last ? distance(last, p) : 0;
    if (last && run + step > length) {
      const part = (length - run) / step;
      return [...kept, point(last.x + (p.x - last.x) * part, last.y + (p.y - last.y) * part)];
    }
    run += step;
    kept.push(p);
  }
  return kept;
}

import { endOf, reverseCurve, sampleCurve, startOf, type Curve } from '../../geometry/curve.ts';
import { distance, type Point } from '../../geometry/point.ts';
import type { Edge } from '../../pieces/piece.ts';

/** A point of a seam with its distance along the sewn seam from the top, mm. */
export interface RunPoint {
  readonly at: Point;
  readonly along: number;
}

/** A seam of a piece from the top down. */
export interface Run {
  readonly points: readonly RunPoint[];
  readonly length: number;
}

/** Chords of a sampled edge stay within this of it, mm: finer than any line of a sketch. */
const TOLERANCE = 0.3;
/** The widest gap between the points of a sampled edge, mm. */
const GAP = 9;

/** Points of an edge, close enough to be bent round a body. */
export function pointsAlong(path: Curve): Point[] {
  const corners = sampleCurve(path, TOLERANCE);
  return corners.flatMap((p, index) => {
    const next = corners[index + 1];
    if (!next) return [p];
    const parts = Math.max(1, Math.ceil(distance(p, next) / GAP));
    return Array.from({ length: parts }, (_, part) => ({
      x: p.x + ((next.x - p.x) * part) / parts,
      y: p.y + ((next.y - p.y) * part) / parts,
    }));
  });
}

const downward = ({ path }: Pick<Edge, 'path'>): Curve =>
  startOf(path).y <= endOf(path).y ? path : reverseCurve(path);

/** Edges of one seam from the top down; the mouths of darts between them count nothing. */
export function runDown(edges: readonly Pick<Edge, 'path'>[]): Run {
  const paths = edges.map(downward).sort((a, b) => startOf(a).y - startOf(b).y);
  const points: RunPoint[] = [];
  let along = 0;
  for (const path of paths) {
    let last: Point | undefined;
    for (const at of pointsAlong(path)) {
      if (last) along += distance(last, at);
      points.push({ at, along });
      last = at;
    }
  }
  return { points, length: along };
}

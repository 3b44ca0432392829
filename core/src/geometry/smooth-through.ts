import type { Point } from './point.ts';

/** Slopes at the points: the harmonic mean of the chords beside each, nothing where they turn, so that nothing overshoots. */
function slopesThrough(points: readonly Point[]): number[] {
  const chord = (a: Point, b: Point): number => (b.y - a.y) / (b.x - a.x);
  return points.map((p, index) => {
    const [before, after] = [points[index - 1], points[index + 1]];
    if (!before || !after) return 0;
    const [left, right] = [chord(before, p), chord(p, after)];
    return left * right <= 0 ? 0 : (2 * left * right) / (left + right);
  });
}

/**
 * The function through points with rising x by cubic Hermite pieces that keep monotone, level before the first and after the last.
 * Source: Fritsch and Butland, A method for constructing local monotone piecewise cubic interpolants, 1984; from memory.
 */
export function smoothThrough(points: readonly Point[]): (x: number) => number {
  const slopes = slopesThrough(points);
  return (x) => {
    const next = points.findIndex((p) => p.x > x);
    const [a, b] = [points[next - 1], points[next]];
    if (!b) return points.at(-1)?.y ?? 0;
    if (!a) return b.y;
    const run = b.x - a.x;
    const t = (x - a.x) / run;
    const [t2, t3] = [t * t, t * t * t];
    const [m0, m1] = [slopes[next - 1] ?? 0, slopes[next] ?? 0];
    return (
      a.y * (2 * t3 - 3 * t2 + 1) +
      m0 * run * (t3 - 2 * t2 + t) +
      b.y * (3 * t2 - 2 * t3) +
      m1 * run * (t3 - t2)
    );
  };
}

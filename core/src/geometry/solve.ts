export interface Solution {
  readonly x: number;
  /** False when the bounds do not enclose a root; then `x` is the bound that comes nearer. */
  readonly ok: boolean;
  /** Value of the function at `x`. */
  readonly residual: number;
}

/**
 * A root is sought until `f` gives less than this: near the last digit of lengths in mm, so that where the search stopped is
 * nothing that a draft could show.
 */
const CONVERGED = 1e-11;
/** Largest residual of a root: the last digits of `f` itself. */
const ROOT = 1e-5;

/**
 * A root of `f` in [low, high]: false position after Illinois, with a bisection every eighth step for stubborn curves.
 * Callers must look at `ok` before they use `x` as a root.
 */
export function solve(f: (x: number) => number, low: number, high: number): Solution {
  let [a, b, fa, fb] = [low, high, f(low), f(high)];
  if (Math.abs(fa) <= CONVERGED) return { x: a, ok: true, residual: fa };
  if (Math.abs(fb) <= CONVERGED) return { x: b, ok: true, residual: fb };
  if (!(fa * fb < 0)) {
    return Math.abs(fa) < Math.abs(fb)
      ? { x: a, ok: false, residual: fa }
      : { x: b, ok: false, residual: fb };
  }
  let kept: 'a' | 'b' | undefined;
  let [x, fx] = [a, fa];
  for (let step = 1; step <= 80; step++) {
    x = step % 8 === 0 ? (a + b) / 2 : (fa * b - fb * a) / (fa - fb);
    fx = f(x);
    if (Math.abs(fx) <= CONVERGED || Math.abs(b - a) <= 4 * Number.EPSILON * Math.abs(x)) break;
    if (fx * fb > 0) {
      [b, fb] = [x, fx];
      if (kept === 'a') fa /= 2;
      kept = 'a';
    } else {
      [a, fa] = [x, fx];
      if (kept === 'b') fb /= 2;
      kept = 'b';
    }
  }
  return { x, ok: Math.abs(fx) <= ROOT, residual: fx };
}

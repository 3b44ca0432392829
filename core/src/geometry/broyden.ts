import { clamp } from './clamp.ts';

/** A system of equations in some unknowns, for Broyden's method. */
export interface BroydenPlan<Drawn> {
  /** First value of each unknown. */
  readonly start: readonly number[];
  /** First step of each unknown for a residual of one: the inverse of its own effect. */
  readonly gains: readonly number[];
  /** `before` is the drawing of the round before, which is near: a drawing that is itself settled may start from it. */
  readonly draw: (unknowns: readonly number[], before: Drawn | undefined) => Drawn;
  /** The residuals, one for each unknown; all are zero at the solution. */
  readonly residuals: (drawn: Drawn, unknowns: readonly number[]) => readonly number[];
  readonly tolerance: number;
  /** No unknown is moved further than this in one round: a long stride leaves what can be drawn. */
  readonly longestStride: number;
  readonly mostRounds: number;
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, index) => sum + value * (b[index] ?? 0), 0);

const times = (matrix: readonly (readonly number[])[], vector: readonly number[]): number[] =>
  matrix.map((row) => dot(row, vector));

const timesTransposed = (matrix: readonly (readonly number[])[], vector: readonly number[]): number[] =>
  vector.map((_, column) =>
    matrix.reduce((sum, row, index) => sum + (row[column] ?? 0) * (vector[index] ?? 0), 0),
  );

/**
 * Settles several unknowns that disturb each other, by Broyden's method in its inverse form (C. G. Broyden, Mathematics of
 * Computation 19, 1965; from memory): each round learns from the last how they do, so that few drawings are needed. The best
 * drawing is kept when it does not settle within the rounds.
 */
export function broyden<Drawn>(plan: BroydenPlan<Drawn>): Drawn {
  const { gains, draw, residuals, tolerance, longestStride, mostRounds } = plan;
  const size = (values: readonly number[]) => Math.max(0, ...values.map(Math.abs));
  let unknowns = [...plan.start];
  let drawn = draw(unknowns, undefined);
  let left = [...residuals(drawn, unknowns)];
  let best = { drawn, size: size(left) };
  let inverse = gains.map((gain, row) => gains.map((_, column) => (row === column ? gain : 0)));
  for (let round = 0; round < mostRounds && size(left) > tolerance; round++) {
    const step = times(inverse, left).map((move) => clamp(move, -longestStride, longestStride));
    const next = unknowns.map((value, index) => value + (step[index] ?? 0));
    drawn = draw(next, drawn);
    const after = [...residuals(drawn, next)];
    if (size(after) < best.size) best = { drawn, size: size(after) };
    // Residuals are what is lacking: they fall as unknowns rise, so that the change is taken with its sign turned.
    const change = left.map((value, index) => value - (after[index] ?? 0));
    const learned = times(inverse, change);
    const row = timesTransposed(inverse, step);
    const scale = dot(step, learned);
    if (Math.abs(scale) > 1e-12) {
      const miss = step.map((value, index) => (value - (learned[index] ?? 0)) / scale);
      inverse = inverse.map((line, index) =>
        line.map((value, column) => value + (miss[index] ?? 0) * (row[column] ?? 0)),
      );
    }
    unknowns = next;
    left = after;
  }
  return best.drawn;
}

import { clamp } from '../../geometry/clamp.ts';
import { curveLength, type Curve } from '../../geometry/curve.ts';
import { between, distance, point, rotate, subtract, unitVector } from '../../geometry/point.ts';
import { handleCurve } from '../../geometry/segment.ts';
import { solve } from '../../geometry/solve.ts';

/** One half of a cap: where it crosses the line from the underarm to its top, how much steeper it is there, radians, and its handles. */
interface CapShape {
  readonly crosses: number;
  readonly steeper: number;
  readonly handles: readonly [number, number, number, number];
}

// The team's drafting study: the back is fuller and flatter than the front.
const shapes: { readonly [face in 'front' | 'back']: CapShape } = {
  front: { crosses: 0.46, steeper: (15 * Math.PI) / 180, handles: [0.42, 0.34, 0.34, 0.5] },
  back: { crosses: 0.34, steeper: (10 * Math.PI) / 180, handles: [0.4, 0.34, 0.34, 0.46] },
};

/** A cap so much lower than this part of its half width has no S left. */
const FLAT = 0.55;

/**
 * Half a cap from the underarm, out at `width` and down at `height`, to its top at the origin: two cubics, level at both ends, that
 * cross the straight line between them steeper than it runs. mm.
 */
export function halfCap(face: 'front' | 'back', width: number, height: number): Curve {
  const { crosses, steeper, handles } = shapes[face];
  const side = face === 'front' ? 1 : -1;
  const [underarm, top] = [point(side * width, height), point(0, 0)];
  const base = Math.atan2(height, width);
  const turn = Math.min(steeper * clamp(height / (FLAT * width), 0, 1.2), 0.6 * (Math.PI / 2 - base));
  const middle = between(underarm, top, crosses);
  const along = rotate(unitVector(subtract(top, underarm)), point(0, 0), side * turn);
  const level = point(-side, 0);
  const [lower, upper] = [distance(underarm, middle), distance(middle, top)];
  return [
    handleCurve(underarm, level, handles[0] * lower, middle, along, handles[1] * lower),
    handleCurve(middle, along, handles[2] * upper, top, level, handles[3] * upper),
  ];
}

/** A cap that is as long as its armhole with ease, and as wide as the arm with ease; mm. */
export interface SleeveCap {
  readonly height: number;
  readonly width: { readonly front: number; readonly back: number };
  /** By how much the cap is narrower or wider than the arm asks, where no height gives just that: the nearest is drawn. */
  readonly off: number;
}

/** A cap is no flatter than this part of both its halves' length, and no higher than these parts of the whole and of the shorter half. The team's drafting study. */
const LEAST = 0.13;
const MOST = { ofWhole: 0.4, ofHalf: 0.74 };

/**
 * Solves the cap: for a height each half as wide as makes it as long as its half of the armhole with ease; then the height at
 * which both halves together are as wide as the arm with ease.
 */
export function solveCap(
  lengths: { readonly front: number; readonly back: number },
  wanted: number,
): SleeveCap {
  const widthAt = (face: 'front' | 'back', height: number): number =>
    solve(
      (width) => curveLength(halfCap(face, width, height)) - lengths[face],
      0.1 * lengths[face],
      1.05 * lengths[face],
    ).x;
  const both = (height: number): number => widthAt('front', height) + widthAt('back', height);
  const whole = lengths.front + lengths.back;
  const [low, high] = [
    LEAST * whole,
    Math.min(MOST.ofWhole * whole, MOST.ofHalf * Math.min(lengths.front, lengths.back)),
  ];
  const { x: height, residual } = solve((at) => both(at) - wanted, low, high);
  return {
    height,
    width: { front: widthAt('front', height), back: widthAt('back', height) },
    off: Math.abs(residual) < 1e-3 ? 0 : residual,
  };
}

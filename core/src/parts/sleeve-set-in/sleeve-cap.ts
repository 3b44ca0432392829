import { clamp } from '../../geometry/clamp.ts';
import { curveLength, type Curve } from '../../geometry/curve.ts';
import {
  between,
  distance,
  dot,
  meetLines,
  point,
  rotate,
  subtract,
  unitVector,
  type Point,
} from '../../geometry/point.ts';
import { handleCurve, type Segment } from '../../geometry/segment.ts';
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

/** One end of a curve: its point, the way that the curve runs there, and the reach of its handle, mm. */
interface CurveEnd {
  readonly at: Point;
  readonly way: Point;
  readonly reach: number;
}

/** A handle stays within this part of the way to where the tangents of both ends meet: past it the curve would bend back. */
const MOST_REACH = 0.92;

/** A curve that bends to one side alone. */
function bent(from: CurveEnd, to: CurveEnd): Segment {
  const meeting = meetLines(from.at, from.way, to.at, to.way);
  const most = (end: CurveEnd, sense: 1 | -1): number => {
    const ahead = meeting ? sense * dot(subtract(meeting, end.at), end.way) : -1;
    return ahead > 0 ? Math.min(end.reach, MOST_REACH * ahead) : end.reach;
  };
  return handleCurve(from.at, from.way, most(from, 1), to.at, to.way, most(to, -1));
}

/** How far a cap's end turns with the underarm seam at most, radians: a steeper one is not square to it. */
const MOST_TURNED = (20 * Math.PI) / 180;
/** On a flat cap it turns by no more than this part of the cap's own rise. */
const MOST_OF_RISE = 0.6;

/**
 * Half a cap from the underarm, out at `width` and down at `height`, to its top at the origin: two cubics, level at the top and
 * square to the underarm seam, that cross the straight line between them steeper than it runs. `taper` is the angle by which the
 * underarm seam leans inwards on its way down, radians. mm.
 */
export function halfCap(face: 'front' | 'back', width: number, height: number, taper = 0): Curve {
  const { crosses, steeper, handles } = shapes[face];
  const side = face === 'front' ? 1 : -1;
  const [underarm, top] = [point(side * width, height), point(0, 0)];
  const base = Math.atan2(height, width);
  const turn = Math.min(steeper * clamp(height / (FLAT * width), 0, 1.2), 0.6 * (Math.PI / 2 - base));
  const middle = between(underarm, top, crosses);
  const along = rotate(unitVector(subtract(top, underarm)), point(0, 0), side * turn);
  const level = point(-side, 0);
  const square = rotate(level, point(0, 0), side * clamp(taper, -MOST_TURNED, Math.min(MOST_TURNED, MOST_OF_RISE * base)));
  const [lower, upper] = [distance(underarm, middle), distance(middle, top)];
  return [
    bent({ at: underarm, way: square, reach: handles[0] * lower }, { at: middle, way: along, reach: handles[1] * lower }),
    bent({ at: middle, way: along, reach: handles[2] * upper }, { at: top, way: level, reach: handles[3] * upper }),
  ];
} // prettier-ignore

/** A cap that is as long as its armhole with ease, and as wide as the arm with ease; mm. */
export interface SleeveCap {
  readonly height: number;
  /** The angle by which its underarm seam leans inwards on its way down, radians. */
  readonly taper: number;
  readonly width: { readonly front: number; readonly back: number };
  /** By how much the cap is narrower or wider than the arm asks, where no height gives just that: the nearest is drawn. */
  readonly off: number;
}

/** A cap is no flatter than this part of both its halves' length, and no higher than these parts of the whole and of the shorter half. The team's drafting study. */
const LEAST = 0.13;
const MOST = { ofWhole: 0.4, ofHalf: 0.74 };

/**
 * Solves the cap: for a height each half as wide as makes it as long as its half of the armhole with ease; then the height at
 * which both halves together are as wide as the arm with ease. `taperAt` is the lean of the underarm seam under a cap of a height.
 */
export function solveCap(
  lengths: { readonly front: number; readonly back: number },
  wanted: number,
  taperAt: (height: number) => number,
): SleeveCap {
  const widthAt = (face: 'front' | 'back', height: number): number =>
    solve(
      (width) => curveLength(halfCap(face, width, height, taperAt(height))) - lengths[face],
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
    taper: taperAt(height),
    width: { front: widthAt('front', height), back: widthAt('back', height) },
    off: Math.abs(residual) < 1e-3 ? 0 : residual,
  };
}

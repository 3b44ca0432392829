import {
  curveLength,
  endDirection,
  endOf,
  placeAtLength,
  startDirection,
  startOf,
  type Curve,
} from '../geometry/curve.ts';
import { angleBetween, cross, distance, subtract, unitVector, type Point } from '../geometry/point.ts';
import { inches } from '../units/length.ts';

/** A free hand joins marks fairly when they are about this far apart; common practice. mm. */
const HAND_SPACING = inches(1.5);
/** Segments that meet flatter than this (radians) run on as one line; a sharper meeting is a corner, which has its own mark. */
const CORNER = 0.2;

/** An edge parted where it turns a corner. */
export function fairRuns(curve: Curve): Curve[] {
  const runs: Curve[] = [];
  for (const segment of curve) {
    const last = runs.at(-1);
    if (last && Math.abs(angleBetween(endDirection(last), startDirection([segment]))) < CORNER)
      runs[runs.length - 1] = [...last, segment];
    else runs.push([segment]);
  }
  return runs;
}

/** The corners inside an edge, where it is not one fair line. */
export const cornersOf = (curve: Curve): Point[] =>
  fairRuns(curve)
    .slice(1)
    .flatMap(([first]) => (first ? [first.a] : []));

/** A run of straight segments that strays no further than this from the line between its ends is a straight line to the chalk, mm. */
const STRAIGHT = 0.3;

/** A fair line is straight when it does not stray from its chord; a curve may have been given as chords, as a cut line is. */
export function isStraight(run: Curve): boolean {
  const [from, to] = [startOf(run), endOf(run)];
  if (distance(from, to) === 0) return false;
  const along = unitVector(subtract(to, from));
  return (
    run.every(({ kind }) => kind === 'line') &&
    run.every(({ b }) => Math.abs(cross(along, subtract(b, from))) <= STRAIGHT)
  );
}

/** Between two marks a curve that bows out by less may be ruled, mm; more marks on it would zigzag once they are rounded. */
const RULED_WITHIN = 1;
/** Places on each stretch between two marks at which its bow is looked at. */
const LOOKED_AT = 5;

/** The greatest distance of a run from the straight lines between so many marks, mm. */
function bow(run: Curve, length: number, steps: number): number {
  const at = (part: number) => placeAtLength(run, length * part).point;
  const bows = Array.from({ length: steps }, (_, step) => {
    const [from, to] = [at(step / steps), at((step + 1) / steps)];
    const along = unitVector(subtract(to, from));
    return Array.from({ length: LOOKED_AT }, (_, index) =>
      Math.abs(cross(along, subtract(at((step + (index + 1) / (LOOKED_AT + 1)) / steps), from))),
    );
  });
  return Math.max(...bows.flat());
}

/** Stretches between the marks of a curve: a hand's spacing, or fewer where it is so flat that fewer can be ruled. */
function stepsOf(run: Curve, length: number): number {
  const close = Math.max(3, Math.ceil(length / HAND_SPACING));
  const fewer = Array.from({ length: close - 2 }, (_, index) => index + 2);
  return fewer.find((steps) => bow(run, length, steps) <= RULED_WITHIN) ?? close;
}

/** Points of one fair line, evenly spread: a straight one needs none between its ends. */
function pointsOf(run: Curve): Point[] {
  const length = curveLength(run);
  const steps = isStraight(run) ? 1 : stepsOf(run, length);
  return Array.from(
    { length: steps },
    (_, index) => placeAtLength(run, (length * (index + 1)) / steps).point,
  );
}

/** Points to chalk an edge through, both ends and its corners included; a curve has three at least. */
export const curvePoints = (curve: Curve): Point[] => [
  ...curve.slice(0, 1).map(({ a }) => a),
  ...fairRuns(curve).flatMap(pointsOf),
];

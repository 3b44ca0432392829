import {
  curveLength,
  endDirection,
  endOf,
  placeAtLength,
  startDirection,
  startOf,
  type Curve,
} from '../geometry/curve.ts';
import { angleBetween, cross, subtract, unitVector, type Point } from '../geometry/point.ts';
import { inches } from '../units/length.ts';

/** A free hand joins marks fairly when they are about this far apart; common practice. mm. */
const HAND_SPACING = inches(1.5);
/** Segments that meet flatter than this (radians) run on as one line; a sharper meeting is a corner, which has its own mark. */
const CORNER = 0.2;

/** An edge parted where it turns a corner. */
function fairRuns(curve: Curve): Curve[] {
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
function isStraight(run: Curve): boolean {
  const [from, to] = [startOf(run), endOf(run)];
  const along = unitVector(subtract(to, from));
  return (
    run.every(({ kind }) => kind === 'line') &&
    run.every(({ b }) => Math.abs(cross(along, subtract(b, from))) <= STRAIGHT)
  );
}

/** Points of one fair line, evenly spread: a straight one needs none between its ends. */
function pointsOf(run: Curve): Point[] {
  const length = curveLength(run);
  const steps = isStraight(run) ? 1 : Math.max(3, Math.ceil(length / HAND_SPACING));
  return Array.from(
    { length: steps },
    (_, index) => placeAtLength(run, (length * (index + 1)) / steps).point,
  );
}

/** Points to chalk an edge through, both ends and its corners included; a curve has four at least. */
export const curvePoints = (curve: Curve): Point[] => [
  ...curve.slice(0, 1).map(({ a }) => a),
  ...fairRuns(curve).flatMap(pointsOf),
];

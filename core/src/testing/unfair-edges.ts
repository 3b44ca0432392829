import { fairRuns } from '../chalk/curve-points.ts';
import { curveLength, placeAtLength, type Curve } from '../geometry/curve.ts';
import { angleBetween } from '../geometry/point.ts';
import type { EdgeRole, Piece } from '../pieces/piece.ts';

/** A bend is seen over so much of an edge, mm: over less a chalk line shows none. */
const SPAN = 10;
const STEP = 2;
/** A bend wider than this is none, mm. */
const STRAIGHT = 500;

/** The angles by which a curve turns over each 10 mm of it, radians. */
const turnsAlong = (curve: Curve): number[] => {
  const places = Math.max(0, Math.floor((curveLength(curve) - SPAN) / STEP) + 1);
  return Array.from({ length: places }, (_, index) => {
    const at = (along: number) => placeAtLength(curve, along).direction;
    return angleBetween(at(index * STEP), at(index * STEP + SPAN));
  });
};

/** Radius of the tightest bend of a curve over any 10 mm of it, its corners aside; mm. */
export const tightestBend = (curve: Curve): number =>
  Math.min(
    ...fairRuns(curve)
      .flatMap(turnsAlong)
      .map((turn) => SPAN / Math.max(Math.abs(turn), 1e-9)),
  );

/** How often a curve changes the side that it bends to. */
function changesOfBend(curve: Curve): number {
  const bent = fairRuns(curve)
    .flatMap(turnsAlong)
    .filter((turn) => Math.abs(turn) >= SPAN / STRAIGHT)
    .map(Math.sign);
  return bent.filter((side, index) => index > 0 && side !== bent[index - 1]).length;
}

/**
 * Least radius by kind of edge on a grown woman, mm, and the most changes of bend. A curve ruler's tight end is about an inch in radius,
 * and a half inch is the least that a seam is turned at without being clipped to the stitch: common practice, no source. Of a seam that
 * shapes a cup or a side that leaves a strapless edge an inch is asked, of what is wide and shallow more: our own.
 */
const fairEdges: { readonly [role in EdgeRole]?: { readonly radius: number; readonly changes: number } } = {
  neck: { radius: 20, changes: 2 },
  inner: { radius: 25, changes: 1 },
  armhole: { radius: 12, changes: 1 },
  princess: { radius: 20, changes: 3 },
  side: { radius: 20, changes: 2 },
  centre: { radius: 90, changes: 2 },
  waist: { radius: 90, changes: 1 },
  hem: { radius: 60, changes: 2 },
  cup: { radius: 20, changes: 1 },
};
/** A child's edges bend as much tighter as a child is smaller. */
const OF_CHILD = 0.65;

/** Edges of a piece that bend tighter, or turn about oftener, than their kind may. */
export const unfairEdges = ({ id: piece, edges }: Piece, kind: 'adult' | 'child'): string[] =>
  edges.flatMap(({ id, role, path }) => {
    const fair = fairEdges[role];
    if (!fair) return [];
    const [radius, changes] = [tightestBend(path), changesOfBend(path)];
    const least = fair.radius * (kind === 'child' ? OF_CHILD : 1);
    if (radius >= least && changes <= fair.changes) return [];
    return [`${piece}/${id}: radius ${radius.toFixed(1)} mm, ${changes} changes of bend`];
  });

import {
  curveLength,
  endDirection,
  endOf,
  pointWhere,
  nearestOn,
  placeAtLength,
  reverseCurve,
  type Curve,
} from '../../../geometry/curve.ts';
import {
  add,
  distance,
  point,
  quarterTurn,
  subtract,
  unitVector,
  type Point,
} from '../../../geometry/point.ts';
import { handleCurve, line } from '../../../geometry/segment.ts';
import { solve } from '../../../geometry/solve.ts';
import { edgeOf, makePiece, type Edge, type EdgeRole, type Piece } from '../../../pieces/piece.ts';
import { highestOn } from '../../../geometry/turns.ts';
import { squareHem } from '../edges/square-hem.ts';
import { roundCorner } from '../edges/round-corner.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { plus, type Working } from '../../../workings/working.ts';
import { after as edgeAfter, before as edgeBefore } from '../../../geometry/loop.ts';

/** Plan of a panel that goes on below the waist to a hem; places on the half-piece, mm. */
export interface LengthenPlan {
  /** Ends at the hem of the edges that met the waist outside and inside. */
  readonly outer: Point;
  readonly inner: Point;
  /** Length over which each edge's corner at the waist is rounded. */
  readonly soften: number;
  readonly allowance: number;
  /** The lowest that the finished width at the hem is measured, straight across; higher where the hem bows up. */
  readonly level: number;
  /** A straight hem falls from end to end, once it has left the outer edge square; else it runs square to both edges. */
  readonly straight?: boolean;
  /** A hem that is pointed passes here, in straight lines. */
  readonly point?: Point;
  /** Further length of its edges, by role. */
  readonly further: { readonly [role in EdgeRole]?: Working };
}

/** Handles of the edge below the waist, as parts of its chord. */
const BELOW = { leaving: 0.3, arriving: 0.35 };
/** Handles of a hem that falls straight, as parts of its chord. */
const STRAIGHT_HEM = { leaving: 0.5, arriving: 0.25 };
/** At most this part of the way from waist to hem is rounded. */
const MOST_ROUNDED = 0.45;
/** The level at which a hem is measured stays this far clear of it, mm. */
export const CLEAR = 1;
/** A centre is straight, and stays so. */
const UPRIGHT = 1e-6;

/** On from the waist: towards the hem at first, half-way to upright when it arrives, with the corner at the waist rounded. */
export function carriedOn(edge: Curve, to: Point, soften: number): Curve {
  const waist = endOf(edge);
  if (Math.abs(to.x - waist.x) < UPRIGHT && Math.abs(endDirection(edge).x) < UPRIGHT)
    return [...edge.slice(0, -1), line(edge.at(-1)?.a ?? waist, to)];
  const chord = unitVector(subtract(to, waist));
  const length = distance(waist, to);
  const arriving = unitVector(add(chord, point(0, 1)));
  const below = [handleCurve(waist, chord, BELOW.leaving * length, to, arriving, BELOW.arriving * length)];
  return roundCorner({ before: edge, after: below }, Math.min(soften, MOST_ROUNDED * length));
}

/** Square to the outer edge, to run on across its seam, then straight to the inner. */
function straightHem(outer: Curve, to: Point): Curve {
  const from = endOf(outer);
  const length = distance(from, to);
  const leaving = quarterTurn(endDirection(outer));
  const arriving = unitVector(subtract(to, from));
  return [
    handleCurve(from, leaving, STRAIGHT_HEM.leaving * length, to, arriving, STRAIGHT_HEM.arriving * length),
  ];
}

/** The point at which an edge passes the waist, now that its corner there is rounded. */
function passed(edge: Curve, corner: Point | undefined): Point {
  if (!corner) throw new Error('a waist level has two ends');
  return placeAtLength(edge, nearestOn(edge, corner).along).point;
}

/** The point at which an edge that runs down crosses a level; its end where it stops short of it. */
function crossing(edge: Curve, level: number): Point {
  return pointWhere(edge, 'y', level) ?? endOf(edge);
}

/** Depth to which an edge is carried on, `x` mm out, to be `wanted` mm long in all: as long as the one it is sewn to. */
export function footAtLength(edge: Curve, x: number, soften: number, wanted: number): Point {
  const waist = endOf(edge).y;
  const { x: y } = solve(
    (level) => curveLength(carriedOn(edge, point(x, level), soften)) - wanted,
    waist + 5,
    waist + 2 * Math.max(10, wanted),
  );
  return point(x, y);
}

/**
 * Lengthens a panel below its waist. The waist is no seam any more, only a level; the edges that met it run on to the hem,
 * rounded where they pass it. Widths at the hem are the plan's; what rounding adds at the waist is for the caller to give back.
 */
export function lengthen(panel: Piece, plan: LengthenPlan): Piece {
  const waist = edgeOf(panel, 'waist');
  const [before, after] = [edgeBefore(panel.edges, waist), edgeAfter(panel.edges, waist)];
  const outer = carriedOn(before.path, plan.outer, plan.soften);
  const inner = reverseCurve(carriedOn(reverseCurve(after.path), plan.inner, plan.soften));
  const hem: Edge = {
    id: 'hem',
    role: 'hem',
    allowance: plan.allowance,
    path: plan.point
      ? [line(plan.outer, plan.point), line(plan.point, plan.inner)]
      : plan.straight
        ? straightHem(outer, plan.inner)
        : squareHem(outer, inner),
  };
  const level = Math.min(plan.level, highestOn(hem.path) - CLEAR);
  const paths: ReadonlyMap<string, Curve> = new Map([
    [before.id, outer],
    [after.id, inner],
  ]);
  // Notches of an edge that now starts at the hem count from there.
  const gained = (id: string) => (id === after.id ? curveLength(inner) - curveLength(after.path) : 0);
  const longer = makePiece({
    ...panel,
    edges: panel.edges.map((edge) => {
      if (edge === waist) return hem;
      const path = paths.get(edge.id);
      return path ? { ...edge, path } : edge;
    }),
    notches: panel.notches
      .filter(({ edge }) => edge !== waist.id)
      .map((notch) => ({ ...notch, at: notch.at + gained(notch.edge) })),
    levels: [
      ...panel.levels.map((each) =>
        each.name === 'waist'
          ? { ...each, path: [passed(inner, each.path[0]), passed(outer, each.path.at(-1))] }
          : each,
      ),
      { name: 'hem', path: [crossing(reverseCurve(inner), level), crossing(outer, level)] },
    ],
  });
  return carryDimensions(panel, longer, ({ at }) => {
    const further = at.kind === 'run' ? plan.further[at.of] : undefined;
    return { terms: further ? [plus(further)] : [], change: 'curve' };
  });
}

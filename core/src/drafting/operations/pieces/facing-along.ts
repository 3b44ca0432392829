import { curveLength, placeAtLength, type Curve } from '../../../geometry/curve.ts';
import { after, before } from '../../../geometry/loop.ts';
import {
  add,
  distance,
  quarterTurn,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';
import { edgeLength, edgeOf, type Edge, type Piece } from '../../../pieces/piece.ts';
import { cutAcross } from '../panels/cut-across.ts';

/** A facing as deep as this behind a run of edges that follow each other, mm. */
export interface RunFacingPlan {
  /** The first and the last edge of the run in the order of the loop. */
  readonly from: string;
  readonly to: string;
  readonly depth: number;
  readonly id: string;
  readonly name: string;
  readonly allowance: number;
}

/** The inner edge is drawn through points this far apart along the run, mm. */
const STEP = 12;
/** A point of the inner edge nearer to the run than this part of its depth lies behind a corner, and is left out. */
const CLEAR = 0.97;

/** The edges of a run, from the first to the last in the order of the loop. */
function runOf(piece: Piece, from: string, to: string): Edge[] {
  const [first, last] = [edgeOf(piece, from), edgeOf(piece, to)];
  const run = [first];
  for (let edge = first; edge !== last;) {
    edge = after(piece.edges, edge);
    run.push(edge);
    if (run.length > piece.edges.length) throw new Error(`${piece.id} has no run from ${from} to ${to}`);
  }
  return run;
}

/** Points along a run, each with the direction into the piece: loops run clockwise, so that it lies to the right. */
function inward(run: readonly Edge[]): { readonly p: Point; readonly into: Point }[] {
  return run.flatMap(({ path }) => {
    const count = Math.max(2, Math.ceil(curveLength(path) / STEP));
    return Array.from({ length: count + 1 }, (_, index) => {
      const { point, direction } = placeAtLength(path, (curveLength(path) * index) / count);
      return { p: point, into: quarterTurn(unitVector(direction)) };
    });
  });
}

/** A curve through points, at each along the line between its neighbours. */
function through(points: readonly Point[]): Curve {
  const tangent = (index: number): Point => {
    const [a, b] = [points[Math.max(0, index - 1)], points[Math.min(points.length - 1, index + 1)]];
    return a && b ? unitVector(subtract(b, a)) : { x: 1, y: 0 };
  };
  return points.slice(1).map((q, index) => {
    const p = points[index] ?? q;
    const third = distance(p, q) / 3;
    return handleCurve(p, tangent(index), third, q, tangent(index + 1), third);
  });
}

/**
 * Parts a facing from a piece behind any run of its edges, everywhere as deep as is asked: along the edges beside the run, and
 * square to it between them. The facing keeps the run and its notches, and sews to it edge to edge; what is left is the lining's.
 */
export function facingAlong(
  piece: Piece,
  plan: RunFacingPlan,
): { readonly facing: Piece; readonly rest: Piece } {
  const run = runOf(piece, plan.from, plan.to);
  const [first, last] = [edgeOf(piece, plan.from), edgeOf(piece, plan.to)];
  const [preceding, following] = [before(piece.edges, first), after(piece.edges, last)];
  const start = { edge: preceding.id, at: edgeLength(preceding) - plan.depth };
  const end = { edge: following.id, at: plan.depth };
  if (start.at <= 0 || end.at >= edgeLength(following))
    throw new Error(`${piece.id} is not deep enough beside ${plan.from} for a facing of ${plan.depth} mm`);
  const [a, b] = [placeAtLength(preceding.path, start.at).point, placeAtLength(following.path, end.at).point];
  const along = inward(run);
  const clear = along
    .map(({ p, into }) => add(p, scale(into, plan.depth)))
    .filter((q) => along.every(({ p }) => distance(p, q) >= CLEAR * plan.depth))
    .filter((q) => [a, b].every((each) => distance(each, q) > STEP / 2));
  const inner = { id: 'inner', role: 'inner', allowance: plan.allowance } as const;
  const { between: kept, beyond: rest } = cutAcross(piece, start, end, through([a, ...clear, b]), inner);
  return { facing: { ...kept, id: plan.id, name: plan.name, part: 'facing' }, rest };
}

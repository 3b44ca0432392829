import { endOf, mapCurve, splitCurve, startOf } from '../../../geometry/curve.ts';
import { after, before, between } from '../../../geometry/loop.ts';
import { angleBetween, rotate, subtract, type Point } from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import {
  edgeLength,
  edgeOf,
  edgesThrough,
  makePiece,
  type Dart,
  type Edge,
  type Level,
  type Notch,
  type Piece,
} from '../../../pieces/piece.ts';
import type { PlaceOnLoop } from '../../../pieces/place-on-loop.ts';
import { mergeEdges } from '../edges/merge-edges.ts';

/** The dart that is moved, and where it opens afterwards. */
export interface PivotPlan {
  readonly dart: string;
  readonly to: PlaceOnLoop;
  readonly opens: Pick<Dart, 'in' | 'pressed'>;
  /** Ids of the two parts of the edge that it opens into, in the order of the loop. */
  readonly parts: readonly [string, string];
  /** Id of the edge that the two beside the old mouth make together; they stay apart without one. */
  readonly closed?: string;
}

/** The legs of a dart that is closed differ by no more than this, mm. */
const EQUAL = 0.5;

interface Opened {
  readonly edges: readonly Edge[];
  readonly isTurned: (edge: Edge) => boolean;
  readonly turn: (p: Point) => Point;
}

/** The loop with the dart's angle closed and opened again: one of the two parts between mouth and new place is turned about the tip. */
function turned(piece: Piece, dart: Dart, plan: PivotPlan): Opened {
  const [first, second] = dart.legs.map((leg) => edgeOf(piece, leg)) as [Edge, Edge];
  const into = edgeOf(piece, plan.to.edge);
  const tip = endOf(first.path);
  const [inner, outer] = [startOf(first.path), endOf(second.path)];
  const angle = angleBetween(subtract(outer, tip), subtract(inner, tip));
  const beyond = between(piece.edges, second, into);
  const behind = between(piece.edges, into, first);
  // The fold stays where it is.
  const turnsBeyond = !beyond.some(({ role }) => role === 'fold');
  const moving = new Set(turnsBeyond ? beyond : behind);
  const turn = (p: Point): Point => rotate(p, tip, turnsBeyond ? angle : -angle);
  const [head, tail] = splitCurve(into.path, plan.to.at);
  const [near, far] = turnsBeyond ? [mapCurve(head, turn), tail] : [head, mapCurve(tail, turn)];
  const leg = (edge: Edge, a: Point, b: Point): Edge => ({ ...edge, path: [line(a, b)] });
  const opened: readonly Edge[] = [
    { ...into, id: plan.parts[0], path: near },
    leg(first, endOf(near), tip),
    leg(second, tip, startOf(far)),
    { ...into, id: plan.parts[1], path: far },
  ];
  return {
    turn,
    isTurned: (edge) => moving.has(edge),
    edges: piece.edges.flatMap((edge) => {
      if (edge === first || edge === second) return [];
      if (edge === into) return opened;
      return moving.has(edge) ? [{ ...edge, path: mapCurve(edge.path, turn) }] : [edge];
    }),
  };
}

/** The edges beside the old mouth, as they are called afterwards: of the one that the dart now opens into, the nearer part. */
function besideMouth(piece: Piece, first: Edge, second: Edge, { to, parts }: PivotPlan): [string, string] {
  const [edge, next] = [before(piece.edges, first).id, after(piece.edges, second).id];
  return [edge === to.edge ? parts[1] : edge, next === to.edge ? parts[0] : next];
}

/**
 * Moves a dart to another edge: its mouth is closed about its tip and opens there instead, by the same angle. Every edge keeps
 * its length; only the one that it now opens into is in two parts. Throws for a dart whose legs are not equally long, or a
 * place on an edge of its own.
 */
export function pivotDart(piece: Piece, plan: PivotPlan): Piece {
  const dart = piece.darts.find(({ id }) => id === plan.dart);
  if (!dart || dart.legs.some((leg) => leg === plan.to.edge))
    throw new Error(`${piece.id} has no dart ${plan.dart} to move to ${plan.to.edge}`);
  const [first, second] = dart.legs.map((leg) => edgeOf(piece, leg)) as [Edge, Edge];
  if (Math.abs(edgeLength(first) - edgeLength(second)) > EQUAL)
    throw new Error(`${piece.id}: the legs of ${plan.dart} differ, so that it cannot be closed`);
  const { edges, isTurned, turn } = turned(piece, dart, plan);
  const ends = new Set(piece.edges.filter(isTurned).map(({ id }) => id));
  const level = (each: Level): Level => ({
    ...each,
    path: each.path.map((end) => (edgesThrough(piece, end).some(({ id }) => ends.has(id)) ? turn(end) : end)),
  });
  const notch = (each: Notch): Notch => {
    if (each.edge !== plan.to.edge) return each;
    return each.at <= plan.to.at
      ? { ...each, edge: plan.parts[0] }
      : { ...each, edge: plan.parts[1], at: each.at - plan.to.at };
  };
  const moved = makePiece({
    ...piece,
    edges,
    notches: piece.notches.map(notch),
    darts: piece.darts.map((each): Dart => (each === dart ? { ...dart, ...plan.opens } : each)),
    levels: piece.levels.map(level),
  });
  const closed = plan.closed
    ? mergeEdges(moved, ...besideMouth(piece, first, second, plan), plan.closed)
    : moved;
  return carryDimensions(piece, closed, () => ({ change: 'turned' }));
}

/** The angle of a dart at its tip, radians. */
export function dartAngle(piece: Piece, { legs: [first, second] }: Dart): number {
  const tip = endOf(edgeOf(piece, first).path);
  return Math.abs(
    angleBetween(
      subtract(startOf(edgeOf(piece, first).path), tip),
      subtract(endOf(edgeOf(piece, second).path), tip),
    ),
  );
}

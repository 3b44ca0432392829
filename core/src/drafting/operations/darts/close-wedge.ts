import { curveLength, endOf, mapCurve, splitCurve, startedAt, startOf } from '../../../geometry/curve.ts';
import { angleBetween, rotate, subtract, type Point } from '../../../geometry/point.ts';
import { solve } from '../../../geometry/solve.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import type { LevelName } from '../../../pieces/level.ts';
import {
  edgeOf,
  edgesThrough,
  makePiece,
  type Edge,
  type Level,
  type Notch,
  type Piece,
} from '../../../pieces/piece.ts';
import { changed, plus, type Working } from '../../../workings/working.ts';
import { between } from '../../../geometry/loop.ts';

export interface WedgePlan {
  /** The edge that is made shorter, and where, as a part of it from its start. */
  readonly edge: string;
  readonly at: number;
  /** Intake on that edge. */
  readonly by: Working;
  /** The dart that opens by it: all between the edge and the dart is turned about its tip. */
  readonly dart: string;
  readonly operation: string;
  readonly level: LevelName | 'armhole';
}

/** A wedge narrower than chalk can show is none, mm. */
const LEAST = 0.5;
/** A wedge takes at most this part of its edge. */
const MOST = 0.4;

/**
 * Closes a wedge in an edge and opens the dart that it points to: the pivot of the trade. What lies between them is turned about
 * the dart's tip, so that no other edge changes its length, and the dart's legs stay equal. The edge must come before the
 * dart in the loop.
 */
export function closeWedge(piece: Piece, plan: WedgePlan): Piece {
  const edge = edgeOf(piece, plan.edge);
  const dart = piece.darts.find(({ id }) => id === plan.dart);
  if (!dart) throw new Error(`${piece.id} has no dart ${plan.dart} to open`);
  const [first] = dart.legs;
  const [from, to] = [piece.edges.indexOf(edge), piece.edges.findIndex(({ id }) => id === first)];
  if (from >= to) throw new Error(`${piece.id}: ${plan.edge} does not come before ${plan.dart}`);
  const whole = curveLength(edge.path);
  const mm = Math.min(plan.by.mm, MOST * whole);
  if (mm < LEAST) return piece;
  const tip = endOf(edgeOf(piece, first).path);
  const at = plan.at * whole;
  const [before, rest] = splitCurve(edge.path, at);
  const p = endOf(before);
  const close = (cut: number) => {
    const after = splitCurve(rest, cut)[1];
    const angle = angleBetween(subtract(startOf(after), tip), subtract(p, tip));
    const turn = (each: Point): Point => rotate(each, tip, angle);
    return { turn, path: [...before, ...startedAt(mapCurve(after, turn), p)] };
  };
  // The edge does not run square to the wedge: what is cut out of it is found so that it loses just `mm`.
  const most = Math.min(2 * mm, curveLength(rest) - 1);
  const { x: cut } = solve((each) => whole - curveLength(close(each).path) - mm, mm / 4, most);
  const { turn, path } = close(cut);
  const turned = [...between(piece.edges, edge, edgeOf(piece, first)), edgeOf(piece, first)];
  const edges = piece.edges.map((each): Edge => {
    if (each === edge) return { ...each, path };
    return turned.includes(each) ? { ...each, path: mapCurve(each.path, turn) } : each;
  });
  const isTurned = (end: Point): boolean =>
    edgesThrough(piece, end).some(({ id }) => turned.some((each) => each.id === id && each.role !== 'dart'));
  const level = (each: Level): Level => ({
    ...each,
    path: each.path.map((end, index) => (index === each.path.length - 1 && isTurned(end) ? turn(end) : end)),
  });
  const notch = (each: Notch): Notch =>
    each.edge === edge.id && each.at > at ? { ...each, at: Math.max(at, each.at - mm) } : each;
  const closed = makePiece({
    ...piece,
    edges,
    notches: piece.notches.map(notch),
    levels: piece.levels.map(level),
    intakes: [...piece.intakes, { operation: plan.operation, level: plan.level, mm }],
  });
  const taken = changed(plan.by, 'kept', mm - plan.by.mm);
  return carryDimensions(piece, closed, ({ at }) =>
    at.kind === 'dart' && at.dart === plan.dart && at.part === 'intake'
      ? { terms: [plus(taken)], change: 'turned' }
      : { change: 'turned' },
  );
}

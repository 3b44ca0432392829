import {
  curveLength,
  lengthWhere,
  mapCurve,
  placeAtLength,
  splitCurve,
  type Curve,
} from '../../geometry/curve.ts';
import { add, point, type Point } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { edgeOf, makePiece, type Edge, type Level, type Notch, type Piece } from '../../pieces/piece.ts';

export interface SpreadPlan {
  /** The upright line that the piece is slashed on, x in mm. */
  readonly at: number;
  /** How far what lies beyond it is moved out, mm. */
  readonly by: number;
}

/** Where an edge passes the slash; undefined for one that lies on one side of it. */
const passes = ({ path }: Edge, at: number): number | undefined => {
  const along = lengthWhere(path, 'x', at);
  return along === undefined || along < 1e-6 || along > curveLength(path) - 1e-6 ? undefined : along;
};

const isBeyond = (p: Point, at: number): boolean => p.x > at;

/** An edge with what lies beyond the slash moved out, and a straight stretch across the gap. */
function spreadEdge(edge: Edge, { at, by }: SpreadPlan): Edge {
  const out = (path: Curve) => mapCurve(path, (p) => add(p, point(by, 0)));
  const along = passes(edge, at);
  if (along === undefined) {
    const middle = placeAtLength(edge.path, curveLength(edge.path) / 2).point;
    return isBeyond(middle, at) ? { ...edge, path: out(edge.path) } : edge;
  }
  const [first, second] = splitCurve(edge.path, along);
  const p = placeAtLength(edge.path, along).point;
  const q = add(p, point(by, 0));
  const startsBeyond = isBeyond(placeAtLength(first, 0).point, at);
  return {
    ...edge,
    path: startsBeyond ? [...out(first), line(q, p), ...second] : [...first, line(p, q), ...out(second)],
  };
}

/**
 * Slashes a piece on an upright line and spreads it in parallel: edges that pass the line gain exactly `by`, all others keep
 * their lengths and are moved. The line must be passed by two edges and by no dart.
 */
export function spreadInParallel(piece: Piece, plan: SpreadPlan): Piece {
  const { at, by } = plan;
  const passed = piece.edges.filter((edge) => passes(edge, at) !== undefined);
  if (passed.length !== 2 || piece.darts.length > 0)
    throw new Error(`${piece.id} cannot be slashed at ${at}: ${passed.length} edges pass there`);
  const moved = (p: Point): Point => (isBeyond(p, at) ? add(p, point(by, 0)) : p);
  const spread = piece.edges.map((edge) => spreadEdge(edge, plan));
  const notch = (each: Notch): Notch => {
    const edge = edgeOf(piece, each.edge);
    const along = passes(edge, at);
    return along !== undefined && each.at > along ? { ...each, at: each.at + by } : each;
  };
  return makePiece({
    ...piece,
    edges: spread,
    notches: piece.notches.map(notch),
    levels: piece.levels.map((level): Level => ({ ...level, path: level.path.map(moved) })),
    intakes: [...piece.intakes, { operation: 'spread in parallel', level: 'hem', mm: -by }],
  });
}

import {
  curveLength,
  lengthWhere,
  mapCurve,
  placeAtLength,
  splitCurve,
  type Curve,
} from '../../../geometry/curve.ts';
import { add, distance, point, rotate, type Point } from '../../../geometry/point.ts';
import { solve } from '../../../geometry/solve.ts';
import { line } from '../../../geometry/segment.ts';
import { edgeOf, makePiece, type Edge, type Level, type Notch, type Piece } from '../../../pieces/piece.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { drawnTerm } from '../../../workings/working.ts';

export interface SpreadPlan {
  /** The upright line that the piece is slashed on, x in mm. */
  readonly at: number;
  /** Opening of the slash at the upper and at the lower of the two edges that it passes, mm: alike, or at one alone. */
  readonly upper: number;
  readonly lower: number;
}

/** The place at which an edge passes the slash; undefined for one that lies on one side of it. */
const passes = ({ path }: Edge, at: number): number | undefined => {
  const along = lengthWhere(path, 'x', at);
  return along === undefined || along < 1e-6 || along > curveLength(path) - 1e-6 ? undefined : along;
};

const isBeyond = (p: Point, at: number): boolean => p.x > at + 1e-9;

type Move = (p: Point) => Point;

/** An edge with what lies beyond the slash moved, and a straight stretch across the gap. */
function spreadEdge(edge: Edge, at: number, move: Move): Edge {
  const along = passes(edge, at);
  if (along === undefined) {
    const middle = placeAtLength(edge.path, curveLength(edge.path) / 2).point;
    return isBeyond(middle, at) ? { ...edge, path: mapCurve(edge.path, move) } : edge;
  }
  const [first, second] = splitCurve(edge.path, along);
  const p = placeAtLength(edge.path, along).point;
  const q = move(p);
  const gap: Curve = distance(p, q) > 1e-9 ? [line(p, q)] : [];
  const back: Curve = gap.length > 0 ? [line(q, p)] : [];
  return {
    ...edge,
    path: isBeyond(placeAtLength(first, 0).point, at)
      ? [...mapCurve(first, move), ...back, ...second]
      : [...first, ...gap, ...mapCurve(second, move)],
  };
}

/** The part beyond the slash moved out by the smaller opening, and swung about that end until the other opens as wanted. */
function swing(slash: { readonly above: Point; readonly below: Point }, upper: number, lower: number): Move {
  const [hinge, free] = upper <= lower ? [slash.above, slash.below] : [slash.below, slash.above];
  const [least, most] = [Math.min(upper, lower), Math.max(upper, lower)];
  const sense = upper <= lower ? -1 : 1;
  const by =
    (angle: number): Move =>
    (p) =>
      add(rotate(p, hinge, sense * angle), point(least, 0));
  const { x } = solve((angle) => distance(by(angle)(free), free) - most, 0, Math.PI / 3);
  return by(most - least < 1e-9 ? 0 : x);
}

/**
 * Slashes a piece on an upright line and spreads it: what lies beyond is moved out and swung, so that the edges that pass the
 * line gain what the slash opens there and all others keep their lengths. Open alike above and below it is spread in parallel;
 * at one alone it is hinged at the other. The line must be passed by two edges and by no dart.
 */
export function spread(piece: Piece, { at, upper, lower }: SpreadPlan): Piece {
  const passed = piece.edges.flatMap((edge) => {
    const along = passes(edge, at);
    return along === undefined ? [] : [placeAtLength(edge.path, along).point];
  });
  const [above, below] = passed.sort((p, q) => p.y - q.y);
  if (passed.length !== 2 || !above || !below || piece.darts.length > 0)
    throw new Error(`${piece.id} cannot be slashed at ${at}: ${passed.length} edges pass there`);
  const move = swing({ above, below }, upper, lower);
  const gains = (edge: Edge): number => curveLength(spreadEdge(edge, at, move).path) - curveLength(edge.path);
  const notch = (each: Notch): Notch => {
    const edge = edgeOf(piece, each.edge);
    const along = passes(edge, at);
    return along !== undefined && each.at > along ? { ...each, at: each.at + gains(edge) } : each;
  };
  const open = makePiece({
    ...piece,
    edges: piece.edges.map((edge) => spreadEdge(edge, at, move)),
    notches: piece.notches.map(notch),
    levels: piece.levels.map((level): Level => ({
      ...level,
      path: level.path.map((p) => (isBeyond(p, at) ? move(p) : p)),
    })),
    intakes: [...piece.intakes, { operation: 'spread', level: 'hem', mm: -lower }],
  });
  return carryDimensions(piece, open, ({ at }, moved) =>
    at.kind === 'width' || (at.kind === 'run' && moved > 0)
      ? { terms: [drawnTerm('spread there', moved)], change: 'curve' }
      : { change: 'turned' },
  );
}

/** Several slashes, each hinged above and opened below by its part of `by`, mm: the lower edge swings out like a fan. */
export const spreadLikeAFan = (piece: Piece, places: readonly number[], by: number): Piece =>
  [...places]
    .sort((a, b) => b - a)
    .reduce((whole, at) => spread(whole, { at, upper: 0, lower: by / places.length }), piece);

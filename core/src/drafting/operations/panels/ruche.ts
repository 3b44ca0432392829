import { distance } from '../../../geometry/point.ts';
import { partedAt, placeAtLength, reverseCurve, type Curve } from '../../../geometry/curve.ts';
import { handleCurve, line } from '../../../geometry/segment.ts';
import { edgeLength, edgeOf, replaceEdge, type InnerLine, type Piece } from '../../../pieces/piece.ts';
import { pointOn, type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';
import { slash } from './slash.ts';

/** Slashes across a piece that was opened flat, from one side to the other: opened at the first, hinged at the second; mm. */
export interface RuchePlan {
  /** The side that is gathered, which runs down, and the one across from it, which runs up, by the ids of their edges. */
  readonly side: string;
  readonly across: string;
  /** How far down both sides each slash lies, the upper first. */
  readonly downs: readonly number[];
  /** Opening of each at the side. */
  readonly open: number;
}

/** mm. */
const A_HAIR = 1e-6;

/** A side drawn fair over its corners, through places between them, mm down it; above the first and below the last it stays. */
function fairThrough(path: Curve, knots: readonly number[]): Curve {
  const [first = 0, last = 0] = [knots[0], knots.at(-1)];
  const [head] = partedAt(path, first, A_HAIR);
  const [, tail] = partedAt(path, last, A_HAIR);
  const bows = knots.slice(1).map((to, index) => {
    const [p, q] = [placeAtLength(path, knots[index] ?? 0), placeAtLength(path, to)];
    const handle = distance(p.point, q.point) / 3;
    return handleCurve(p.point, p.direction, handle, q.point, q.direction, handle);
  });
  return [...head, ...bows, ...tail];
}

/** Both sides drawn fair: at each slash they have a corner, on the one side at both lips of its opening. */
function withFairSides(piece: Piece, { side, across, downs, open }: RuchePlan): Piece {
  const [first = 0, second = first] = downs;
  const half = (second - first) / 2;
  const between = [first - half, ...downs.map((down) => down + half)];
  const ruched = fairThrough(
    edgeOf(piece, side).path,
    between.map((down, index) => down + index * open),
  );
  const hinged = fairThrough(reverseCurve(edgeOf(piece, across).path), between);
  return replaceEdge(replaceEdge(piece, side, ruched), across, reverseCurve(hinged));
}

/**
 * Slashes a piece into strips and spreads them: its side is longer by each opening, the other keeps its length. The slashes are
 * opened from the top down, and numbered so; each is a line on the piece from the side to its hinge and back.
 */
export function ruche(piece: Piece, plan: RuchePlan): Piece {
  const { side, across, downs, open } = plan;
  const hingeOn = (on: Piece, down: number): PlaceOnLoop => ({
    edge: across,
    at: edgeLength(edgeOf(on, across)) - down,
  });
  const spread = downs.reduce((before, down, index) => {
    const from = { edge: side, at: down + index * open };
    const to = hingeOn(before, down);
    const after = slash(before, { from, to, open: { from: open, to: 0 } });
    const [upper, lower] = [pointOn(after, from), pointOn(after, { ...from, at: from.at + open })];
    const hinge = pointOn(after, hingeOn(after, down));
    const opened: InnerLine = {
      id: `slash-${index + 1}`,
      label: `Slash ${index + 1}: strip ${index + 1} stays above it, strip ${index + 2} swings down`,
      path: [line(upper, hinge), line(hinge, lower)],
    };
    return { ...after, lines: [...(after.lines ?? []), opened] };
  }, piece);
  return withFairSides(spread, plan);
}

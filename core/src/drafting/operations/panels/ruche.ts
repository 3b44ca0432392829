import { reverseCurve } from '../../../geometry/curve.ts';
import { line } from '../../../geometry/segment.ts';
import { fairThrough } from '../edges/fair-through.ts';
import { edgeLength, edgeOf, replaceEdge, type InnerLine, type Piece } from '../../../pieces/piece.ts';
import { pointOn, type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';
import { slash } from './slash.ts';

/** Slashes across a piece that was opened flat, from one side to the other: opened at the first, hinged at the second; mm. */
export interface RuchePlan {
  /** The side that is gathered, which runs down, and the one across from it, which runs up, by the ids of their edges. */
  readonly side: string;
  readonly across: string;
  /** Distance of each slash down both sides, the upper first. */
  readonly downs: readonly number[];
  /** Opening of each at the side. */
  readonly open: number;
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

import { placeAtLength } from '../../../geometry/curve.ts';
import { distance, quarterTurn, scale } from '../../../geometry/point.ts';
import { handleCurve } from '../../../geometry/segment.ts';
import { edgeLength, edgeOf, type Piece } from '../../../pieces/piece.ts';
import { pointOn } from '../../../pieces/place-on-loop.ts';
import { keepBetween } from './cut-across.ts';

export interface SlantPlan {
  /** The side on which the hem is raised, by the id of its edge that runs down to it, and the other, which runs up from it. */
  readonly raised: string;
  readonly other: string;
  /** Less length of that side, mm. */
  readonly by: number;
  readonly allowance: number;
}

/** Handles of the hem, as parts of its chord; it leaves both sides square. */
const HANDLE = 0.25;
/** The other side is cut a hair above its corner, mm, so that the hem there is drawn anew as well. */
const A_HAIR = 0.05;

/** The hem of a piece that was opened flat, raised on one side. */
export function slantHem(whole: Piece, { raised, other, by, allowance }: SlantPlan): Piece {
  const [down, up] = [edgeOf(whole, raised), edgeOf(whole, other)];
  const to = { edge: raised, at: edgeLength(down) - Math.max(by, A_HAIR) };
  const from = { edge: other, at: A_HAIR };
  const [start, end] = [pointOn(whole, from), pointOn(whole, to)];
  const handle = HANDLE * distance(start, end);
  const square = (edge: typeof down, at: number) => quarterTurn(placeAtLength(edge.path, at).direction);
  const path = [handleCurve(start, square(up, from.at), handle, end, scale(square(down, to.at), -1), handle)];
  return keepBetween(whole, from, to, path, { id: 'hem', role: 'hem', allowance });
}

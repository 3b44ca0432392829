import { curveLength, splitCurve, type Curve } from '../../geometry/curve.ts';
import { after } from '../../geometry/loop.ts';
import { edgesWithRole, type Edge, type Piece } from '../../pieces/piece.ts';

/** A slit leaves at least this part of the side closed. */
const MOST_OPEN = 0.8;

/** Whether a side runs down to its hem, as a front’s does. */
const runsDown = (piece: Piece, side: Edge): boolean => after(piece.edges, side).role === 'hem';

/** The foot of a piece’s side opened by so much of it, mm: both layers turn their own edge in there. */
export function slitSide(piece: Piece, by: number, allowance: number): Piece {
  const side = edgesWithRole(piece, 'side').find((edge) => runsDown(piece, edge));
  if (!side || by <= 0) return piece;
  const whole = curveLength(side.path);
  const [above, below]: readonly [Curve, Curve] = splitCurve(side.path, whole - Math.min(by, MOST_OPEN * whole));
  const slit: Edge = { id: 'side-slit', role: 'slit', path: below, allowance };
  return {
    ...piece,
    edges: piece.edges.flatMap((edge) => (edge === side ? [{ ...side, path: above }, slit] : [edge])),
  };
} // prettier-ignore

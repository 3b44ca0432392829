import { endDirection, endOf, placeAtLength, splitCurve, startOf, type Curve } from '../../geometry/curve.ts';
import { distance, point, quarterTurn, scale } from '../../geometry/point.ts';
import { handleCurve } from '../../geometry/segment.ts';
import { edgeLength, makePiece, type Level, type Piece } from '../../pieces/piece.ts';

/** At most this part of the side above a dart is cut away. */
const MOST_OF_SIDE = 0.4;
/** Handles of the new curve below the pitch, as parts of its drop and of its run. */
const CURVE = { leaving: 0.55, arriving: 0.55 };

/**
 * Ends the armhole so far down the side, mm, for a garment that is open or sleeveless: above its narrowest point it stays, below
 * it is drawn anew, square to the side. The side loses the same at its top, so that front and back still meet.
 */
export function lowerArmhole(piece: Piece, by: number): Piece {
  const index = piece.edges.findIndex(({ role }) => role === 'armhole');
  const [armhole, side] = [piece.edges[index], piece.edges[index + 1]];
  if (!armhole || side?.role !== 'side') throw new Error(`${piece.id} has no side below its armhole`);
  const cut = Math.min(by, MOST_OF_SIDE * edgeLength(side));
  if (cut <= 0) return piece;
  const { point: foot, direction } = placeAtLength(side.path, cut);
  const upper = armhole.path.slice(0, -1);
  const from = upper.length > 0 ? endOf(upper) : startOf(armhole.path);
  const down = upper.length > 0 ? endDirection(upper) : point(0, 1);
  const lower = handleCurve(
    from,
    down,
    CURVE.leaving * Math.abs(foot.y - from.y),
    foot,
    scale(quarterTurn(direction), -1),
    CURVE.arriving * Math.max(1, distance(point(from.x, 0), point(foot.x, 0))),
  );
  const rest: Curve = splitCurve(side.path, cut)[1];
  const level = (each: Level): Level =>
    each.name === 'chest' ? { ...each, path: [point(0, foot.y), foot] } : each;
  return makePiece({
    ...piece,
    edges: piece.edges.map((edge) => {
      if (edge === armhole) return { ...edge, path: [...upper, lower] };
      return edge === side ? { ...edge, path: rest } : edge;
    }),
    notches: piece.notches.flatMap((notch) => {
      if (notch.edge === side.id) return notch.at > cut ? [{ ...notch, at: notch.at - cut }] : [];
      return [notch];
    }),
    levels: piece.levels.map(level),
  });
}

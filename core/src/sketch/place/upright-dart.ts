import { clamp } from '../../geometry/clamp.ts';
import { endOf, startOf } from '../../geometry/curve.ts';
import { between, type Point } from '../../geometry/point.ts';
import { contourOpening, type ContourDart } from '../../pieces/contour-dart.ts';
import { edgeOf, type Dart, type Piece } from '../../pieces/piece.ts';

/** The three corners of a dart. */
export interface DartCorners {
  readonly mouth: readonly [Point, Point];
  readonly tip: Point;
}

export function dartCorners(piece: Piece, { legs }: Pick<Dart, 'legs'>): DartCorners {
  const [first, second] = [edgeOf(piece, legs[0]).path, edgeOf(piece, legs[1]).path];
  return { mouth: [startOf(first), endOf(second)], tip: endOf(first) };
}

/** Darts that open downwards or upwards: those in the waist, not those in the side or the neck. */
export const uprightDarts = (piece: Piece): DartCorners[] =>
  piece.darts.filter((dart) => dart.in === 'waist').map((dart) => dartCorners(piece, dart));

/** Move of a point towards the centre as an upright dart closes, mm. */
export function closedBy({ mouth, tip }: DartCorners, { x, y }: Point): number {
  const foot = between(mouth[0], mouth[1], 0.5);
  const part = clamp((y - tip.y) / (foot.y - tip.y), 0, 1);
  if (part === 0) return 0;
  const opening = Math.abs(mouth[0].x - mouth[1].x) * part;
  const hand = Math.sign(tip.x);
  const axis = hand * (tip.x + (foot.x - tip.x) * part);
  return clamp(hand * x - (axis - opening / 2), 0, opening);
}

/** The same of a dart inside the piece. */
export const contourClosedBy = (dart: ContourDart, { x, y }: Point): number => {
  const opening = contourOpening(dart, y);
  return clamp(x - (dart.top.x - opening / 2), 0, opening);
};

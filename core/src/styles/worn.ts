import type { WornPart } from '../drafting/draft.ts';
import {
  curveLength,
  endOf,
  lengthWhere,
  placeAtLength,
  reverseCurve,
  startOf,
  type Curve,
} from '../geometry/curve.ts';
import { add, point, subtract, type Point } from '../geometry/point.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { edgeOf, stitchRing, type Dart, type Piece } from '../pieces/piece.ts';

const still = point(0, 0);

/** How far a dart stands open beside a place: towards its mouth in proportion, nothing beyond its tip. */
function openingBeside(piece: Piece, dart: Dart, p: Point): { mm: number; beyond: boolean } {
  const [first, second] = [edgeOf(piece, dart.legs[0]).path, edgeOf(piece, dart.legs[1]).path];
  const [outer, tip, inner] = [startOf(first), endOf(first), endOf(second)];
  if (dart.id.startsWith('waist')) {
    const mouth = (outer.y + inner.y) / 2;
    const part = (p.y - tip.y) / (mouth - tip.y);
    const axis = tip.x + ((outer.x + inner.x) / 2 - tip.x) * Math.max(0, part);
    return { mm: (outer.x - inner.x) * Math.min(1, Math.max(0, part)), beyond: p.x > axis };
  }
  return { mm: 0, beyond: false };
}

/** A piece drawn with its upright darts closed: what lies outside of one is moved in by as much as it is open there. */
function closedFlat(piece: Piece, ring: readonly Point[]): Point[] {
  return ring.map((p) =>
    piece.darts.reduce((at, dart) => {
      const { mm, beyond } = openingBeside(piece, dart, p);
      return beyond ? add(at, point(-mm, 0)) : at;
    }, p),
  );
}

const onFold = ({ cut }: Piece): boolean => cut.layers === 'fold';

/** A piece that hangs where it was drafted, or moved from there. */
export const hangs = (
  { piece, stitch }: DraftedPiece,
  half: WornPart['half'],
  by: Point = still,
): WornPart => ({
  piece: piece.id,
  half,
  ring: closedFlat(piece, stitch).map((p) => add(p, by)),
  onFold: onFold(piece),
});

/** The princess seam of a panel from its upper end to its lower. */
function seamDown({ piece }: DraftedPiece): Curve {
  const { path } = edgeOf(piece, 'princess');
  return startOf(path).y < endOf(path).y ? path : reverseCurve(path);
}

/** How far a level of the side panel is moved, so that its seam lies along the centre panel's. */
function shiftAlong(centre: Curve, side: Curve): (p: Point) => Point {
  const parts = curveLength(centre) / curveLength(side);
  return (p) => {
    const [top, foot] = [startOf(side).y, endOf(side).y];
    const along = p.y <= top ? 0 : p.y >= foot ? curveLength(side) : (lengthWhere(side, 'y', p.y) ?? 0);
    return subtract(placeAtLength(centre, along * parts).point, placeAtLength(side, along).point);
  };
}

/** A centre that was nipped, drawn closed: every level is moved in by what was taken there. */
function centreClosed(centre: Piece): (p: Point) => Point {
  const edge = centre.edges.at(-1);
  if (edge?.role !== 'centre') return (p) => p;
  const { path } = edge;
  return (p) => {
    const along = lengthWhere(path, 'y', p.y);
    const x = along === undefined ? startOf(path).x : placeAtLength(path, along).point.x;
    return p.y < endOf(path).y ? p : add(p, point(-x, 0));
  };
}

/**
 * A centre panel and its side panel, drawn as they hang once sewn: every level of the side panel is moved so that its seam lies
 * along the centre panel's, as a flat drawing of the garment shows it.
 */
export function hangTogether(centre: DraftedPiece, side: DraftedPiece, half: WornPart['half']): WornPart[] {
  const shift = shiftAlong(seamDown(centre), seamDown(side));
  const toCentre = centreClosed(centre.piece);
  const part = ({ piece }: DraftedPiece, place: (p: Point) => Point): WornPart => ({
    piece: piece.id,
    half,
    ring: stitchRing(piece).map((p) => toCentre(place(p))),
    onFold: onFold(piece),
  });
  return [part(centre, (p) => p), part(side, (p) => add(p, shift(p)))];
}

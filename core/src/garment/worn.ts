import type { WornPart } from '../drafting/draft.ts';
import {
  curveLength,
  endOf,
  lengthTo,
  placeAtLength,
  pointWhere,
  reverseCurve,
  sampleCurve,
  startOf,
  type Curve,
} from '../geometry/curve.ts';
import { clamp } from '../geometry/clamp.ts';
import { add, between, point, subtract, type Point } from '../geometry/point.ts';
import { boxOf, type Ring } from '../geometry/ring.ts';
import { contourOpening, type ContourDart } from '../pieces/contour-dart.ts';
import type { DraftedPiece } from '../pieces/drafted-piece.ts';
import { edgeOf, OUTLINE_TOLERANCE, pathDown, stitchRing, type Dart, type Piece } from '../pieces/piece.ts';

const still = point(0, 0);

/** An upright dart drawn closed: what lies outside of it is moved in by as much as it stands open there. */
function uprightClosed({ outer, tip, inner }: Mouth, p: Point): Point {
  const part = clamp((p.y - tip.y) / ((outer.y + inner.y) / 2 - tip.y), 0, 1);
  const axis = tip.x + ((outer.x + inner.x) / 2 - tip.x) * part;
  const side = Math.sign(axis);
  return side * p.x > side * axis ? point(p.x - side * Math.abs(outer.x - inner.x) * part, p.y) : p;
}

/** A side dart drawn closed: what lies below it is moved up, most at the dart and nothing at the waist. */
function sideClosed({ outer, tip, inner }: Mouth, waist: number, p: Point): Point {
  const [upper, lower] = outer.y < inner.y ? [outer, inner] : [inner, outer];
  const part = clamp((p.x - tip.x) / ((upper.x + lower.x) / 2 - tip.x), 0, 1);
  const [top, foot] = [tip.y + part * (upper.y - tip.y), tip.y + part * (lower.y - tip.y)];
  if (p.y < (top + foot) / 2) return p;
  return point(p.x, p.y - (foot - top) * clamp((waist - p.y) / Math.max(1, waist - foot), 0, 1));
}

/** A contour dart drawn closed: what lies outside of it is moved in by as much as it stands open at that level. */
const contourClosed = (dart: ContourDart, p: Point): Point =>
  p.x > dart.top.x ? point(p.x - contourOpening(dart, p.y), p.y) : p;

/** The legs of a dart by their ends. */
interface Mouth {
  readonly outer: Point;
  readonly tip: Point;
  readonly inner: Point;
}

function mouthOf(piece: Piece, { legs }: Dart): Mouth {
  const [first, second] = [edgeOf(piece, legs[0]).path, edgeOf(piece, legs[1]).path];
  return { outer: startOf(first), tip: endOf(first), inner: endOf(second) };
}

/** A piece drawn with its darts closed, as a flat drawing of the garment shows it; a small dart in another edge stays open. */
function closedFlat(piece: Piece, ring: Ring): Point[] {
  const waist = boxOf(ring).maxY;
  const mouths = (edge: Dart['in']) =>
    piece.darts.filter((dart) => dart.in === edge).map((dart) => mouthOf(piece, dart));
  const sides = mouths('side');
  // The outermost first: it moves only what lies outside of it, where the others still stand as drafted.
  const uprights = mouths('waist').sort((a, b) => Math.abs(b.tip.x) - Math.abs(a.tip.x));
  const contours = [...(piece.contours ?? [])].sort((a, b) => b.top.x - a.top.x);
  return ring.map((p) => {
    const below = sides.reduce((at, mouth) => sideClosed(mouth, waist, at), p);
    const upright = uprights.reduce((at, mouth) => uprightClosed(mouth, at), below);
    return contours.reduce((at, dart) => contourClosed(dart, at), upright);
  });
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
  by,
  onFold: onFold(piece),
});

/** A piece that was opened flat, as it hangs: drawn once. */
export const hangsWhole = (drafted: DraftedPiece, half: WornPart['half']): WornPart => ({
  ...hangs(drafted, half),
  onFold: false,
  whole: true,
});

const seamDown = ({ piece }: DraftedPiece): Curve => pathDown(edgeOf(piece, 'princess'));

/** A seam leaves its armhole sideways: what lies this little below its upper end, mm, is moved over by degrees. */
const EASED = 45;

/** The move of a level of the side panel, so that its seam lies along the centre panel's. */
function shiftAlong(centre: Curve, side: Curve): (p: Point) => Point {
  const parts = curveLength(centre) / curveLength(side);
  const [top, foot] = [startOf(side).y, endOf(side).y];
  const at = (along: number): Point =>
    subtract(placeAtLength(centre, along * parts).point, placeAtLength(side, along).point);
  const atTop = at(0);
  return (p) => {
    if (p.y <= top) return atTop;
    const below = at(p.y >= foot ? curveLength(side) : lengthTo(side, 'y', p.y));
    return between(atTop, below, Math.min(1, (p.y - top) / EASED));
  };
}

/** A centre that was nipped, drawn closed: every level is moved in by what was taken there. */
function centreClosed(centre: Piece): (p: Point) => Point {
  const edge = centre.edges.find(({ role }) => role === 'centre');
  if (!edge) return (p) => p;
  const path = pathDown(edge);
  return (p) => {
    if (p.y < startOf(path).y) return p;
    const { x } = pointWhere(path, 'y', p.y) ?? endOf(path);
    return add(p, point(-x, 0));
  };
}

/**
 * A centre panel and its side panel, drawn as they hang once sewn: every level of the side panel is moved so that its seam lies
 * along the centre panel's, as a flat drawing of the garment shows it.
 */
export function hangTogether(centre: DraftedPiece, side: DraftedPiece, half: WornPart['half']): WornPart[] {
  const shift = shiftAlong(seamDown(centre), seamDown(side));
  const toCentre = centreClosed(centre.piece);
  const part = ({ piece }: DraftedPiece, ring: readonly Point[]): WornPart => ({
    piece: piece.id,
    half,
    ring: ring.map(toCentre),
    by: still,
    onFold: onFold(piece),
  });
  // Along the seam itself the two are one line; the rest of the side panel is moved over with it.
  const sideRing = side.piece.edges.flatMap((edge) => {
    const seam = edge.role === 'princess';
    const path = seam ? reverseCurve(seamDown(centre)) : edge.path;
    const points = sampleCurve(path, OUTLINE_TOLERANCE).slice(0, -1);
    return seam ? points : points.map((p) => add(p, shift(p)));
  });
  return [part(centre, stitchRing(centre.piece)), part(side, sideRing)];
}

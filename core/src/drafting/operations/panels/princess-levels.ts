import { curveLength, nearestOn, placeAtLength, pointWhere, type Curve } from '../../../geometry/curve.ts';
import { add, point, quarterTurn, scale, type Point } from '../../../geometry/point.ts';
import { edgeLength, type Edge, type Level } from '../../../pieces/piece.ts';

/** Shaping under the bust: how far each edge of the seam is carried in at that level, mm; nothing leaves it straight. */
export interface UnderBustPlan {
  readonly level: number;
  /** Place of the level on the side, as a part of the way down it from the bust line to the waist. */
  readonly part: number;
  readonly centre: number;
  readonly side: number;
}

/**
 * The level under the bust on both panels: straight across from the centre to the seam, and from the seam to the side. There it
 * lies between bust line and waist as it does on the body: a side dart that was closed has brought the bust line down.
 */
export function underBustLevels(
  plan: UnderBustPlan | undefined,
  seam: { centre: Curve; side: Curve },
  side: Edge | undefined,
  bustEnd: Point | undefined,
): { centre: Level[]; side: Level[] } {
  if (!plan || !side) return { centre: [], side: [] };
  const { level } = plan;
  const [atCentre, atSide] = [seam.centre, seam.side].map((path) => pointWhere(path, 'y', level));
  if (!atCentre || !atSide || !bustEnd) return { centre: [], side: [] };
  const bustAt = nearestOn(side.path, bustEnd).along;
  const sideAt = bustAt + plan.part * (edgeLength(side) - bustAt);
  const of = (from: Point, to: Point): Level => ({ name: 'underBust', path: [from, to] });
  return {
    centre: [of(point(0, level), atCentre)],
    side: [of(atSide, placeAtLength(side.path, sideAt).point)],
  };
}

/** A top edge is measured this far below it, mm: along the edge itself an outline has no width; and at so many places between its ends. */
const BELOW_EDGE = 6;
const ALONG_EDGE = 6;

/** The line along which a top edge that ends on the side is measured: across the centre panel, and beside the edge from the seam out to the side. */
export function topLevels(
  leaving: Edge,
  outer: Curve,
  seam: { centre: Curve; side: Curve },
  sideLoop: { readonly edges: readonly Edge[] },
): { centre: Level[]; side: Level[] } {
  const side = sideLoop.edges.find(({ role }) => role === 'side');
  const hasArmhole = sideLoop.edges.some(({ role }) => role === 'armhole');
  if (leaving.role !== 'top' || hasArmhole || !side) return { centre: [], side: [] };
  const below = (path: Curve) => placeAtLength(path, Math.min(BELOW_EDGE, curveLength(path) / 2)).point;
  const beside = Array.from({ length: ALONG_EDGE }, (_, index) => {
    const place = placeAtLength(outer, ((index + 1) / (ALONG_EDGE + 1)) * curveLength(outer));
    return add(place.point, scale(quarterTurn(place.direction), BELOW_EDGE));
  });
  const of = (...path: Point[]): Level => ({ name: 'top', path });
  const atCentre = below(seam.centre);
  return {
    centre: [of(point(0, atCentre.y), atCentre)],
    side: [of(below(seam.side), ...beside, below(side.path))],
  };
}

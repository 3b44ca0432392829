import { between, point, type Point } from '../../geometry/point.ts';
import { nameOfEdge } from '../../pieces/named-edge.ts';
import type { Edge, EdgeRole } from '../../pieces/piece.ts';
import { mesh } from '../hatch.ts';
import type { Panel } from '../place/panel.ts';
import { seenAt, seenEdge, seenRing, type PlacedGarment } from '../place/placed-garment.ts';
import { dartCorners, type DartCorners } from '../place/upright-dart.ts';
import { line, type Pen, type Shape } from '../shape.ts';
import { onHand, type Hand } from './outlines.ts';
import { isFree, type Sewn } from './sewn-edges.ts';

const hemRoles: readonly EdgeRole[] = ['hem', 'waist'];
/** Seams of which both sides are drawn, since their panels lie on different faces. */
const faceSeams: readonly EdgeRole[] = ['side', 'shoulder'];
/** Stitching lies this far above a free hem, and as a part of its place out nearer to the centre; mm. */
const STITCH = { up: 13, inwards: 13 / 6000 } as const;

/** The line in the middle of a closed dart. */
function dartLine(garment: PlacedGarment, panel: Panel, { mouth, tip }: DartCorners): Point[] {
  return Array.from({ length: 13 }, (_, index) => {
    const leg = (from: Point) => seenAt(garment, panel, between(from, tip, index / 12));
    return between(leg(mouth[0]), leg(mouth[1]), 0.5);
  });
} // prettier-ignore

/** Lines of the darts of a panel, on one hand: closed. */
function dartLines(garment: PlacedGarment, panel: Panel): Point[][] {
  const { piece, contours } = panel;
  return [
    ...piece.darts.map((dart) => dartLine(garment, panel, dartCorners(piece, dart))),
    ...contours.map(({ top, outer, inner, bottom }) => {
      const leg = (by: Point) => [top, by, bottom].map((p) => seenAt(garment, panel, p));
      const [left, right] = [leg(outer), leg(inner)];
      return left.map((p, index) => between(p, right[index] ?? p, 0.5));
    }),
  ];
}

const skipped = (edge: Edge): boolean => edge.role === 'fold' || edge.role === 'dart';

/** Lines of a panel on the hands that it is drawn on. */
export function panelLines(garment: PlacedGarment, sewn: Sewn, panel: Panel, hands: readonly Hand[]): Shape[] {
  const drawn = panel.piece.edges.flatMap((edge): { points: readonly Point[]; pen: Pen }[] => {
    const name = nameOfEdge(panel.piece, edge);
    const byPartner = sewn.drawnByPartner.has(name) && !faceSeams.includes(edge.role);
    if (skipped(edge) || byPartner) return [];
    const points = seenEdge(garment, panel, edge);
    const free = isFree(sewn, panel.piece, edge);
    const pen = free ? 'edge' : edge.role === 'side' || edge.role === 'armhole' ? 'side' : 'seam';
    const stitched = free && hemRoles.includes(edge.role);
    const up = points.map(({ x, y }) => point(x * (1 - STITCH.inwards), y - STITCH.up));
    return [{ points, pen }, ...(stitched ? [{ points: up, pen: 'stitch' as const }] : [])];
  });
  const darts = dartLines(garment, panel).map((points) => ({ points, pen: 'seam' as const }));
  const net = panel.piece.role === 'net' ? mesh(seenRing(garment, panel)) : [];
  const lines = [...drawn, ...darts, ...net.map((points) => ({ points, pen: 'fine' as const }))];
  return hands.flatMap((hand) => lines.map(({ points, pen }) => line(onHand(points, hand), pen)));
} // prettier-ignore

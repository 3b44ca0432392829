import { point, type Point } from '../../geometry/point.ts';
import { valueAt, type Lookup } from '../../geometry/lookup.ts';
import { edgesWithRole, type Face } from '../../pieces/piece.ts';
import { isWhole, type Panel } from '../place/panel.ts';
import { seenEdge, type PlacedGarment } from '../place/placed-garment.ts';
import { lowerRim, outerRim } from '../rim.ts';
import { line, mirrored, type Shape } from '../shape.ts';
import { handsOf, onHand, outlines, type Hand } from './outlines.ts';
import { isFree, type Sewn } from './sewn-edges.ts';

/** The far panels end this much inside the near ones, and start to below the shoulder; mm. */
const INSIDE = 2;
const BELOW_TIP = 4;
const BELOW_ARMPIT = 6;
/** A far hem that shows this much or less below the near one is not drawn, mm. */
const HARDLY_LOWER = 14;

/** The far panels as far as they are seen, inside the near: never beside them, and below them only where they are clearly longer. */
export function farLayer(garment: PlacedGarment, sewn: Sewn, face: Face): Shape[] {
  const near = garment.panels.filter((panel) => panel.face === face);
  if (near.length === 0) return [];
  const far = garment.panels.filter(
    (panel) => panel.face !== face && (panel.piece.role !== 'net' || panel.piece.part === 'yoke'),
  );
  const rings = near.flatMap((panel) => outlines(garment, panel, handsOf(panel)));
  const rims: { readonly [hand in Hand]: Lookup | undefined } = {
    1: outerRim(rings),
    [-1]: outerRim(rings.map(mirrored)),
  };
  const low = lowerRim(rings);
  const isShouldered = near.some(({ piece }) => edgesWithRole(piece, 'shoulder').length > 0);
  const { figure, bend } = garment;
  const from = isShouldered ? figure.heights.tip + BELOW_TIP : bend.armpit + BELOW_ARMPIT;
  const within = (p: Point): Point => {
    const hand: Hand = p.x < 0 ? -1 : 1;
    const rim = rims[hand];
    const top = rim?.keys[0] ?? Infinity;
    const limit = p.y < Math.max(from, top) || !rim ? Infinity : valueAt(rim, p.y) - INSIDE;
    const x = hand * Math.min(Math.abs(p.x), Math.max(0, limit));
    const foot = low ? valueAt(low, x) : Infinity;
    return p.y > foot - 3 && p.y < foot + HARDLY_LOWER ? point(x, foot - 3) : point(x, p.y);
  };
  const hands = (panel: Panel): readonly Hand[] => (isWhole(panel.piece) ? [-1] : [1, -1]);
  const inside = far.flatMap((panel) =>
    outlines(garment, panel, hands(panel), isWhole(panel.piece) ? undefined : within).map((ring) => ({
      panel,
      ring: isWhole(panel.piece) ? ring.map(within) : ring,
    })),
  );
  const rimLines = far.flatMap((panel) =>
    panel.piece.edges
      .filter((edge) => isFree(sewn, panel.piece, edge) && edge.role !== 'armhole' && edge.role !== 'slit')
      .flatMap((edge) =>
        hands(panel).map((hand) => onHand(seenEdge(garment, panel, edge), hand).map(within)),
      ),
  );
  return [
    ...inside.map(({ ring }): Shape => ({ kind: 'contour', ring })),
    ...inside.map(({ panel, ring }): Shape => ({
      kind: 'cloth',
      ring,
      cloth: panel.piece.role,
      tone: 'inside',
    })),
    ...rimLines.map((points) => line(points, 'seam')),
  ];
}

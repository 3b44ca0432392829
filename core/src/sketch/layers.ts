import { between, point, type Point } from '../geometry/point.ts';
import { valueAt, type Lookup } from '../geometry/lookup.ts';
import { startOf, endOf } from '../geometry/curve.ts';
import { edgesWithRole, type Edge, type EdgeRole } from '../pieces/piece.ts';
import type { Seam } from '../pieces/seam.ts';
import { hatch } from './hatch.ts';
import { dartCorners } from './place/upright-dart.ts';
import { isWhole, type Face, type Panel } from './place/panel.ts';
import { seenAt, seenEdge, seenHalf, seenRing, type PlacedGarment } from './place/placed-garment.ts';
import { lowerRim, outerRim } from './rim.ts';
import { line, mirrored, type Pen, type Shape, type Tone } from './shape.ts';

/** The sides of the body that a panel is drawn on, as seen: 1 right, -1 left. */
type Hand = 1 | -1;

const onHand = (points: readonly Point[], hand: Hand): Point[] =>
  hand === 1 ? [...points] : mirrored(points);

/** Names of edges that are sewn to something that is seen, and of those that are drawn as their partner's line. */
export interface Sewn {
  readonly sewn: ReadonlySet<string>;
  readonly drawnByPartner: ReadonlySet<string>;
}

/** Which edges seams sew together, where both sides are seen. */
export function sewnEdges(seams: readonly Seam[], isSeen: (edge: string) => boolean, isPlaced: (edge: string) => boolean): Sewn {
  const seen = seams.filter(({ a, b }) => [...a, ...b].every(isSeen));
  const placed = seen.filter(({ a, b }) => [...a, ...b].every(isPlaced));
  const first = new Set(placed.flatMap(({ a }) => a));
  return {
    sewn: new Set(seen.flatMap(({ a, b }) => [...a, ...b])),
    drawnByPartner: new Set(placed.flatMap(({ b }) => b).filter((edge) => !first.has(edge))),
  };
} // prettier-ignore

const freeRoles: readonly EdgeRole[] = ['neck', 'armhole', 'top', 'hem', 'front', 'slit', 'waist'];
const hemRoles: readonly EdgeRole[] = ['hem', 'waist'];
/** Seams of which both sides are drawn, since their panels lie on different faces. */
const faceSeams: readonly EdgeRole[] = ['side', 'shoulder'];
/** Stitching lies this far above a free hem, and the mesh of net is this wide; mm. */
const STITCH = 13;
const MESH = 17;

/** The line in the middle of a closed dart. */
function dartLine(garment: PlacedGarment, panel: Panel, { mouth, tip }: ReturnType<typeof dartCorners>): Point[] {
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

/** Whether an edge is free, so that it is drawn strong. */
function isFree({ sewn }: Sewn, panel: Panel, edge: Edge): boolean {
  const name = `${panel.piece.id}/${edge.id}`;
  return freeRoles.includes(edge.role) && (!sewn.has(name) || (edge.role === 'neck' && panel.piece.role === 'net'));
} // prettier-ignore

const skipped = (edge: Edge): boolean => edge.role === 'fold' || edge.role === 'dart';

/** Lines of a panel on the hands that it is drawn on. */
function panelLines(garment: PlacedGarment, sewn: Sewn, panel: Panel, hands: readonly Hand[], isStitched: boolean): Shape[] {
  const drawn = panel.piece.edges.flatMap((edge): { points: readonly Point[]; pen: Pen }[] => {
    const name = `${panel.piece.id}/${edge.id}`;
    const byPartner = sewn.drawnByPartner.has(name) && !faceSeams.includes(edge.role);
    if (skipped(edge) || byPartner) return [];
    const points = seenEdge(garment, panel, edge);
    const free = isFree(sewn, panel, edge);
    const pen = free ? 'edge' : edge.role === 'side' || edge.role === 'armhole' ? 'side' : 'seam';
    const stitched = isStitched && free && hemRoles.includes(edge.role);
    const up = points.map(({ x, y }) => point(x * (1 - STITCH / 6000), y - STITCH));
    return [{ points, pen }, ...(stitched ? [{ points: up, pen: 'stitch' as const }] : [])];
  });
  const darts = dartLines(garment, panel).map((points) => ({ points, pen: 'seam' as const }));
  const mesh = panel.piece.role === 'net' ? hatch(seenRing(garment, panel), MESH) : [];
  const lines = [...drawn, ...darts, ...mesh.map((points) => ({ points, pen: 'fine' as const }))];
  return hands.flatMap((hand) => lines.map(({ points, pen }) => line(onHand(points, hand), pen)));
} // prettier-ignore

const toneOf = ({ piece }: Panel): Tone => (piece.role === 'net' ? 'sheer' : 'right');

/** Outlines of panels: a half and its mirror as one where they meet. */
function outlines(
  garment: PlacedGarment,
  panel: Panel,
  hands: readonly Hand[],
  fit = (p: Point) => p,
): Point[][] {
  const open = hands.length === 2 ? seenHalf(garment, panel) : undefined;
  if (open) {
    const half = open.map(fit);
    return [[...half, ...mirrored(half).reverse()]];
  }
  const ring = seenRing(garment, panel).map(fit);
  return hands.map((hand) => onHand(ring, hand));
}

/** Panels of one layer: all contours, then all fills, then all lines, so that seams between them stay clean. */
function layer(garment: PlacedGarment, sewn: Sewn, panels: readonly Panel[], handsOf: (panel: Panel) => readonly Hand[], isStitched: boolean): Shape[] {
  const shapes = panels.flatMap((panel) => outlines(garment, panel, handsOf(panel)).map((ring) => ({ panel, ring })));
  return [
    ...shapes.map(({ ring }): Shape => ({ kind: 'contour', ring })),
    ...shapes.map(({ panel, ring }): Shape => ({ kind: 'cloth', ring, cloth: panel.piece.role, tone: toneOf(panel) })),
    ...panels.flatMap((panel) => panelLines(garment, sewn, panel, handsOf(panel), isStitched)),
  ];
} // prettier-ignore

/** Side panels lie under centre panels, and net over all. */
const rank = ({ piece }: Panel): number => (piece.role === 'net' ? 2 : piece.panel === 'side' ? 0 : 1);

const isFrontEdge = ({ role }: Edge): boolean => role === 'front';
/** Furthest past the centre that a front edge meets the other edge to edge, mm. */
const MEETS = 5;

/** A front that passes the centre: the two lie over each other. */
const wraps = (panel: Panel): boolean =>
  !isWhole(panel.piece) &&
  panel.piece.edges
    .filter(isFrontEdge)
    .some(({ path }) => [startOf(path), endOf(path)].some(({ x }) => x < -MEETS));

/** The wearer's right lies on top, which is seen on the left: common practice in women's wear. */
const lapped: readonly Hand[] = [1, -1];

const handsOf = ({ piece }: Panel): readonly Hand[] => (isWhole(piece) ? [1] : [1, -1]);

/** The panels that face the eye. */
export function nearLayer(garment: PlacedGarment, sewn: Sewn, face: Face, isStitched: boolean): Shape[] {
  const panels = garment.panels.filter((panel) => panel.face === face).sort((a, b) => rank(a) - rank(b));
  if (panels.some(wraps))
    return lapped.flatMap((hand) => layer(garment, sewn, panels, () => [hand], isStitched));
  return layer(garment, sewn, panels, handsOf, isStitched);
}

/** The far panels end this much inside the near ones, and start to below the shoulder; mm. */
const INSIDE = 2;
const BELOW_TIP = 4;
const BELOW_ARMPIT = 6;
/** A far hem that shows this much or less below the near one is not drawn, mm. */
const HARDLY_LOWER = 14;

/** What is seen of the far panels, inside the near: never beside them, and below them only where they are clearly longer. */
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
      .filter((edge) => isFree(sewn, panel, edge) && edge.role !== 'armhole' && edge.role !== 'slit')
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

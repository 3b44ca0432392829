import type { Draft } from '../../drafting/draft.ts';
import { lookup, valueAt, type Lookup } from '../../geometry/lookup.ts';
import { point, type Point } from '../../geometry/point.ts';
import { nameOfEdge } from '../../pieces/named-edge.ts';
import {
  edgeOf,
  edgesWithRole,
  type Edge,
  type EdgeRole,
  type Face,
  type Piece,
} from '../../pieces/piece.ts';
import type { Figure } from '../figure.ts';
import { bendOf, bentOut, type Bend } from './bend.ts';
import { layPanels } from './lay-panels.ts';
import { flatPlace, type Panel } from './panel.ts';
import { pointsAlong } from './run-down.ts';

/** A garment's panels on a figure. */
export interface PlacedGarment {
  readonly figure: Figure;
  readonly panels: readonly Panel[];
  readonly bend: Bend;
  /** Place of each panel's side out along the level before the sides are made smooth, by its y; mm. */
  readonly sides: ReadonlyMap<Panel, Lookup>;
  /** Every edge but the legs of darts as it is seen, by the name that seams call it. */
  readonly lines: ReadonlyMap<string, readonly Point[]>;
}

const isOpen = ({ role }: Edge): boolean => role !== 'dart';

export function placeGarment(draft: Draft, figure: Figure, hung: readonly string[]): PlacedGarment {
  const panels = layPanels(draft, figure, hung);
  const sides = new Map(
    panels.flatMap((panel): [Panel, Lookup][] => {
      const { side } = panel;
      if (!side) return [];
      const out = (x: number, y: number) => Math.abs(flatPlace(panel, { x, y }).out);
      return [[panel, lookup(side.x.keys.map((y, index) => [y, out(side.x.values[index] ?? 0, y)]))]];
    }),
  );
  const bare: PlacedGarment = { figure, panels, bend: bendOf(panels, figure), sides, lines: new Map() };
  const lines = panels.flatMap((panel) =>
    panel.piece.edges
      .filter(isOpen)
      .map((edge) => [nameOfEdge(panel.piece, edge), lineOf(bare, panel, edge)] as const),
  );
  return { ...bare, lines: new Map(lines) };
}

/** A point of a panel as it is seen, mm. */
export function seenAt({ figure, bend, sides }: PlacedGarment, panel: Panel, p: Point): Point {
  const { out, height, toSide } = flatPlace(panel, p);
  const side = sides.get(panel);
  const aside = side ? (valueAt(bend.half[panel.face], height) - valueAt(side, p.y)) * toSide * toSide : 0;
  return point(bentOut(bend, figure, panel.face, Math.sign(out) * (Math.abs(out) + aside), height), height);
}

/** An edge as it is seen, in the order of its path: along a seam to the panel before, that panel's line. */
function lineOf(garment: PlacedGarment, panel: Panel, edge: Edge): Point[] {
  const own = (of: Panel, each: Edge) => pointsAlong(each.path).map((p) => seenAt(garment, of, p));
  const { seam } = panel;
  const before = garment.panels.find(({ piece }) => piece === seam?.of);
  if (!before || seam?.edge !== edge.id) return own(panel, edge);
  const other = edgeOf(before.piece, seam.ofEdge);
  const line = own(before, other);
  const isDown = (points: readonly Point[]) => (points[0]?.y ?? 0) < (points.at(-1)?.y ?? 0);
  return isDown(pointsAlong(other.path)) === isDown(pointsAlong(edge.path)) ? line : line.reverse();
}

/** An edge as it is seen, in the order of its path. */
export const seenEdge = ({ lines }: PlacedGarment, panel: Panel, edge: Edge): readonly Point[] =>
  lines.get(nameOfEdge(panel.piece, edge)) ?? [];

/** A panel's outline as it is seen, its darts closed. */
export const seenRing = (garment: PlacedGarment, panel: Panel): Point[] =>
  panel.piece.edges.filter(isOpen).flatMap((edge) => seenEdge(garment, panel, edge));

/** Furthest from the centre line that an edge still counts as lying on it, mm: a nipped centre seam. */
const AT_CENTRE = 25;

/** The edge at which a half meets its mirror; a slit below it opens the two. */
function meetingEdge({ edges }: Piece): Edge | undefined {
  if (edges.some(({ role }) => role === 'slit')) return undefined;
  return edges.find(
    ({ role, path }) =>
      role === 'fold' ||
      (role === 'centre' && pointsAlong(path).every(({ x }) => x >= -0.1 && x < AT_CENTRE)),
  );
}

/** The outline of a half from its centre round to its centre, to be joined to its mirror; undefined where the two lie apart. */
export function seenHalf(garment: PlacedGarment, panel: Panel): Point[] | undefined {
  const { edges } = panel.piece;
  const meeting = panel.isInner ? meetingEdge(panel.piece) : undefined;
  if (!meeting) return undefined;
  const from = edges.indexOf(meeting);
  return [...edges.slice(from + 1), ...edges.slice(0, from)]
    .filter(isOpen)
    .flatMap((edge) => seenEdge(garment, panel, edge))
    .map(({ x, y }) => point(Math.max(0, x), y));
}

/** Edges of one role over the panels of a face as one line from the top down; empty where there is none. Net over a panel is none of them. */
export function seenDown(garment: PlacedGarment, face: Face, role: EdgeRole): Point[] {
  const runs = garment.panels
    .filter(({ face: own, piece }) => own === face && piece.part !== 'net')
    .flatMap((panel) => edgesWithRole(panel.piece, role).map((edge) => seenEdge(garment, panel, edge)))
    .map((points) => ((points[0]?.y ?? 0) <= (points.at(-1)?.y ?? 0) ? points : [...points].reverse()));
  return runs.sort((a, b) => (a[0]?.y ?? 0) - (b[0]?.y ?? 0)).flat();
}

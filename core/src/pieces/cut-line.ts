import { FillRule, union } from 'clipper2-ts';
import { endDirection, endOf, startDirection, startOf } from '../geometry/curve.ts';
import {
  add,
  angleBetween,
  between,
  distance,
  dot,
  meetLines,
  norm,
  point,
  reflectDirection,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../geometry/point.ts';
import { clamp } from '../geometry/clamp.ts';
import { signedArea } from '../geometry/ring.ts';
import { chordsOf, directionAt, pointAt, type Segment } from '../geometry/segment.ts';
import { edgesUnderRoofs } from './dart-roof.ts';
import { OUTLINE_TOLERANCE, type Edge, type EdgeRole, type Piece } from './piece.ts';

/** The cut line along one edge, from corner to corner; a hem that turns up square has an edge more, its turn. */
export interface CutEdge {
  readonly id: string;
  readonly role: EdgeRole;
  readonly points: readonly Point[];
}

export interface CutLine {
  /** The cut line, clockwise on screen, darts closed by their roofs. */
  readonly ring: readonly Point[];
  /** Corners of the cut line at the end of each edge, by edge id. */
  readonly corners: ReadonlyMap<string, Point>;
  /** The cut line edge by edge, before loops are taken out of it. */
  readonly edges: readonly CutEdge[];
}

/** A mitre reaches at most this many allowances from its corner; longer ones are cut blunt, as a hand would. */
const MITRE_LIMIT = 2.5;
/** Edges that meet flatter than this (radians) run on without a corner. */
const STRAIGHT_ON = 0.03;
/** An offset curve has this many chords at least: its own bends may be tighter than those of the curve that it runs beside. */
const LEAST_CHORDS = 8;
/** The union works on whole numbers; a ten-thousandth of a mm loses nothing, and its products are exact on pieces of some metres. */
const PER_MM = 10_000;

/** Outward on a clockwise loop: a quarter turn to the left of travel. */
const outward = (direction: Point): Point => point(direction.y, -direction.x);

function offsetSegment(segment: Segment, allowance: number): Point[] {
  const count =
    segment.kind === 'line' ? 1 : Math.max(LEAST_CHORDS, chordsOf(segment, OUTLINE_TOLERANCE / 2));
  return Array.from({ length: count + 1 }, (_, index) => {
    const t = index / count;
    return add(pointAt(segment, t), scale(outward(directionAt(segment, t)), allowance));
  });
}

/** One edge moved outwards by its allowance; inside bends may loop, which the union of a cut line removes. */
export function offsetEdge(edge: Edge): Point[] {
  return edge.path.flatMap((segment, index) => {
    const points = offsetSegment(segment, edge.allowance);
    const before = edge.path[index - 1];
    if (!before) return points;
    const turn = angleBetween(directionAt(before, 1), directionAt(segment, 0));
    if (Math.abs(turn) < STRAIGHT_ON) return points.slice(1);
    const mitre = unitVector(add(outward(directionAt(before, 1)), outward(directionAt(segment, 0))));
    return [add(segment.a, scale(mitre, edge.allowance / Math.max(0.35, Math.cos(turn / 2)))), ...points];
  });
}

/** Up to this slant a hem is turned up square at its side; it changes from there, and from the second on its corner is cut like every other. Cosines. */
const SLANTED = { least: 0.15, most: 0.35 };

/** The side's cut line mirrored in the hem: turned up, the hem's end then lies along the side seam. */
function hemCorner(edge: Edge, next: Edge): Point[] | undefined {
  if ((edge.role === 'hem') === (next.role === 'hem')) return undefined;
  const corner = endOf(edge.path);
  const hemFirst = edge.role === 'hem';
  const [hem, side] = hemFirst ? [edge, next] : [next, edge];
  if (side.allowance === 0) return undefined;
  const hemDirection = hemFirst ? endDirection(hem.path) : startDirection(hem.path);
  const sideDirection = hemFirst ? startDirection(side.path) : endDirection(side.path);
  const slant = Math.abs(dot(hemDirection, sideDirection));
  if (slant >= SLANTED.most) return undefined;
  const onSideCut = add(corner, scale(outward(sideDirection), side.allowance));
  const atHem = meetLines(onSideCut, sideDirection, corner, hemDirection);
  if (!atHem) return undefined;
  const mirrored = reflectDirection(sideDirection, hemDirection);
  const onHemCut = add(corner, scale(outward(hemDirection), hem.allowance));
  const square = meetLines(atHem, mirrored, onHemCut, hemDirection);
  const plain = meetLines(onSideCut, sideDirection, onHemCut, hemDirection);
  if (!square || !plain) return undefined;
  const below = between(square, plain, clamp((slant - SLANTED.least) / (SLANTED.most - SLANTED.least), 0, 1));
  return hemFirst ? [below, atHem] : [atHem, below];
}

/** The join of the cut lines of two edges that follow each other, in mm. */
function joinCuts(edge: Edge, next: Edge): Point[] {
  const turned = hemCorner(edge, next);
  if (turned) return turned;
  const corner = endOf(edge.path);
  const [arriving, leaving] = [endDirection(edge.path), startDirection(next.path)];
  const from = add(corner, scale(outward(arriving), edge.allowance));
  const to = add(startOf(next.path), scale(outward(leaving), next.allowance));
  const turn = angleBetween(arriving, leaving);
  if (Math.abs(turn) < STRAIGHT_ON) return [from, to];
  const meeting = meetLines(from, arriving, to, leaving);
  const reach = MITRE_LIMIT * Math.max(edge.allowance, next.allowance, 1);
  // Beside a fold the cut line runs on until it meets it: blunt, it would leave the cloth.
  const most = turn < 0 || edge.allowance === 0 || next.allowance === 0 ? 3 * reach : reach;
  if (meeting && distance(meeting, corner) <= most) return [meeting];
  if (turn < 0) return [from, to];
  const middle = add(arriving, scale(leaving, -1));
  if (norm(middle) === 0) return [from, to];
  const across = unitVector(middle);
  const end = add(corner, scale(across, most));
  const side = point(-across.y, across.x);
  return [meetLines(from, arriving, end, side) ?? from, meetLines(to, leaving, end, side) ?? to];
}

/** Points of an offset edge that its inside corners have already passed are dropped. */
function trimmed(
  points: readonly Point[],
  startCorner: Point | undefined,
  endCorner: Point | undefined,
): Point[] {
  let first = 1;
  let last = points.length - 1;
  const along = (index: number) =>
    subtract(
      points[index + 1] ?? points[index] ?? point(0, 0),
      points[index - 1] ?? points[index] ?? point(0, 0),
    );
  const at = (index: number) => points[index] ?? point(0, 0);
  if (startCorner) while (first < last && dot(subtract(at(first), startCorner), along(first)) < 0) first++;
  if (endCorner) while (last > first && dot(subtract(at(last - 1), endCorner), along(last - 1)) > 0) last--;
  return points.slice(first, last);
}

/**
 * The cut line of a piece: every edge moved out by its own allowance, carried on by its end tangents to meet its
 * neighbours, then united so that loops from tight inside curves vanish. Throws when nothing is left.
 */
export function cutLine(piece: Piece): CutLine {
  const edges = edgesUnderRoofs(piece);
  const joins = edges.map((edge, index) => joinCuts(edge, edges[(index + 1) % edges.length] ?? edge));
  const turnsIn = edges.map(
    (edge, index) =>
      angleBetween(
        endDirection(edge.path),
        startDirection((edges[(index + 1) % edges.length] ?? edge).path),
      ) < -STRAIGHT_ON,
  );
  const cutEdges = edges.flatMap((edge, index): CutEdge[] => {
    const previous = (index + edges.length - 1) % edges.length;
    const before = joins[previous]?.at(-1);
    const [corner, ...turned] = joins[index] ?? [];
    const inside = trimmed(
      offsetEdge(edge),
      turnsIn[previous] ? before : undefined,
      turnsIn[index] ? corner : undefined,
    );
    const { id, role } = edge;
    const along = { id, role, points: [...(before ? [before] : []), ...inside, ...(corner ? [corner] : [])] };
    const turn = { id: `${id}-turn`, role, points: corner ? [corner, ...turned] : turned };
    return turned.length > 0 ? [along, turn] : [along];
  });
  const raw = cutEdges.flatMap(({ points }) => points.slice(1));
  const whole = raw.map((p) => ({ x: Math.round(p.x * PER_MM), y: Math.round(p.y * PER_MM) }));
  const loops = union([whole], FillRule.Positive)
    .map((loop) => loop.map(({ x, y }) => point(x / PER_MM, y / PER_MM)))
    .sort((a, b) => Math.abs(signedArea(b)) - Math.abs(signedArea(a)));
  const [ring] = loops;
  if (!ring) throw new Error(`${piece.id}: the cut line has no area`);
  const corners = new Map(edges.map((edge, index) => [edge.id, joins[index]?.at(0) ?? endOf(edge.path)]));
  return { ring: signedArea(ring) > 0 ? ring : [...ring].reverse(), corners, edges: cutEdges };
}

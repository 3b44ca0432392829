import { curveLength, splitCurve, type Curve } from '../../../geometry/curve.ts';
import { add, distance, type Point } from '../../../geometry/point.ts';
import { asCubic, cubic, line, type Segment } from '../../../geometry/segment.ts';
import { edgesThrough, type Edge, type Piece } from '../../../pieces/piece.ts';

/** Points nearer than this are one point, mm. */
const SAME = 0.02;
const isAt = (a: Point, b: Point): boolean => distance(a, b) <= SAME;

/** An end takes its handle along, so that the edge keeps its direction there. */
function moveEnds(segment: Segment, from: Point, by: Point): Segment {
  const [atStart, atEnd] = [isAt(segment.a, from), isAt(segment.b, from)];
  const moved = (p: Point, moves: boolean) => (moves ? add(p, by) : p);
  if (segment.kind === 'line') return line(moved(segment.a, atStart), moved(segment.b, atEnd));
  if (!atStart && !atEnd) return segment;
  const { a, c, d, b } = asCubic(segment);
  return cubic(moved(a, atStart), moved(c, atStart), moved(d, atEnd), moved(b, atEnd));
}

const hasJoint = (path: Curve, at: Point): boolean => path.some(({ a, b }) => isAt(a, at) || isAt(b, at));

/** The edge with a joint where it passes the point. */
function jointed(edge: Edge, along: number): Edge {
  if (along <= SAME || along >= curveLength(edge.path) - SAME) return edge;
  const [before, after] = splitCurve(edge.path, along);
  return { ...edge, path: [...before, ...after] };
}

/**
 * Moves one point of a piece's stitch line, in mm: every edge that ends or bends there goes along, and so do the level
 * lines that end there; everything else stays. A point in the middle of an edge becomes a joint of it first.
 */
export function movePoint(piece: Piece, from: Point, by: Point): Piece {
  const corner = piece.edges.some(({ path }) => hasJoint(path, from));
  const through = corner ? [] : edgesThrough(piece, from);
  return {
    ...piece,
    edges: piece.edges.map((edge) => {
      const passed = through.find(({ id }) => id === edge.id);
      const { path, ...rest } = passed ? jointed(edge, passed.along) : edge;
      return { ...rest, path: path.map((segment) => moveEnds(segment, from, by)) };
    }),
    levels: piece.levels.map((level) => ({
      ...level,
      path: level.path.map((p) => (isAt(p, from) ? add(p, by) : p)),
    })),
  };
}

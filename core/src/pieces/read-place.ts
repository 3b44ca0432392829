import { levelLength } from './level-width.ts';
import { curveLength, endDirection, endOf, startDirection, startOf } from '../geometry/curve.ts';
import { distance, DOWN, OUT, scale, type Point } from '../geometry/point.ts';
import { contourIntake } from './contour-dart.ts';
import type { Dimension, Place } from './dimension.ts';
import { edgeLength, edgesWithRole, type Edge, type EdgeRole, type Piece } from './piece.ts';
import { after as edgeAfter, before as edgeBefore } from '../geometry/loop.ts';

/** The point of the stitch line that sets a dimension, and the way that lengthens it. */
export interface Moves {
  readonly at: Point;
  readonly way: Point;
}

/** The reading of a place on the stitch line, mm; `moves` is null where it only follows from others. */
export interface Reading {
  readonly mm: number;
  readonly moves: Moves | null;
}

/** A level passes the centre within this, mm. */
const ON_CENTRE = 1e-6;

const held: ReadonlySet<EdgeRole> = new Set(['fold', 'centre']);

/** The end of an edge that a hand moves along it: away from a fold or centre, of two free ends the upper. */
function endMoved({ edges }: Piece, edge: Edge): Moves {
  const start = { at: startOf(edge.path), way: scale(startDirection(edge.path), -1) };
  const end = { at: endOf(edge.path), way: endDirection(edge.path) };
  if (held.has(edgeBefore(edges, edge).role)) return end;
  if (held.has(edgeAfter(edges, edge).role)) return start;
  return start.at.y < end.at.y ? start : end;
}

/** A corner of the loop: its point, the edge before it and the edge after it. */
export interface Corner {
  readonly at: Point;
  readonly before: Edge;
  readonly after: Edge;
}

/** The corner where the run of a role begins or ends; undefined on a piece without such edges. */
export function cornerOf(piece: Piece, { of, end }: Extract<Place, { kind: 'corner' }>): Corner | undefined {
  const { edges } = piece;
  const run = edgesWithRole(piece, of);
  const edge = end === 'start' ? run[0] : run.at(-1);
  if (!edge) return undefined;
  const before = end === 'start' ? edgeBefore(edges, edge) : edge;
  const after = end === 'start' ? edge : edgeAfter(edges, edge);
  return { at: startOf(after.path), before, after };
}

const along = (at: Point, kind: Dimension['kind']): number => (kind === 'down' ? at.y : at.x);
const wayOf = (kind: Dimension['kind']): Point => (kind === 'down' ? DOWN : OUT);

const ofPoint = (at: Point, kind: Dimension['kind']): Reading => ({
  mm: along(at, kind),
  moves: { at, way: wayOf(kind) },
});

const fixed = (mm: number): Reading => ({ mm, moves: null });

const upperEnd = ({ path }: Edge): number => Math.min(startOf(path).y, endOf(path).y);

function runReading(piece: Piece, edges: readonly Edge[]): Reading | undefined {
  const [upper] = [...edges].sort((a, b) => upperEnd(a) - upperEnd(b));
  return (
    upper && {
      mm: edges.reduce((total, edge) => total + edgeLength(edge), 0),
      moves: endMoved(piece, upper),
    }
  );
}

function dartReading(
  piece: Piece,
  { dart, part }: Extract<Place, { kind: 'dart' }>,
  kind: Dimension['kind'],
): Reading | undefined {
  const legs = piece.darts.find(({ id }) => id === dart)?.legs;
  const [first, second] = (legs ?? []).map((leg) => piece.edges.find(({ id }) => id === leg));
  if (!first || !second) return undefined;
  switch (part) {
    case 'intake':
      return fixed(distance(startOf(first.path), endOf(second.path)));
    case 'leg':
      return fixed(edgeLength(first));
    case 'tip':
      return ofPoint(endOf(first.path), kind);
  }
}

function contourReading(
  piece: Piece,
  { dart, part }: Extract<Place, { kind: 'contour' }>,
  kind: Dimension['kind'],
): Reading | undefined {
  const found = piece.contours?.find(({ id }) => id === dart);
  if (!found) return undefined;
  switch (part) {
    case 'intake':
      return fixed(contourIntake(found));
    case 'upper tip':
      return fixed(along(found.top, kind));
    case 'lower tip':
      return fixed(along(found.bottom, kind));
  }
}

/** Reads a dimension on the stitch line of a piece; undefined where the piece has no such place. */
export function readPlace(piece: Piece, { at, kind }: Pick<Dimension, 'at' | 'kind'>): Reading | undefined {
  switch (at.kind) {
    case 'corner': {
      const corner = cornerOf(piece, at);
      return corner && ofPoint(corner.at, kind);
    }
    case 'level': {
      const path = piece.levels.find(({ name }) => name === at.level)?.path;
      const end =
        at.end === 'centre' ? (path?.find(({ x }) => Math.abs(x) < ON_CENTRE) ?? path?.[0]) : path?.at(-1);
      return end && ofPoint(end, kind);
    }
    case 'width': {
      const path = piece.levels.find(({ name }) => name === at.level)?.path;
      const end = path?.at(-1);
      return path && end && { mm: levelLength(path), moves: { at: end, way: OUT } };
    }
    case 'dart':
      return dartReading(piece, at, kind);
    case 'contour':
      return contourReading(piece, at, kind);
    case 'run':
      return runReading(piece, edgesWithRole(piece, at.of));
    case 'edge': {
      const edge = piece.edges.find(({ id }) => id === at.edge);
      const line = piece.lines?.find(({ id }) => id === at.edge);
      if (line) return fixed(curveLength(line.path));
      return edge && { mm: edgeLength(edge), moves: endMoved(piece, edge) };
    }
    case 'raise': {
      const [edge] = edgesWithRole(piece, at.of);
      return edge && fixed(Math.abs(endOf(edge.path).y - startOf(edge.path).y));
    }
    case 'buttons': {
      const { buttons = [] } = piece;
      const [first, last] = [buttons[0], buttons.at(-1)];
      return first && last && buttons.length > 1
        ? fixed(distance(first, last) / (buttons.length - 1))
        : undefined;
    }
    case 'from centre': {
      const [edge] = edgesWithRole(piece, at.of);
      return edge && fixed(Math.abs(endOf(edge.path).x));
    }
    case 'edge end': {
      const path = piece.edges.find(({ id }) => id === at.edge)?.path;
      return path && ofPoint(at.end === 'start' ? startOf(path) : endOf(path), kind);
    }
    case 'between': {
      const [from] = edgesWithRole(piece, at.from);
      const to = edgesWithRole(piece, at.to).at(-1);
      return from && to && fixed(endOf(to.path).y - startOf(from.path).y);
    }
    case 'inside':
      return fixed(along(at, kind));
  }
}

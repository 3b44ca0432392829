import { curveLength, mapCurve, partedAt, placeAtLength, type Curve } from '../../../geometry/curve.ts';
import { between } from '../../../geometry/loop.ts';
import {
  add,
  distance,
  dot,
  quarterTurn,
  rotate,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../../geometry/point.ts';
import { line } from '../../../geometry/segment.ts';
import { solve } from '../../../geometry/solve.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import type { LevelName } from '../../../pieces/level.ts';
import {
  edgeLength,
  edgeOf,
  makePiece,
  type Edge,
  type Level,
  type Notch,
  type Piece,
} from '../../../pieces/piece.ts';
import { drawnTerm } from '../../../workings/working.ts';
import { pointOn, type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';

/**
 * A straight slash from a place on one edge to a place on another. What lies from the first on to the second in the order of
 * the loop is moved away: alike at both ends it is spread in parallel, at one alone it is hinged at the other. mm.
 */
export interface Slash {
  readonly from: PlaceOnLoop;
  readonly to: PlaceOnLoop;
  readonly open: { readonly from: number; readonly to: number };
  /** The width given by it at a level, for the record. */
  readonly gives?: { readonly level: LevelName; readonly mm: number };
}

type Move = (p: Point) => Point;

/** Openings below this are none, mm. */
const NONE = 1e-9;
/** A piece is swung by no more than this, radians. */
const WIDEST = Math.PI / 3;

/** The move of all beyond the slash: away by the smaller opening, and swung about that end until the other opens as wanted. */
function moveOf(from: Point, to: Point, open: Slash['open'], away: Point): Move {
  const [hinge, free] = open.from <= open.to ? [from, to] : [to, from];
  const [least, most] = [Math.min(open.from, open.to), Math.max(open.from, open.to)];
  const shift = scale(away, least);
  // The free end goes away from the slash, whichever way round that is.
  const sense = dot(subtract(rotate(free, hinge, 1e-3), free), away) >= 0 ? 1 : -1;
  const by =
    (angle: number): Move =>
    (p) =>
      add(rotate(p, hinge, sense * angle), shift);
  if (most - least < NONE) return by(0);
  return by(solve((angle) => distance(by(angle)(free), free) - most, 0, WIDEST).x);
}

const gap = (p: Point, q: Point): Curve => (distance(p, q) > NONE ? [line(p, q)] : []);

/** The direction away from the slash towards what is moved. */
function awayFrom(from: Point, to: Point, moved: readonly Edge[], tail: Curve): Point {
  const normal = quarterTurn(unitVector(subtract(to, from)));
  const points = [tail, ...moved.map(({ path }) => path)]
    .filter((path) => path.length > 0)
    .map((path) => placeAtLength(path, curveLength(path) / 2).point);
  const side = points.reduce((sum, p) => sum + dot(subtract(p, from), normal), 0);
  return side >= 0 ? normal : scale(normal, -1);
}

/**
 * Slashes a piece and spreads it: the two edges that the slash passes gain what it opens there, all others keep their lengths.
 * The cloth moved away must not hold the fold. Throws where the slash begins and ends on one edge.
 */
export function slash(piece: Piece, { from, to, open, gives }: Slash): Piece {
  const [first, last] = [edgeOf(piece, from.edge), edgeOf(piece, to.edge)];
  if (first === last) throw new Error(`${piece.id} cannot be slashed from ${from.edge} to itself`);
  const moved = between(piece.edges, first, last);
  if (moved.some(({ role }) => role === 'fold'))
    throw new Error(`${piece.id}: a slash from ${from.edge} to ${to.edge} would move its fold`);
  const [p, q] = [pointOn(piece, from), pointOn(piece, to)];
  const [head, tail] = partedAt(first.path, from.at, NONE);
  const [near, far] = partedAt(last.path, to.at, NONE);
  const away = awayFrom(p, q, moved, tail);
  const move = moveOf(p, q, open, away);
  const [openFrom, openTo] = [gap(p, move(p)), gap(move(q), q)];
  const path = (edge: Edge): Curve => {
    if (edge === first) return [...head, ...openFrom, ...mapCurve(tail, move)];
    if (edge === last) return [...mapCurve(near, move), ...openTo, ...far];
    return moved.includes(edge) ? mapCurve(edge.path, move) : edge.path;
  };
  const gained = (edge: string, mm: number): number => {
    if (edge === from.edge && mm > from.at) return curveLength(openFrom);
    return edge === to.edge && mm > to.at ? curveLength(openTo) : 0;
  };
  const isMoved = (point: Point): boolean => dot(subtract(point, p), away) > NONE;
  const spread = makePiece({
    ...piece,
    edges: piece.edges.map((edge) => ({ ...edge, path: path(edge) })),
    notches: piece.notches.map((notch): Notch => ({ ...notch, at: notch.at + gained(notch.edge, notch.at) })),
    levels: piece.levels.map((level): Level => ({
      ...level,
      path: level.path.map((point) => (isMoved(point) ? move(point) : point)),
    })),
    intakes: gives
      ? [...piece.intakes, { operation: 'spread', level: gives.level, mm: -gives.mm }]
      : piece.intakes,
  });
  return carryDimensions(piece, spread, ({ at: place }, by) =>
    place.kind === 'width' || (place.kind === 'run' && by > 0)
      ? { terms: [drawnTerm('spread there', by)], change: 'curve' }
      : { change: 'turned' },
  );
}

/** A place after a slash: further along where its edge gained before it. */
const placeAfter = (before: Piece, after: Piece, done: Slash, place: PlaceOnLoop): PlaceOnLoop => {
  const passed = [done.from, done.to].some(({ edge, at: mm }) => edge === place.edge && mm < place.at);
  const gain = edgeLength(edgeOf(after, place.edge)) - edgeLength(edgeOf(before, place.edge));
  return passed ? { ...place, at: place.at + gain } : place;
};

/** Several slashes, their places as they lie before any of them is made. */
export function slashes(piece: Piece, all: readonly Slash[]): Piece {
  const [first, ...rest] = all;
  if (!first) return piece;
  const after = slash(piece, first);
  const moved = rest.map((each): Slash => ({
    ...each,
    from: placeAfter(piece, after, first, each.from),
    to: placeAfter(piece, after, first, each.to),
  }));
  return slashes(after, moved);
}

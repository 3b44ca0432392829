import { between } from '../../../geometry/loop.ts';
import { endOf, mapCurve, reverseCurve, startOf } from '../../../geometry/curve.ts';
import {
  distance,
  dot,
  quarterTurn,
  scale,
  subtract,
  unitVector,
  type Point,
} from '../../../geometry/point.ts';
import { otherId } from '../../../pieces/other-half.ts';
import {
  edgeLength,
  edgeOf,
  makePiece,
  type Dart,
  type Edge,
  type Level,
  type Piece,
} from '../../../pieces/piece.ts';

/** A point this near to the line that a piece is opened at lies on it, mm. */
const ON_LINE = 1e-6;

/** The reflection in the line along an edge. */
function reflectionIn({ path }: Edge): (p: Point) => Point {
  const [a, b] = [startOf(path), endOf(path)];
  const normal = quarterTurn(unitVector(subtract(b, a)));
  return (p) => subtract(p, scale(normal, 2 * dot(subtract(p, a), normal)));
}

/** A level from side to side where it starts on the line: its mirror image, then the half as it was drawn. */
const across =
  (mirror: (p: Point) => Point) =>
  (level: Level): Level => {
    const [first, ...rest] = level.path;
    return first && distance(first, mirror(first)) < ON_LINE
      ? { ...level, path: [...rest.map(mirror).reverse(), ...level.path] }
      : level;
  };

/**
 * A piece opened out at a straight edge, so that its two halves may come to differ: the half as it was drafted, then its mirror
 * image, as one loop that is cut once on single cloth. What was mirrored is named as the other of its own. Throws at an edge that is not straight.
 */
export function openAt(half: Piece, at: string): Piece {
  const line = edgeOf(half, at);
  if (line.path.length !== 1 || line.path.some(({ kind }) => kind !== 'line'))
    throw new Error(`${half.id} cannot be opened at ${at}: it is not straight`);
  const mirror = reflectionIn(line);
  const drawn = between(half.edges, line, line);
  const other = [...drawn].reverse().map((edge): Edge => ({
    ...edge,
    id: otherId(edge.id),
    path: reverseCurve(mapCurve(edge.path, mirror)),
  }));
  const isDrawn = (id: string): boolean => drawn.some((edge) => edge.id === id);
  return makePiece({
    ...half,
    cut: { copies: 1, layers: 'single' },
    edges: [...drawn, ...other],
    notches: half.notches
      .filter(({ edge }) => isDrawn(edge))
      .flatMap((notch) => [
        notch,
        { ...notch, edge: otherId(notch.edge), at: edgeLength(edgeOf(half, notch.edge)) - notch.at },
      ]),
    darts: half.darts.flatMap((dart): Dart[] => [
      dart,
      { ...dart, id: otherId(dart.id), legs: [otherId(dart.legs[1]), otherId(dart.legs[0])] },
    ]),
    levels: half.levels.map(across(mirror)),
  });
}

import { ramerDouglasPeucker } from 'clipper2-ts';
import { curveLength, nearestOn, placeAtLength, type Curve } from '../geometry/curve.ts';
import { add, point, scale, type Point } from '../geometry/point.ts';
import { line } from '../geometry/segment.ts';
import { cutLine } from '../pieces/cut-line.ts';
import { edgeOf, edgesThrough, OUTLINE_TOLERANCE, type Edge, type Piece } from '../pieces/piece.ts';

/** A run of points as straight segments, those left out that lie on the line between their neighbours. */
const through = (points: readonly Point[]): Curve => {
  const kept = ramerDouglasPeucker([...points], OUTLINE_TOLERANCE);
  return kept.slice(1).map((p, index) => line(kept[index] ?? p, p));
};

/** A place on a stitch edge, moved straight out to the cut line. */
function outFrom({ path, allowance }: Edge, along: number): Point {
  const { point: at, direction } = placeAtLength(path, along);
  return add(at, scale(point(direction.y, -direction.x), allowance));
}

const NEAR = 0.05;

/**
 * A piece as its cut line draws it: edges from cut corner to cut corner, allowances in them, darts under their roofs; notches
 * and the ends of levels moved out to it. For shops that chalk the line that the shears follow; mm.
 */
export function cutPiece(piece: Piece): Piece {
  const edges = cutLine(piece).edges.map(({ id, role, points }): Edge => ({
    id,
    role,
    path: through(points),
    allowance: 0,
  }));
  const cutOf = (id: string): Curve | undefined => edges.find((edge) => edge.id === id)?.path;
  const toCut = (p: Point): Point => {
    const [on] = edgesThrough(piece, p).filter(({ id }) => cutOf(id));
    const cut = on && cutOf(on.id);
    if (!cut) return p;
    const edge = edgeOf(piece, on.id);
    if (on.along < NEAR) return cut[0]?.a ?? p;
    if (on.along > curveLength(edge.path) - NEAR) return cut.at(-1)?.b ?? p;
    return outFrom(edge, on.along);
  };
  return {
    ...piece,
    edges,
    notches: piece.notches.flatMap((notch) => {
      const cut = cutOf(notch.edge);
      return cut
        ? [{ ...notch, at: nearestOn(cut, outFrom(edgeOf(piece, notch.edge), notch.at)).along }]
        : [];
    }),
    levels: piece.levels.map((level) => ({
      ...level,
      path: level.path.map((p, index) => (index === level.path.length - 1 ? toCut(p) : p)),
    })),
  };
}

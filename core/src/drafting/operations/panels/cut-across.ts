import { reverseCurve, type Curve } from '../../../geometry/curve.ts';
import type { Point } from '../../../geometry/point.ts';
import {
  edgesThrough,
  makePiece,
  roleLength,
  type Edge,
  type EdgeRole,
  type Level,
  type Piece,
} from '../../../pieces/piece.ts';
import { splitAcross, type Part } from './split-across.ts';
import { carryDimensions, type Effect } from '../../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../../pieces/dimension.ts';
import { drawn, minus } from '../../../workings/working.ts';
import { type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';

/** Ends of a level that lie on a panel: one whose neckline falls below it starts beyond. */
const endsOn = (panel: Piece, { path }: Level): Point[] =>
  [path[0], path.at(-1)].filter((end) => end !== undefined && edgesThrough(panel, end).length > 0) as Point[];

/** Levels go with the part on whose edges their ends lie. */
const withLevels = (piece: Piece, panel: Piece): Piece => ({
  ...piece,
  levels: panel.levels.filter((level) => {
    const ends = endsOn(panel, level);
    return ends.length > 0 && ends.length === endsOn(piece, level).length;
  }),
});

/** A run that the cut parts is told as the part that is left of it. */
const partly =
  (panel: Piece, part: Piece, cut: EdgeRole) =>
  ({ at }: Dimension): Effect | undefined => {
    if (at.kind === 'inside') return undefined;
    if (at.kind === 'run' && at.of !== cut) {
      const [whole, left] = [roleLength(panel, at.of), roleLength(part, at.of)];
      if (left < whole - SAME)
        return { terms: [minus(drawn('beyond the seam', whole - left))], change: 'curve' };
    }
    return { change: 'curve' };
  };

/** Lengths that differ by less are the same, mm. */
const SAME = 1e-6;

/** A part of a panel, closed by the line that it was cut along. */
function closed(panel: Piece, { edges, notches }: Part, edge: Edge): Piece {
  const piece = withLevels(
    makePiece({
      ...panel,
      edges: [...edges, edge],
      notches,
      darts: panel.darts.filter(({ legs }) => legs.every((leg) => edges.some(({ id }) => id === leg))),
      levels: [],
    }),
    panel,
  );
  return carryDimensions(panel, piece, partly(panel, piece, edge.role));
}

/** Keeps of a panel what lies from `from` to `to` in loop order, closed by the line `path` between them; the rest is left off. */
export const keepBetween = (
  panel: Piece,
  from: PlaceOnLoop,
  to: PlaceOnLoop,
  path: Curve,
  edge: Omit<Edge, 'path'>,
): Piece => closed(panel, splitAcross(panel, from, to).between, { ...edge, path: reverseCurve(path) });

/**
 * Cuts a panel in two along a line from one edge to another. Both parts get the line as an edge of the same length; `between`
 * keeps what lies from `from` to `to` in loop order. A dart goes with its mouth; one that the line crosses is a broken invariant.
 */
export function cutAcross(
  panel: Piece,
  from: PlaceOnLoop,
  to: PlaceOnLoop,
  path: Curve,
  edge: Omit<Edge, 'path'>,
): { readonly between: Piece; readonly beyond: Piece } {
  const { between, beyond } = splitAcross(panel, from, to);
  return {
    between: closed(panel, between, { ...edge, path: reverseCurve(path) }),
    beyond: closed(panel, beyond, { ...edge, path }),
  };
}

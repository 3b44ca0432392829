import { reverseCurve, type Curve } from '../../../geometry/curve.ts';
import {
  edgesThrough,
  makePiece,
  roleLength,
  type Edge,
  type EdgeRole,
  type Level,
  type Piece,
} from '../../../pieces/piece.ts';
import { splitAcross } from './split-across.ts';
import { carryDimensions, type Effect } from '../../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../../pieces/dimension.ts';
import { drawn, minus } from '../../../workings/working.ts';
import { type PlaceOnLoop } from '../../../pieces/place-on-loop.ts';

/** Levels go with the part on whose edges both their ends lie. */
const withLevels = (piece: Piece, levels: readonly Level[]): Piece => ({
  ...piece,
  levels: levels.filter(({ path }) =>
    [path[0], path.at(-1)].every((end) => end !== undefined && edgesThrough(piece, end).length > 0),
  ),
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
  const parts = splitAcross(panel, from, to);
  const part = (half: (typeof parts)['between'], cut: Curve) => {
    const piece = withLevels(
      makePiece({
        ...panel,
        edges: [...half.edges, { ...edge, path: cut }],
        notches: half.notches,
        darts: panel.darts.filter(({ legs }) => legs.every((leg) => half.edges.some(({ id }) => id === leg))),
        levels: [],
      }),
      panel.levels,
    );
    return carryDimensions(panel, piece, partly(panel, piece, edge.role));
  };
  return { between: part(parts.between, reverseCurve(path)), beyond: part(parts.beyond, path) };
}

import { clamp } from '../../../geometry/clamp.ts';
import { add, point, type Point } from '../../../geometry/point.ts';
import { curveLength, endDirection, endOf, startOf, type Curve } from '../../../geometry/curve.ts';
import { line } from '../../../geometry/segment.ts';
import { centreOf, makePiece, type Piece } from '../../../pieces/piece.ts';
import { carryDimensions, withDimensions } from '../../../pieces/carry-dimensions.ts';
import type { Dimension } from '../../../pieces/dimension.ts';
import { drawnTerm, type Working } from '../../../workings/working.ts';
import { after, before } from '../../../geometry/loop.ts';

export interface ExtendPlan {
  /** Width of the front past its centre: a button stand, or an overlap. */
  readonly by: Working;
  readonly allowance: number;
  /** The upper edge drawn anew from the front edge; else it is carried on level. It is given where a level one would end. */
  readonly redraw?: (corner: Point) => Curve;
}

/** A hem that arrives steeper than this at the centre is carried on no steeper: mm of rise to each mm across. */
const STEEPEST = 1.3;

/** The lower edge carried on past the centre, the way that it arrives there. */
function footOf(path: Curve, by: number): Point {
  const { x, y } = endDirection(path);
  return add(endOf(path), point(-by, clamp(y / Math.abs(x), -STEEPEST, STEEPEST) * by));
}

/**
 * Carries a front on past its centre, so that it can button or overlap. The piece is cut as a pair instead of on the fold;
 * widths are still taken from the centre line, which a notch marks at the lower end and, where the upper edge runs on level,
 * at the upper.
 */
export function extendCentre(panel: Piece, { by: past, allowance, redraw }: ExtendPlan): Piece {
  const by = past.mm;
  const centre = centreOf(panel);
  const [upper, lower] = [after(panel.edges, centre), before(panel.edges, centre)];
  if (by <= 0) return panel;
  const start = startOf(upper.path);
  const corner = add(start, point(-by, 0));
  const above = redraw ? redraw(corner) : [line(corner, start), ...upper.path];
  const foot = footOf(lower.path, by);
  const gained = curveLength(above) - curveLength(upper.path);
  const extended = makePiece({
    ...panel,
    cut: { copies: 2, layers: 'pair' },
    edges: panel.edges.map((edge) => {
      if (edge === upper) return { ...edge, path: above };
      if (edge === lower) return { ...edge, path: [...lower.path, line(endOf(lower.path), foot)] };
      return edge === centre
        ? { id: 'front-edge', role: 'front', path: [line(foot, startOf(above))], allowance }
        : edge;
    }),
    notches: [
      ...panel.notches.map((notch) =>
        notch.edge === upper.id ? { ...notch, at: notch.at + gained } : notch,
      ),
      ...(redraw ? [] : [{ edge: upper.id, at: by, kind: 'single' as const }]),
      { edge: lower.id, at: curveLength(lower.path), kind: 'single' },
    ],
  });
  // A neck drawn anew from the front edge has its own depth there, which whoever draws it declares.
  const carried = carryDimensions(panel, extended, ({ at }, moved) => {
    if (at.kind !== 'corner') return { change: 'slant' };
    if (redraw && at.of === upper.role && at.end === 'start') return undefined;
    return at.of === 'hem' && at.end === 'end'
      ? {
          terms: [drawnTerm('on past the centre', moved)],
          change: 'slant',
          told: { label: 'Hem, down at the front edge' },
        }
      : { change: 'slant' };
  });
  return withDimensions(carried, frontEdge('past', past));
}

/** The distance of a front edge from the centre line, and the side of it on which it lies. */
export const frontEdge = (side: 'past' | 'inside', working: Working): Dimension => ({
  name: 'front-edge',
  label: side === 'past' ? 'Front edge, past the centre' : 'Front edge, inside the centre',
  kind: 'length',
  at: { kind: 'from centre', of: 'front', side },
  working,
  adds: 'front',
  follows: true,
});

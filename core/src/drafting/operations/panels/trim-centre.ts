import { endOf, lengthWhere, splitCurve, startOf } from '../../../geometry/curve.ts';
import { line } from '../../../geometry/segment.ts';
import { centreOf, makePiece, type Piece } from '../../../pieces/piece.ts';
import { carryDimensions, withDimensions } from '../../../pieces/carry-dimensions.ts';
import { type Working } from '../../../workings/working.ts';
import { frontEdge } from './extend-centre.ts';
import { after, before } from '../../../geometry/loop.ts';

export interface TrimPlan {
  /** Distance of the front edge inside the centre: half of the strip that is sewn to it. */
  readonly by: Working;
  readonly allowance: number;
}

/**
 * Trims a front back from its centre, so that a strip sewn to it brings it out to the centre again: the finished round stays.
 * The piece is cut as a pair; its levels still start at the centre.
 */
export function trimCentre(panel: Piece, { by: inside, allowance }: TrimPlan): Piece {
  const by = inside.mm;
  const centre = centreOf(panel);
  const [upper, lower] = [after(panel.edges, centre), before(panel.edges, centre)];
  const [at, to] = [lengthWhere(upper.path, 'x', by), lengthWhere(lower.path, 'x', by)];
  if (at === undefined || to === undefined) throw new Error(`${panel.id} is too narrow to trim by ${by} mm`);
  const [above, below] = [splitCurve(upper.path, at)[1], splitCurve(lower.path, to)[0]];
  const trimmed = makePiece({
    ...panel,
    cut: { copies: 2, layers: 'pair' },
    edges: panel.edges.map((edge) => {
      if (edge === upper) return { ...edge, path: above };
      if (edge === lower) return { ...edge, path: below };
      return edge === centre
        ? { id: 'front-edge', role: 'front', allowance, path: [line(endOf(below), startOf(above))] }
        : edge;
    }),
    notches: panel.notches.flatMap((notch) => {
      if (notch.edge !== upper.id) return [notch];
      return notch.at > at ? [{ ...notch, at: notch.at - at }] : [];
    }),
  });
  const carried = carryDimensions(panel, trimmed, ({ at }) =>
    at.kind === 'corner' && at.of === 'neck' && at.end === 'start'
      ? { change: 'curve', told: { label: 'Neck, down at the front edge' } }
      : { change: 'curve' },
  );
  return withDimensions(carried, frontEdge('inside', inside));
}

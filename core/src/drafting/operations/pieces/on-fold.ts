import { endOf, startOf } from '../../../geometry/curve.ts';
import { centreOf, makePiece, type Piece } from '../../../pieces/piece.ts';

/** A half whose straight centre is laid on the fold instead of being sewn: no seam and no opening there. */
export function onFold(panel: Piece): Piece {
  const centre = centreOf(panel);
  if (Math.abs(startOf(centre.path).x) > 1e-6 || Math.abs(endOf(centre.path).x) > 1e-6)
    throw new Error(`${panel.id}: its centre is not straight, and cannot lie on the fold`);
  return makePiece({
    ...panel,
    cut: { copies: 1, layers: 'fold' },
    edges: panel.edges.map((edge) => (edge === centre ? { ...edge, role: 'fold', allowance: 0 } : edge)),
  });
}

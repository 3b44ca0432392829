import { endOf, lengthWhere, pointWhere, splitCurve, startOf } from '../../../geometry/curve.ts';
import { point, type Point } from '../../../geometry/point.ts';
import { handleCurve, line } from '../../../geometry/segment.ts';
import { centreOf, makePiece, type Level, type Piece } from '../../../pieces/piece.ts';
import { carryDimensions } from '../../../pieces/carry-dimensions.ts';
import { changed, drawnTerm, minus, type Working } from '../../../workings/working.ts';
import { before } from '../../../geometry/loop.ts';

/** A nip takes at most this part of the panel's waist. */
const MOST = 0.3;

/**
 * Nips the centre back in at the waist, tapering to nothing at `from` (the chest line), mm: a zip would bulge in the hollow
 * of the back. It takes what the rule says of the waist, less on a narrow panel, which the intake records, so that the side gives it back.
 */
export function nipCentreBack(panel: Piece, rule: Working, from: number): Piece {
  const wanted = rule.mm;
  const centre = centreOf(panel);
  const waist = before(panel.edges, centre);
  if (waist.role !== 'waist') return panel;
  const nip = Math.min(wanted, MOST * startOf(waist.path).x);
  const at = lengthWhere(waist.path, 'x', nip);
  if (nip <= 0 || at === undefined) return panel;
  const top = endOf(centre.path);
  const [kept] = splitCurve(waist.path, at);
  const foot = endOf(kept);
  const level = Math.max(top.y, Math.min(from, foot.y - 1));
  const rise = foot.y - level;
  const upright = point(0, -1);
  const bent = handleCurve(foot, upright, 0.3 * rise, point(0, level), upright, 0.45 * rise);
  const startOn = ({ name, path: [start = foot] }: Level): Point => {
    if (name === 'waist') return foot;
    return pointWhere([bent], 'y', start.y) ?? start;
  };
  const nipped = makePiece({
    ...panel,
    edges: panel.edges.map((edge) => {
      if (edge === waist) return { ...edge, path: kept };
      if (edge === centre)
        return { ...edge, path: level > top.y + 1e-6 ? [bent, line(point(0, level), top)] : [bent] };
      return edge;
    }),
    levels: panel.levels.map((each) => ({ ...each, path: [startOn(each), ...each.path.slice(1)] })),
    intakes: [...panel.intakes, { operation: 'centre back nipped', level: 'waist', mm: nip }],
  });
  const taken = changed(rule, 'kept', nip - wanted);
  return carryDimensions(panel, nipped, ({ at }, moved) => {
    if (at.kind !== 'width') return { change: 'curve' };
    const less = at.level === 'waist' ? minus(taken) : drawnTerm('centre back nipped there', moved);
    return { terms: [less], change: 'curve' };
  });
}

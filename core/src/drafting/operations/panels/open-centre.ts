import { endOf, lengthWhere, splitCurve, startOf } from '../../../geometry/curve.ts';
import { after } from '../../../geometry/loop.ts';
import { line } from '../../../geometry/segment.ts';
import { carryDimensions, withDimensions } from '../../../pieces/carry-dimensions.ts';
import { centreOf, makePiece, type Piece } from '../../../pieces/piece.ts';
import { changed, minus, type Working } from '../../../workings/working.ts';

/** At most this part of the upper edge is left open. */
const MOST = 0.6;

/**
 * Leaves a centre open in a straight line from its foot to `by` mm out on the upper edge: the body shows there, under a lace. Its
 * levels still start at the centre line, so that what is open counts in their rounds. Throws on a panel whose upper edge does not pass there.
 */
export function openCentre(panel: Piece, by: Working, allowance: number): Piece {
  const centre = centreOf(panel);
  const upper = after(panel.edges, centre);
  const mm = Math.min(by.mm, MOST * endOf(upper.path).x);
  const gap = changed(by, 'kept', mm - by.mm);
  const at = lengthWhere(upper.path, 'x', mm);
  if (at === undefined) throw new Error(`${panel.id}: its upper edge does not pass ${mm} mm out`);
  const rest = splitCurve(upper.path, at)[1];
  const open = makePiece({
    ...panel,
    edges: panel.edges.map((edge) => {
      if (edge === upper) return { ...edge, path: rest };
      return edge === centre
        ? { ...edge, path: [line(startOf(centre.path), startOf(rest))], allowance }
        : edge;
    }),
    notches: panel.notches.flatMap((notch) => {
      if (notch.edge === centre.id) return [];
      if (notch.edge !== upper.id) return [notch];
      return notch.at > at ? [{ ...notch, at: notch.at - at }] : [];
    }),
  });
  return withDimensions(
    carryDimensions(panel, open, ({ at: place }) => ({
      change: 'curve',
      terms: place.kind === 'run' && place.of === upper.role ? [minus(gap)] : [],
    })),
    {
      name: 'lace-gap',
      label: 'Open at the top, from the centre',
      kind: 'out',
      at: { kind: 'corner', of: upper.role, end: 'start' },
      working: gap,
      follows: true,
    },
  );
}

import { placeAtLength, partedAt } from '../../geometry/curve.ts';
import { between } from '../../geometry/point.ts';
import { line } from '../../geometry/segment.ts';
import { dartDimensions } from '../../pieces/dart-dimensions.ts';
import { carryDimensions, withDimensions } from '../../pieces/carry-dimensions.ts';
import { edgeOf, makePiece, type Edge, type Piece } from '../../pieces/piece.ts';
import { pointOn } from '../../pieces/place-on-loop.ts';
import { drawn, type Working } from '../../workings/working.ts';
import { elbowOn, fairAtElbow, slashedAtElbow } from './elbow.ts';

const DART = 'elbow-dart';
/** The dart runs this part of the way from the back seam to the front one. Common practice. */
const REACH = 0.4;

/** A sleeve with a dart in its back seam at the elbow: it swings forward below by what the dart takes in. */
export function withElbowDart(sleeve: Piece, level: number, open: Working): Piece {
  const [down, up] = ['underarm-front', 'underarm-back'];
  const [hinge, mouth] = [elbowOn(sleeve, down, level), elbowOn(sleeve, up, level)];
  const slashed = slashedAtElbow(sleeve, { down, up, opened: up, level, open: open.mm });
  const fair = fairAtElbow(slashed, down, hinge, 0);
  const back = edgeOf(fair, up);
  // The back seam runs up: its lower lip comes first.
  const [lower, rest] = partedAt(back.path, mouth, 0);
  const [, upper] = partedAt(rest, open.mm, 0);
  const [a, b] = [mouth, mouth + open.mm].map((at) => placeAtLength(back.path, at).point);
  if (!a || !b) throw new Error('a dart has two lips');
  const tip = between(between(a, b, 0.5), pointOn(slashed, { edge: down, at: hinge }), REACH);
  const leg = (id: string, path: Edge['path']): Edge => ({ id, role: 'dart', path, allowance: 0 });
  const legs = [`${DART}-outer`, `${DART}-inner`] as const;
  const dart = { id: DART, in: 'underarm', legs, pressed: 'hem' } as const;
  const darted = makePiece({
    ...fair,
    edges: fair.edges.flatMap((edge) =>
      edge === back
        ? [
            { ...edge, id: `${up}-1`, path: lower },
            leg(legs[0], [line(a, tip)]),
            leg(legs[1], [line(tip, b)]),
            { ...edge, id: `${up}-2`, path: upper },
          ]
        : [edge],
    ),
    darts: [...fair.darts, dart],
  });
  return withDimensions(
    carryDimensions(fair, darted, () => ({ change: 'curve' })),
    ...dartDimensions(darted, dart, {
      intake: open,
      tipOut: drawn('from the grain line', tip.x),
      tipDown: drawn('at the elbow', tip.y),
    }),
  );
}

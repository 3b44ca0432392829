import type { Detail } from '../../drafting/detail.ts';
import { standCollar } from '../../drafting/collar/stand-collar.ts';
import { buttoned } from '../../drafting/operations/edges/buttoned.ts';
import { evenly } from '../../drafting/operations/edges/notched.ts';
import { point } from '../../geometry/point.ts';
import { strip } from '../../drafting/operations/pieces/strip.ts';
import { edgeLength, edgeOf, roleLength, type Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { divided, edgeOfPiece, plus, sum } from '../../workings/working.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import { keyholeShirtBodiceChoices, type KeyholeShirtBodiceChosen } from './choices.ts';

export interface CollarAndPlacket {
  readonly pieces: readonly Piece[];
  readonly seams: readonly Seam[];
  readonly details: readonly Detail[];
}

/**
 * The placket is as long as the front edge and the cut-out around which it is carried; the collar as the necks that were
 * drafted, less the wedge of the cut-out, and half of the placket that stands in for the cloth trimmed from the centre.
 */
export function collarAndPlacket(
  front: Piece,
  back: Piece,
  chosen: KeyholeShirtBodiceChosen,
  allowance: { readonly neck: number; readonly strip: number },
): CollarAndPlacket {
  const [frontNeck, backNeck] = [roleLength(front, 'neck'), roleLength(back, 'neck')];
  const [edge, around] = [edgeLength(edgeOf(front, 'front-edge')), edgeLength(edgeOf(front, 'cut-out'))];
  const width = choiceTerm(keyholeShirtBodiceChoices, 'placket', chosen.placket);
  const half = chosen.placket / 2;
  const count = Number(chosen.buttons);
  const places = evenly(count, edge).map((at) => point(half, at));
  const plain = strip({
    id: 'placket',
    name: 'Placket',
    role: 'outer',
    part: 'placket',
    length: sum(
      plus(edgeOfPiece(front.name, 'front edge', edge)),
      plus(edgeOfPiece(front.name, 'cut-out', around)),
    ),
    width,
    doubled: true,
    copies: 2,
    allowance: allowance.strip,
    notchesAt: [edge],
  });
  const placket = buttoned(plain, places[0] ?? point(half, 0), places.at(-1) ?? point(half, edge), count);
  const collar = standCollar({
    neck: sum(
      plus(edgeOfPiece(front.name, 'neck', frontNeck)),
      plus(edgeOfPiece(back.name, 'neck', backNeck)),
      plus(divided(width, 2)),
    ),
    fold: 'back',
    shoulderAt: backNeck,
    height: choiceTerm(keyholeShirtBodiceChoices, 'collarHeight', chosen.collarHeight),
    raise: choiceTerm(keyholeShirtBodiceChoices, 'collarRaise', chosen.collarRaise),
    allowance: allowance.neck,
    copies: 2,
  });
  return {
    pieces: [placket, collar],
    details: [
      { kind: 'placket', piece: placket.id, binds: edgesOf(front, 'front'), width: chosen.placket },
      { kind: 'collar', piece: collar.id, manner: 'falls' },
    ],
    seams: [
      equalSeam('placket to front', [`${placket.id}/band`], edgesOf(front, 'front'), 'frontWaistLength'),
      {
        id: 'collar to neck',
        a: edgesOf(collar, 'band'),
        b: [...edgesOf(front, 'neck'), ...edgesOf(back, 'neck')],
        relation: { kind: 'ease', mm: half },
        governing: 'shoulder',
      },
    ],
  };
}

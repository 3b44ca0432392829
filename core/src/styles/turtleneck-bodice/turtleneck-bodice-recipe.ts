import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { Allowances } from '../../pieces/allowances.ts';
import { standCollar } from '../../drafting/collar/stand-collar.ts';
import { roleLength } from '../../pieces/piece.ts';
import { equalSeam } from '../../pieces/seam.ts';
import { edgeOfPiece, plus, sum } from '../../workings/working.ts';
import type { FacedBodice } from '../faced-bodice/faced-bodice.ts';
import { facedRecipe, type AddedToBodice } from '../faced-bodice/faced-recipe.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import { fillChoices } from '../fill-choices.ts';
import { turtleneckBodiceChoices, type TurtleneckBodiceChosen } from './choices.ts';
import { turtleneckBodice } from './turtleneck-bodice.ts';

const bodice = (chosen: TurtleneckBodiceChosen): BodiceChoices => ({
  ...chosen,
  darted: chosen.darts === 'darts',
});

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
const fill = fillChoices(turtleneckBodiceChoices, bodice);

/** The collar, as long as the necklines that were drafted. */
function more(
  allowances: Allowances,
  { pieces }: FacedBodice,
  chosen: TurtleneckBodiceChosen,
): AddedToBodice {
  const [front, back] = [roleLength(pieces.bodiceFront, 'neck'), roleLength(pieces.bodiceBack, 'neck')];
  const collar = standCollar({
    neck: sum(
      plus(edgeOfPiece(pieces.bodiceFront.name, 'neck', front)),
      plus(edgeOfPiece(pieces.bodiceBack.name, 'neck', back)),
    ),
    fold: 'front',
    shoulderAt: front,
    height: choiceTerm(turtleneckBodiceChoices, 'collarHeight', chosen.collarHeight),
    raise: choiceTerm(turtleneckBodiceChoices, 'collarRaise', chosen.collarRaise),
    allowance: allowances.neck,
    copies: 2,
  });
  return {
    pieces: [collar],
    details: [{ kind: 'collar', piece: collar.id, manner: 'stands' }],
    seams: [
      equalSeam(
        'collar to neck',
        edgesOf(collar, 'band'),
        [...edgesOf(pieces.bodiceFront, 'neck'), ...edgesOf(pieces.bodiceBack, 'neck')],
        'shoulder',
      ),
    ],
  };
}

export const turtleneckBodiceRecipe = facedRecipe({
  style: turtleneckBodice,
  fill,
  bodice,
  ends: (chosen) => chosen,
  more,
});

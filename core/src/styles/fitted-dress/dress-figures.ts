import type { FiguresOf } from '../../drafting/hand-figures.ts';
import { facedBodiceFigures } from '../faced-bodice/faced-bodice-figures.ts';
import type { FigureContext } from '../figure-parts.ts';
import type { FittedDressChosen } from './choices.ts';
import type { DressDraft } from './pieces.ts';
import { skirtFigures } from './skirt-figures.ts';

/** The cut dimensions of every piece of the dress, by which piece it is. */
export function dressFigures(
  context: FigureContext,
  choices: FittedDressChosen,
  { bodice, skirt }: DressDraft,
): FiguresOf {
  const ofBodice = facedBodiceFigures(context, choices, bodice);
  return (piece) =>
    piece.piece.id.includes('skirt-')
      ? skirtFigures(context, choices, skirt, piece, bodice.frame.waist.front)
      : ofBodice(piece);
}

import type { Bodice } from '../../drafting/bodice/bodice.ts';
import type { FiguresOf } from '../../drafting/hand-figures.ts';
import type { FigureContext } from '../figure-parts.ts';
import { bodiceFigures, liningBodiceFigures } from './bodice-figures.ts';
import type { FacedBodiceChosen } from './choices.ts';
import { facingFigures } from './facing-figures.ts';

/** The cut dimensions of every piece of a faced bodice, by which piece it is. */
export const facedBodiceFigures =
  (context: FigureContext, choices: FacedBodiceChosen, bodice: Bodice): FiguresOf =>
  (piece) => {
    const { id, role } = piece.piece;
    if (id.includes('facing-')) return facingFigures(context.rules, piece);
    return role === 'lining'
      ? liningBodiceFigures(context, choices, bodice, piece)
      : bodiceFigures(context, choices, bodice, piece);
  };

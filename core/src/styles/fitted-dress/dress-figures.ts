import type { FiguresOf } from '../../drafting/hand-figures.ts';
import { bodiceFigures, liningBodiceFigures } from './bodice-figures.ts';
import { facingFigures } from './facing-figures.ts';
import type { FigureContext } from './figures.ts';
import type { Chosen, DressDraft } from './pieces.ts';
import { skirtFigures } from './skirt-figures.ts';

/** The cut dimensions of every piece of the dress, by which piece it is. */
export const dressFigures =
  (context: FigureContext, choices: Chosen, { bodice, skirt }: DressDraft): FiguresOf =>
  (piece) => {
    const { id, role } = piece.piece;
    if (id.includes('facing-')) return facingFigures(context.rules, piece);
    if (id.includes('skirt-')) return skirtFigures(context, choices, skirt, piece, bodice.frame.waist.front);
    if (role === 'lining') return liningBodiceFigures(context, choices, bodice, piece);
    return bodiceFigures(context, choices, bodice, piece);
  };

import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { facedRecipe } from '../faced-bodice/faced-recipe.ts';
import { fillChoices } from '../fill-choices.ts';
import { plainBodiceChoices, type PlainBodiceChosen } from './choices.ts';
import { plainBodice } from './plain-bodice.ts';

const bodice = (chosen: PlainBodiceChosen): BodiceChoices => ({
  ...chosen,
  darted: chosen.darts === 'darts',
});

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
const fill = fillChoices(plainBodiceChoices, bodice);

export const plainBodiceRecipe = facedRecipe({ style: plainBodice, fill, bodice, ends: (chosen) => chosen });

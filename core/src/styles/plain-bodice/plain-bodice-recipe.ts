import { bodiceFrame, type BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import { facedRecipe } from '../faced-bodice/faced-recipe.ts';
import { withDefaults, type DraftInput } from '../style.ts';
import { plainBodiceChoices, type PlainBodiceChosen } from './choices.ts';
import { plainBodice } from './plain-bodice.ts';

const bodice = (chosen: PlainBodiceChosen): BodiceChoices => ({
  ...chosen,
  darted: chosen.darts === 'darts',
});

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
function fill(body: Body, { choices, rules }: DraftInput): PlainBodiceChosen {
  const filled = withDefaults(plainBodiceChoices, choices);
  const { frame } = bodiceFrame(body, bodice(filled), rules);
  return { ...filled, neckWidth: filled.neckWidth || frame.neckPoint.x };
}

export const plainBodiceRecipe = facedRecipe({ style: plainBodice, fill, bodice });

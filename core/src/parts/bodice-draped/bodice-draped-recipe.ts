import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import type { Wearer } from '../../garment/part.ts';
import { princess } from '../bodice-princess/bodice-princess-recipe.ts';
import { crossedCloth, underCrossed } from '../princess-shell/crossed-cloth.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { bodiceDrapedChoices, type BodiceDrapedChosen } from './choices.ts';

const fill = (values: ChoiceValues, wearer: Wearer): BodiceDrapedChosen => ({
  ...withDefaults(bodiceDrapedChoices, values, usualSize(wearer.body)),
  ...princess.fill(values, wearer),
});

function finish(context: ShellContext, chosen: BodiceDrapedChosen): ShellGarment {
  const crossed = crossedCloth(context, {
    id: 'drape',
    name: 'Cross drape',
    role: 'outer',
    tight: choiceTerm(bodiceDrapedChoices, 'drapeTight', chosen.drapeTight),
    ratio: Number(chosen.drapeGather),
  });
  return underCrossed(princess.finish(context), crossed);
}

export const bodiceDrapedRecipe = shellRecipe({ fill, plan: princess.plan, finish });

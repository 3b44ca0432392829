import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import type { Wearer } from '../../garment/part.ts';
import { princess } from '../bodice-princess/bodice-princess-recipe.ts';
import { crossedNet } from '../princess-shell/crossed-net.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { bodiceDrapedChoices, type BodiceDrapedChosen } from './choices.ts';

const fill = (values: ChoiceValues, wearer: Wearer): BodiceDrapedChosen => ({
  ...withDefaults(bodiceDrapedChoices, values, usualSize(wearer.body)),
  ...princess.fill(values, wearer),
});

function finish(context: ShellContext, chosen: BodiceDrapedChosen): ShellGarment {
  const bodice = princess.finish(context);
  const drape = crossedNet(context, {
    tight: choiceTerm(bodiceDrapedChoices, 'drapeTight', chosen.drapeTight),
    ratio: Number(chosen.drapeGather),
    drape: { id: 'drape', name: 'Cross drape' },
  });
  return {
    ...bodice,
    others: [...bodice.others, drape.piece],
    details: [...bodice.details, drape.detail],
  };
}

export const bodiceDrapedRecipe = shellRecipe({ fill, plan: princess.plan, finish });

import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import type { Wearer } from '../../garment/part.ts';
import { usualSize } from '../../drafting/bodice/frame.ts';
import { offShoulder } from '../bodice-off-shoulder/bodice-off-shoulder-recipe.ts';
import { crossedCloth, underCrossed } from '../princess-shell/crossed-cloth.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { bodiceCrossedNetChoices, type BodiceCrossedNetChosen } from './choices.ts';

const fill = (values: ChoiceValues, wearer: Wearer): BodiceCrossedNetChosen => ({
  ...withDefaults(bodiceCrossedNetChoices, values, usualSize(wearer.body)),
  ...offShoulder.fill(values, wearer),
});

function finish(context: ShellContext, chosen: BodiceCrossedNetChosen): ShellGarment {
  const crossed = crossedCloth(context, {
    id: 'net-crossed',
    name: 'Crossed net',
    role: 'net',
    tight: choiceTerm(bodiceCrossedNetChoices, 'netTight', chosen.netTight),
    ratio: Number(chosen.netGather),
  });
  return underCrossed(offShoulder.finish(context, chosen), crossed);
}

export const bodiceCrossedNetRecipe = shellRecipe({ fill, plan: offShoulder.plan, finish });

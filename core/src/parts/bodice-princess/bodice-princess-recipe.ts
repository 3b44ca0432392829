import { armholeChecks } from '../../checks/openings.ts';
import type { Body } from '../../drafting/body.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { faceWholeBodice, insideOf } from '../faced-bodice/faced-bodice.ts';
import { insideSeams } from '../faced-bodice/seams.ts';
import { fillChoices } from '../fill-choices.ts';
import { panelsOf } from '../princess-shell/princess-shell.ts';
import { plainShell, type ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { zipDown } from '../../garment/zip-down.ts';
import { bodicePrincessChoices, type BodicePrincessChosen } from './choices.ts';
import { facingSeams } from './seams.ts';

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
const fill = fillChoices(bodicePrincessChoices, (chosen) => ({ ...chosen, darted: true }));

/** Intake of the front's seams under the bust on each side, by the build that the eye saw. */
function intakeOf({ observations }: Body, rules: RuleSet): number {
  switch (observations.build) {
    case 'slim':
      return rules['intake.slim'];
    case 'middle':
      return rules['intake.middle'];
    case 'full':
      return rules['intake.full'];
  }
}

function shapedUnderBust(body: Body, chosen: BodicePrincessChosen, rules: RuleSet): ShellPlan['underBust'] {
  if (body.kind === 'child') return undefined;
  switch (chosen.underBust) {
    case 'straight':
      return undefined;
    case 'build':
      return { kind: 'each-side', mm: intakeOf(body, rules) };
    case 'tape':
      return { kind: 'round', mm: body.mm('underBust') + chosen.easeUnderBust };
  }
}

/** Princess seams to the waist, where it ends and takes any skirt. */
const plan = (body: Body, chosen: BodicePrincessChosen, rules: RuleSet): ShellPlan => ({
  ...plainShell({ ...chosen, darted: true }, rules),
  leaves: chosen.seam,
  underBust: shapedUnderBust(body, chosen, rules),
});

/** The panels, over the facings, lining and stay of the block that they are cut from. */
function finish(context: ShellContext): ShellGarment {
  const { shell, body, rules, allowances } = context;
  const faced = faceWholeBodice(shell.bodice, rules, allowances);
  const inside = insideOf(faced.pieces);
  const panels = panelsOf(shell);
  const found = new Set(shell.bodice.findings);
  return {
    panels,
    others: Object.values<Piece>({ ...inside }),
    seams: [...shellSeams(shell), ...facingSeams(shell, inside), ...insideSeams(inside)],
    details: [zipDown('back', [shell.back.centre])],
    covering: [shell.front.centre.id, shell.back.centre.id],
    checks: armholeChecks(panels, body),
    // The block's own are the shell's already; its darts are still sewn in the lining.
    findings: faced.findings.filter((each) => !found.has(each)),
  };
}

export const princess = { fill, plan, finish };

export const bodicePrincessRecipe = shellRecipe(princess);

import { armholeChecks } from '../../checks/openings.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { Body } from '../../drafting/body.ts';
import { cutOut } from '../../drafting/operations/edges/cut-out.ts';
import { onFold } from '../../drafting/operations/pieces/on-fold.ts';
import { trimCentre } from '../../drafting/operations/panels/trim-centre.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { divided, type Working } from '../../workings/working.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { panelsOf, type PrincessShell } from '../princess-shell/princess-shell.ts';
import { plainShell, type ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRecipe, type ShellContext, type ShellGarment } from '../princess-shell/shell-recipe.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { seamsIn, traced } from '../../drafting/operations/pieces/traced.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodicePlacketChoices, type BodicePlacketChosen } from './choices.ts';
import { placketOf } from './placket.ts';

const bodiceChoices = (chosen: BodicePlacketChosen): BodiceChoices => ({
  ...chosen,
  neckline: 'round',
  darted: true,
});

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
const fill = fillChoices(bodicePlacketChoices, bodiceChoices);

const plan = (_body: Body, chosen: BodicePlacketChosen, rules: RuleSet): ShellPlan =>
  plainShell(bodiceChoices(chosen), rules);

/** The width of the placket that was chosen. */
const placketWidth = ({ placket }: BodicePlacketChosen): Working =>
  choiceTerm(bodicePlacketChoices, 'placket', placket);

/** Trimmed for the placket, with the heart cut out. */
const frontOf = ({ shell, allowances }: ShellContext, chosen: BodicePlacketChosen): Piece =>
  cutOut(
    trimCentre(shell.front.centre, {
      by: divided(placketWidth(chosen), 2),
      allowance: allowances.front,
    }),
    {
      depth: choiceTerm(bodicePlacketChoices, 'cutDepth', chosen.cutDepth),
      wedge: choiceTerm(bodicePlacketChoices, 'wedge', chosen.wedge),
      allowance: allowances.front,
    },
  );

function finish(context: ShellContext, chosen: BodicePlacketChosen): ShellGarment {
  const { body, allowances } = context;
  const shell: PrincessShell = {
    ...context.shell,
    front: { ...context.shell.front, centre: frontOf(context, chosen) },
    back: { ...context.shell.back, centre: onFold(context.shell.back.centre) },
  };
  const panels = panelsOf(shell);
  const seams = shellSeams(shell);
  const placket = placketOf(shell.front.centre, {
    width: placketWidth(chosen),
    buttons: Number(chosen.buttons),
    allowance: allowances.strip,
  });
  return {
    panels,
    others: [
      placket.piece,
      ...traced(panels, 'lining', allowances.liningHem),
      ...traced([placket.piece], 'stay', 0),
    ],
    seams: [...seams, placket.seam, ...seamsIn(seams, 'lining')],
    details: [placket.detail],
    // It stands in for the cloth trimmed from the centre.
    besideNeck: divided(placketWidth(chosen), 2),
    covering: [shell.front.centre.id, shell.back.centre.id],
    checks: armholeChecks(panels, body),
    findings: [],
  };
}

export const bodicePlacketRecipe = shellRecipe({ fill, plan, finish });

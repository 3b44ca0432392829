import { armholeFindings } from '../../checks/openings.ts';
import { allowancesFrom } from '../../drafting/allowances.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { assembleDraft, type Named } from '../assemble-draft.ts';
import { neckAndShoulder } from '../faced-bodice/bodice-figures.ts';
import { facedBodiceFigures } from '../faced-bodice/faced-bodice-figures.ts';
import { faceWholeBodice, insideOf } from '../faced-bodice/faced-bodice.ts';
import { insideSeams } from '../faced-bodice/seams.ts';
import { shellPanelFigures } from '../princess-shell/panel-figures.ts';
import { draftPrincessShell, panelsOf } from '../princess-shell/princess-shell.ts';
import type { ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRounds } from '../princess-shell/shell-rounds.ts';
import { shellWorn } from '../princess-shell/shell-worn.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import type { ChoiceValues, DraftInput, Recipe } from '../style.ts';
import { bustierBodice } from './bustier-bodice.ts';
import { fillChoices } from '../fill-choices.ts';
import { bustierBodiceChoices, type BustierBodiceChosen } from './choices.ts';
import { facingSeams } from './seams.ts';

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
const fill = fillChoices(bustierBodiceChoices, (chosen) => ({ ...chosen, darted: true }));

/** What the front's seams take under the bust on each side, by the build that the eye saw. */
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

function shapedUnderBust(body: Body, chosen: BustierBodiceChosen, rules: RuleSet): ShellPlan['underBust'] {
  switch (chosen.underBust) {
    case 'straight':
      return undefined;
    case 'build':
      return { eachSide: intakeOf(body, rules) };
    case 'tape':
      return { round: body.mm('underBust') + chosen.easeUnderBust };
  }
}

/** Princess seams to the waist, where it ends and takes any skirt. */
const shellPlan = (body: Body, chosen: BustierBodiceChosen, rules: RuleSet): ShellPlan => ({
  bodice: { ...chosen, darted: true },
  leaves: chosen.seam,
  armholeEase: rules['armhole.ease'],
  overBust: 0,
  underBust: shapedUnderBust(body, chosen, rules),
  nip: 0,
  below: undefined,
});

function draft(input: DraftInput): Draft {
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, bustierBodice.derives, rules);
  const choices = fill(body, input);
  const allowances = allowancesFrom(rules, input.allowances);
  const plan = shellPlan(body, choices, rules);
  const shell = draftPrincessShell(body, plan, rules, allowances);
  const faced = faceWholeBodice(shell.bodice, rules, allowances);
  const inside = insideOf(faced.pieces);
  const context = { body, allowances, rules, plan, shell };
  const insideFigures = facedBodiceFigures(context, choices, shell.bodice);
  const panels = panelsOf(shell);
  const named = (find: Named) => panels.map(({ id }) => find(id));
  return assembleDraft(
    {
      pieces: [...panels, ...Object.values<Piece>(inside)],
      figuresOf: (piece) =>
        panels.some(({ id }) => id === piece.piece.id)
          ? shellPanelFigures(context, piece, (panel, which) =>
              neckAndShoulder(context, choices, shell.bodice, panel, which),
            )
          : insideFigures(piece),
      seams: [...shellSeams(shell), ...facingSeams(shell, inside), ...insideSeams(inside)],
      rounds: (find) => shellRounds(context, named(find)),
      covering: ['bodice-front-centre', 'bodice-back-centre'],
      worn: shellWorn(shell),
      openings: (find) => armholeFindings(named(find), (id) => body.taken(id)),
      findings: [...faced.findings, ...findings],
    },
    input,
  );
}

export const bustierBodiceRecipe: Recipe = {
  draft,
  chosen: (input): ChoiceValues =>
    fill(resolveBody(input.person, bustierBodice.derives, input.rules).body, input),
};

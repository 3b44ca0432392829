import { armholeFindings } from '../../checks/openings.ts';
import { allowancesFrom } from '../../drafting/allowances.ts';
import { bodiceFrame } from '../../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RuleSet } from '../../rules/catalogue.ts';
import { assembleDraft, type Named } from '../assemble-draft.ts';
import { neckAndShoulder } from '../faced-bodice/bodice-figures.ts';
import { facedBodiceChoices, type FacedBodiceChosen } from '../faced-bodice/choices.ts';
import { facedBodiceFigures } from '../faced-bodice/faced-bodice-figures.ts';
import { faceWholeBodice, insideOf } from '../faced-bodice/faced-bodice.ts';
import { insideSeams } from '../faced-bodice/seams.ts';
import { shellPanelFigures } from '../princess-shell/panel-figures.ts';
import { draftPrincessShell, panelsOf } from '../princess-shell/princess-shell.ts';
import type { ShellPlan } from '../princess-shell/shell-plan.ts';
import { shellRounds } from '../princess-shell/shell-rounds.ts';
import { shellWorn } from '../princess-shell/shell-worn.ts';
import { shellSeams } from '../princess-shell/shell-seams.ts';
import { withDefaults, type ChoiceValues, type DraftInput, type Recipe } from '../style.ts';
import { bustierBodice } from './bustier-bodice.ts';
import { facingSeams } from './seams.ts';

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
function fillChoices(body: Body, { choices, rules }: DraftInput): FacedBodiceChosen {
  const filled = withDefaults(facedBodiceChoices, choices);
  const { frame } = bodiceFrame(body, { ...filled, darted: true }, rules);
  return { ...filled, neckWidth: filled.neckWidth || frame.neckPoint.x };
}

/** Princess seams from the armholes to the waist, where it ends and takes any skirt. */
const shellPlan = (choices: FacedBodiceChosen, rules: RuleSet): ShellPlan => ({
  bodice: { ...choices, darted: true },
  leaves: 'armhole',
  armholeEase: rules['armhole.ease'],
  overBust: 0,
  underBust: undefined,
  nip: 0,
  below: undefined,
});

function draft(input: DraftInput): Draft {
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, bustierBodice.derives, rules);
  const choices = fillChoices(body, input);
  const allowances = allowancesFrom(rules, input.allowances);
  const plan = shellPlan(choices, rules);
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
    fillChoices(resolveBody(input.person, bustierBodice.derives, input.rules).body, input),
};

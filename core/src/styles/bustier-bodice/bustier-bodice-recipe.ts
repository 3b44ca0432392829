import { armholeFindings } from '../../checks/openings.ts';
import { measureRound } from '../../checks/rounds.ts';
import { allowancesFrom } from '../../drafting/allowances.ts';
import { bodiceFrame } from '../../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import { assembleDraft, type Named } from '../assemble-draft.ts';
import { facedBodiceFigures } from '../faced-bodice/faced-bodice-figures.ts';
import { withDefaults, type ChoiceValues, type DraftInput, type Recipe } from '../style.ts';
import { bustierBodice } from './bustier-bodice.ts';
import { facedBodiceChoices, type FacedBodiceChosen } from '../faced-bodice/choices.ts';
import { panelFigures } from './panel-figures.ts';
import { draftBustier, panelsOf } from './panels.ts';
import { bustierSeams } from './seams.ts';

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
function fillChoices(body: Body, { choices, rules }: DraftInput): FacedBodiceChosen {
  const filled = withDefaults(facedBodiceChoices, choices);
  const { frame } = bodiceFrame(body, { ...filled, darted: true }, rules);
  return { ...filled, neckWidth: filled.neckWidth || frame.neckPoint.x };
}

function draft(input: DraftInput): Draft {
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, bustierBodice.derives, rules);
  const choices = fillChoices(body, input);
  const allowances = allowancesFrom(rules, input.allowances);
  const bustier = draftBustier(body, choices, rules, allowances);
  const { bodice, pieces } = bustier.faced;
  const inside = [
    pieces.facingFront,
    pieces.facingBack,
    pieces.liningBodiceFront,
    pieces.liningBodiceBack,
    pieces.stayFront,
    pieces.stayBack,
  ];
  const context = { body, allowances, rules };
  const insideFigures = facedBodiceFigures(context, choices, bodice);
  const panels = panelsOf(bustier);
  const named = (find: Named) => panels.map(({ id }) => find(id));
  return assembleDraft(
    {
      pieces: [...panels, ...inside],
      figuresOf: (piece) =>
        panels.some(({ id }) => id === piece.piece.id)
          ? panelFigures(context, choices, bodice, piece)
          : insideFigures(piece),
      seams: bustierSeams(bustier),
      rounds: (find) => [
        measureRound('bust', named(find), body.mm('bust'), choices.easeBust),
        measureRound('waist', named(find), body.mm('waist'), choices.easeWaist),
      ],
      covering: ['bodice-front-centre', 'bodice-back-centre'],
      openings: (find) => armholeFindings(named(find), (id) => body.taken(id)),
      findings: [...bustier.faced.findings, ...findings],
    },
    input,
  );
}

export const bustierBodiceRecipe: Recipe = {
  draft,
  chosen: (input): ChoiceValues =>
    fillChoices(resolveBody(input.person, bustierBodice.derives, input.rules).body, input),
};

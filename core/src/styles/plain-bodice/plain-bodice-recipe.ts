import { armholeFindings } from '../../checks/openings.ts';
import { measureRound } from '../../checks/rounds.ts';
import { allowancesFrom } from '../../drafting/allowances.ts';
import { bodiceFrame, type BodiceChoices } from '../../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import type { Piece } from '../../pieces/piece.ts';
import { assembleDraft, type Named } from '../assemble-draft.ts';
import { facedBodiceFigures } from '../faced-bodice/faced-bodice-figures.ts';
import { draftFacedBodice } from '../faced-bodice/faced-bodice.ts';
import { facedBodiceSeams } from '../faced-bodice/seams.ts';
import { withDefaults, type ChoiceValues, type DraftInput, type Recipe } from '../style.ts';
import { plainBodiceChoices, type PlainBodiceChosen } from './choices.ts';
import { plainBodice } from './plain-bodice.ts';

const bodiceChoices = (choices: PlainBodiceChosen): BodiceChoices => ({
  ...choices,
  darted: choices.darts === 'darts',
});

/** Choices with defaults filled in: unless chosen, the neck lies at its base. */
function fillChoices(body: Body, { choices, rules }: DraftInput): PlainBodiceChosen {
  const filled = withDefaults(plainBodiceChoices, choices);
  const { frame } = bodiceFrame(body, bodiceChoices(filled), rules);
  return { ...filled, neckWidth: filled.neckWidth || frame.neckPoint.x };
}

function draft(input: DraftInput): Draft {
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, plainBodice.derives, rules);
  const choices = fillChoices(body, input);
  const allowances = allowancesFrom(rules, input.allowances);
  const faced = draftFacedBodice(body, bodiceChoices(choices), rules, allowances);
  const bodice = (named: Named) => [named('bodice-front'), named('bodice-back')];
  return assembleDraft(
    {
      pieces: Object.values<Piece>({ ...faced.pieces }),
      figuresOf: facedBodiceFigures({ body, allowances, rules }, choices, faced.bodice),
      seams: facedBodiceSeams(faced.pieces),
      rounds: (named) => [
        measureRound('bust', bodice(named), body.mm('bust'), choices.easeBust),
        measureRound('waist', bodice(named), body.mm('waist'), choices.easeWaist),
      ],
      covering: ['bodice-front', 'bodice-back'],
      // The zip runs through, so that the waist opens and nothing has to pass it.
      openings: (named) => armholeFindings(bodice(named), (id) => body.taken(id)),
      findings: [...faced.findings, ...findings],
    },
    input,
  );
}

export const plainBodiceRecipe: Recipe = {
  draft,
  chosen: (input): ChoiceValues =>
    fillChoices(resolveBody(input.person, plainBodice.derives, input.rules).body, input),
};

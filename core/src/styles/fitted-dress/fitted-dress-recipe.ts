import { chosenOfParts, withParts } from '../../parts/with-parts.ts';
import { armholeFindings, zipFindings } from '../../checks/openings.ts';
import type { Named } from '../../checks/rounds.ts';
import { allowancesFrom } from '../../pieces/allowances.ts';
import { bodiceFrame } from '../../drafting/bodice/frame.ts';
import { resolveBody, type Body } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import { slitForStride } from '../../drafting/skirt/skirt.ts';
import { girthOf } from '../../pieces/girth.ts';
import type { Piece } from '../../pieces/piece.ts';
import { assembleDraft } from '../../garment/assemble-draft.ts';
import type { Recipe } from '../style.ts';
import type { DraftInput } from '../../garment/draft-input.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import { zipDown } from '../../garment/zip-down.ts';
import { fittedDressChoices, type FittedDressChosen } from './choices.ts';
import { fittedDress } from './fitted-dress.ts';
import { draftDress } from './pieces.ts';
import { dressSeams } from './seams.ts';

/** Choices with defaults filled in: unless chosen, the neck lies at its base, the hem falls at the knee and the slit lets a stride through. */
function fillChoices(body: Body, { choices, rules }: DraftInput): FittedDressChosen {
  const filled = withDefaults(fittedDressChoices, choices);
  const { frame } = bodiceFrame(body, { ...filled, darted: true }, rules);
  const length = filled.length || frame.waist.front + body.mm('waistToKnee');
  const skirt = { easeHip: filled.easeHip, pegging: filled.pegging, length: length - frame.waist.front };
  return {
    ...filled,
    neckWidth: filled.neckWidth || frame.neckPoint.x,
    length,
    slit: choices['slit'] === undefined ? slitForStride(body, skirt, rules) : filled.slit,
  };
}

function draft(input: DraftInput): Draft {
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, fittedDress.derives, rules);
  const choices = fillChoices(body, input);
  const allowances = allowancesFrom(rules, input.allowances);
  const dress = draftDress(body, choices, rules, allowances);
  const { bodiceFront, bodiceBack, skirtFront, skirtBack } = dress.pieces;
  const bodice = (named: Named) => [named('bodice-front'), named('bodice-back')];
  const skirt = (named: Named) => [named('skirt-front'), named('skirt-back')];
  const zipEnd = body.mm('waistToHip') - rules['zip.aboveHip'];
  return assembleDraft(
    withParts(
      {
        pieces: Object.values<Piece>({ ...dress.pieces }),
        seams: dressSeams(dress.pieces),
        girths: [
          girthOf('bust', [bodiceFront, bodiceBack], body.mm('bust'), choices.easeBust),
          girthOf('waist', [bodiceFront, bodiceBack], body.mm('waist'), choices.easeWaist),
          girthOf('hip', [skirtFront, skirtBack], body.mm('hip'), choices.easeHip),
        ],
        covering: ['bodice-front', 'bodice-back'],
        details: [zipDown('back', [bodiceBack, skirtBack], zipEnd)],
        checks: (named) => [
          ...zipFindings(skirt(named), zipEnd, body.mm('bust'), body.mm('hip')),
          ...armholeFindings(bodice(named), (id) => body.taken(id)),
        ],
        findings: [...dress.findings, ...findings],
      },
      input,
    ),
    input,
  );
}

export const fittedDressRecipe: Recipe = {
  draft,
  chosen: (input): ChoiceValues => ({
    ...fillChoices(resolveBody(input.person, fittedDress.derives, input.rules).body, input),
    ...chosenOfParts(input),
  }),
};

import { allowancesFrom } from '../../pieces/allowances.ts';
import { bodiceBySchool } from '../../drafting/bodice-by-school.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { resolveBody } from '../../drafting/body.ts';
import type { Draft } from '../../drafting/draft.ts';
import { cutAway } from '../../drafting/operations/edges/cut-away.ts';
import { roleLength } from '../../pieces/piece.ts';
import { assembleDraft } from '../../garment/assemble-draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { traced } from '../princess-shell/traced.ts';
import { dartSeams, joined } from '../../garment/seam-parts.ts';
import type { Recipe } from '../style.ts';
import type { DraftInput } from '../../garment/draft-input.ts';
import { fillChoices } from '../fill-choices.ts';
import { halterBodiceChoices, type HalterBodiceChosen } from './choices.ts';
import { halterBodice } from './halter-bodice.ts';
import { tiesOf } from './ties.ts';

const bodiceChoices = (chosen: HalterBodiceChosen): BodiceChoices => ({ ...chosen, darted: true });

/** Choices with defaults filled in: unless chosen, the strap starts at the base of the neck. */
const fill = fillChoices(halterBodiceChoices, bodiceChoices);

/** The front of the block cut away to its strap; the back, which only balanced its side, is left out. */
function draft(input: DraftInput): Draft {
  const { rules } = input;
  const { body, findings } = resolveBody(input.person, halterBodice.derives, rules);
  const chosen = fill(body, input);
  const allowances = allowancesFrom(rules, input.allowances);
  const block = bodiceBySchool(body, bodiceChoices(chosen), rules, allowances);
  const openBack = 2 * roleLength(block.back, 'waist');
  const cut = cutAway(block.front, {
    strap: choiceTerm(halterBodiceChoices, 'strap', chosen.strap),
    lower: choiceTerm(halterBodiceChoices, 'lower', chosen.lower),
  });
  const { front, strips, details } = tiesOf(
    cut,
    Number(chosen.loops),
    openBack,
    choiceTerm(halterBodiceChoices, 'tieWidth', chosen.tieWidth),
    rules['strip.longest'],
    allowances.strip,
  );
  const [lining, stay] = [traced([front], 'lining', allowances.liningHem), traced([front], 'stay', 0)];
  return assembleDraft(
    {
      pieces: [front, ...strips, ...lining, ...stay],
      seams: [
        ...dartSeams(front),
        ...lining.flatMap(dartSeams),
        ...lining.flatMap((inside) => [
          joined('lining to neck', 'neck', inside, front),
          joined('lining to armhole', 'armhole', inside, front),
        ]),
      ],
      // Laced across the back, it closes to whatever the ties are drawn to: no round is sewn.
      girths: [],
      covering: [front.id],
      details,
      checks: () => [],
      findings: [...block.findings, ...findings],
    },
    input,
  );
}

export const halterBodiceRecipe: Recipe = {
  draft,
  chosen: (input) => fill(resolveBody(input.person, halterBodice.derives, input.rules).body, input),
};

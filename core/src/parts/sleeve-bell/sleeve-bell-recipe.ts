import { usualSize } from '../../drafting/bodice/frame.ts';
import type { Detail } from '../../drafting/detail.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { whole, type Seam } from '../../pieces/seam.ts';
import { ringHem, ringPiece, type RingPlan } from '../ring/ring-piece.ts';
import { drawToArm } from '../sleeve-set-in/sleeve-set-in-recipe.ts';
import { sleeveBellChoices, type SleeveBellChosen } from './choices.ts';

const flareSeam: Seam = {
  id: 'flare to sleeve',
  // Half of it lies on the fold.
  a: [{ edge: 'sleeve-flare/flare', times: 2 }],
  b: whole(['sleeve/flare']),
  relation: { kind: 'equal' },
  governing: 'upperArm',
};

/** The sleeve down the arm and on down its flare. */
const hanging = (
  details: readonly Detail[],
  depth: number,
  hem: number,
  trim: SleeveBellChosen['bellTrim'],
): Detail[] =>
  details.map((detail) => {
    if (detail.kind !== 'sleeve') return detail;
    const [length] = detail.girths.at(-1) ?? [0];
    return {
      ...detail,
      girths: [...detail.girths, [length + depth, hem]],
      underarm: detail.underarm + depth,
      seamAt: length,
      ...(trim === 'hem' && { trim: 2 * hem }),
    };
  });

const fill = (values: PartInput['values'], { body }: Wearer): SleeveBellChosen =>
  withDefaults(sleeveBellChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const chosen = fill(input.values, input);
  const { plan, drawn } = drawToArm(input, chosen, { role: 'flare', adds: 'armhole' });
  const { allowances } = input;
  const flare: RingPlan = {
    id: 'sleeve-flare',
    name: 'Sleeve flare',
    part: 'sleeve',
    copies: 2,
    round: plan.end,
    roundName: 'round of the sleeve’s end',
    inner: { id: 'flare', role: 'flare', allowance: allowances.armhole, adds: 'armhole' },
    depth: choiceTerm(sleeveBellChoices, 'bellDepth', chosen.bellDepth),
    circle: Number(chosen.bellCircle),
    seam: { id: 'underarm', role: 'side', allowance: allowances.side },
    hem: allowances.circleHem,
  };
  return {
    ...drawn,
    pieces: [...drawn.pieces, ringPiece(flare)],
    seams: [...drawn.seams, flareSeam],
    details: hanging(drawn.details, flare.depth.mm, ringHem(flare), chosen.bellTrim),
  };
}

export const sleeveBellRecipe: PartRecipe = { draw, chosen: fill };

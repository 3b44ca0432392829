import { usualSize } from '../../drafting/bodice/frame.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import { joinEdges } from '../../garment/join.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { edgeLength, edgeOf } from '../../pieces/piece.ts';
import { whole } from '../../pieces/seam.ts';
import { plus, sum } from '../../workings/working.ts';
import { ringPiece, type RingPlan } from '../ring/ring-piece.ts';
import { sleeveRingChoices, type SleeveRingChosen } from './choices.ts';

const fill = (values: PartInput['values'], { body }: Wearer): SleeveRingChosen =>
  withDefaults(sleeveRingChoices, values, usualSize(body));

/** Of the round of its hem so much is seen to hang around the arm; the rest stands in folds. By eye. */
const SEEN = 0.75;

function draw(input: PartInput): DrawnPart {
  const { join, allowances } = input;
  const chosen = fill(input.values, input);
  const depth = choiceTerm(sleeveRingChoices, 'ringDepth', chosen.ringDepth);
  const letOut = choiceTerm(sleeveRingChoices, 'ringLetOut', chosen.ringLetOut);
  const plan: RingPlan = {
    id: 'sleeve-ring',
    name: 'Ring sleeve',
    part: 'sleeve',
    copies: chosen.ringOn === 'both' ? 2 : 1,
    round: sum(plus(join.front.length), plus(join.back.length)),
    roundName: 'armhole, front and back',
    inner: { id: 'cap', role: 'armhole', allowance: allowances.armhole, adds: 'armhole' },
    depth,
    letOut,
    circle: Number(chosen.ringCircle),
    seam: { id: 'underarm', role: 'underarm', allowance: allowances.side },
    hem: allowances.circleHem,
  };
  const ring = ringPiece(plan);
  const round = plan.round.mm;
  return {
    pieces: [ring],
    seams: [
      {
        id: 'ring to armhole',
        // Half of it lies on the fold.
        a: [{ edge: `${ring.id}/cap`, times: 2 }],
        b: whole([...joinEdges(join.front), ...joinEdges(join.back)]),
        relation: { kind: 'equal' },
        governing: 'armhole',
      },
    ],
    girths: [],
    details: [
      {
        kind: 'flounce',
        piece: ring.id,
        at: 0,
        depth: depth.mm + letOut.mm,
        round,
        hem: SEEN * 2 * edgeLength(edgeOf(ring, 'hem')),
        ...(chosen.ringOn !== 'both' && { hand: chosen.ringOn }),
      },
    ],
    checks: () => [],
    findings: [],
    marks: [],
  };
}

export const sleeveRingRecipe: PartRecipe = { draw, chosen: fill };

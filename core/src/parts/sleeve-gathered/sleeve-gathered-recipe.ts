import { usualSize } from '../../drafting/bodice/frame.ts';
import type { Detail } from '../../drafting/detail.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import { joinEdges } from '../../garment/join.ts';
import type { DrawnPart, PartInput, Wearer, PartRecipe } from '../../garment/part.ts';
import { girthOf } from '../../pieces/girth.ts';
import { edgeLength, edgeOf, roleLength, type Piece } from '../../pieces/piece.ts';
import { whole, type Seam } from '../../pieces/seam.ts';
import { plus, sum } from '../../workings/working.ts';
import { sleeveGatheredChoices, type SleeveGatheredChosen } from './choices.ts';
import { gatheredSleeve } from './gathered-sleeve.ts';

/** The sleeve's lower end, as a part of its gathered edge. Common practice: it tapers. */
const TAPER = 0.8;

/** The sleeve down the arm, from its gathered edge to its lower end. */
const hanging = (sleeve: Piece, length: number, gather: number): Detail => ({
  kind: 'sleeve',
  piece: sleeve.id,
  girths: [
    [0, 2 * roleLength(sleeve, 'armhole')],
    [length, 2 * roleLength(sleeve, 'hem')],
  ],
  underarm: edgeLength(edgeOf(sleeve, 'underarm')),
  gather,
});

const sleeveSeam = (sleeve: Piece, { join }: PartInput, ratio: number): Seam => ({
  id: 'sleeve to armhole',
  // Half of it lies on the fold: its gathered edge is sewn twice around the armhole.
  a: [{ edge: `${sleeve.id}/cap`, times: 2 }],
  b: whole([...joinEdges(join.front), ...joinEdges(join.back)]),
  relation: { kind: 'gather', ratio },
  governing: 'armhole',
});

const fill = (values: PartInput['values'], { body }: Wearer): SleeveGatheredChosen =>
  withDefaults(sleeveGatheredChoices, values, usualSize(body));

/** A sleeve gathered to the armhole of both halves. */
function draw(input: PartInput): DrawnPart {
  const { body, join, allowances } = input;
  const chosen = fill(input.values, input);
  const ratio = Number(chosen.sleeveRatio);
  const sleeve = gatheredSleeve({
    armhole: sum(plus(join.front.length), plus(join.back.length)),
    ratio,
    taper: TAPER,
    length: choiceTerm(sleeveGatheredChoices, 'sleeveLength', chosen.sleeveLength),
    allowance: { armhole: allowances.armhole, side: allowances.armhole, hem: allowances.topHem },
  });
  const arm = body.taken('upperArm');
  return {
    pieces: [sleeve],
    seams: [sleeveSeam(sleeve, input, ratio)],
    girths: arm === undefined ? [] : [girthOf('sleeveHem', [sleeve], arm, 0, 'at-least')],
    details: [hanging(sleeve, chosen.sleeveLength, ratio)],
    checks: () => [],
    findings: [],
    marks: [],
  };
}

export const sleeveGatheredRecipe: PartRecipe = { draw, chosen: fill };

import type { Wearer } from '../../garment/part.ts';
import { usualSize } from '../../drafting/bodice/frame.ts';
import { standCollar } from '../../drafting/collar/stand-collar.ts';
import type { Detail } from '../../drafting/detail.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import { joinEdges } from '../../garment/join.ts';
import type { DrawnPart, PartInput, PartRecipe } from '../../garment/part.ts';
import { edgesOf } from '../../garment/seam-parts.ts';
import type { Face, Piece } from '../../pieces/piece.ts';
import { equalSeam, type Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import { plus, sum, type Working } from '../../workings/working.ts';
import { traced } from '../../drafting/operations/pieces/traced.ts';
import { collarChoices, type CollarChosen } from './choices.ts';

type Manner = Extract<Detail, { kind: 'collar' }>['manner'];

/** The usual height by manner, mm. Common practice. */
const HEIGHT: { readonly [manner in Manner]: number } = { stands: inches(1.5), falls: inches(2.5) };

/** The centre on which the neck lies on a fold; where both do, the collar is cut on the front’s. */
export const foldOf = ({ carriers }: PartInput): Face =>
  carriers.some(({ face, edges }) => face === 'front' && edges.some(({ role }) => role === 'fold'))
    ? 'front'
    : 'back';

export const otherFace = (face: Face): Face => (face === 'front' ? 'back' : 'front');

/** Half the neck that a collar is sewn to, with half of a placket that lies under it. */
export const neckOf = ({ join: { front, back }, besideNeck }: PartInput): Working =>
  sum(plus(front.length), plus(back.length), ...(besideNeck ? [plus(besideNeck)] : []));

/** The seam that it is sewn to the neck by; where a placket lies under it, the collar is longer than the edges by half of that. */
export function neckSeam(collar: Piece, { join, besideNeck }: PartInput): Seam {
  const neck = [...joinEdges(join.front), ...joinEdges(join.back)];
  const seam = equalSeam('collar to neck', edgesOf(collar, 'band'), neck, 'shoulder');
  return besideNeck ? { ...seam, relation: { kind: 'ease', mm: besideNeck.mm } } : seam;
}

const fillFor =
  (manner: Manner) =>
  (values: ChoiceValues, { body }: Wearer): CollarChosen => {
    const size = usualSize(body);
    const filled = withDefaults(collarChoices, values, size);
    return { ...filled, collarHeight: filled.collarHeight || size * HEIGHT[manner] };
  };

/** The collar, as long as the necks that were drafted. One that falls is cut with a stay. */
const drawFor =
  (manner: Manner) =>
  (input: PartInput): DrawnPart => {
    const { join, allowances } = input;
    const { front, back } = join;
    const chosen = fillFor(manner)(input.values, input);
    const fold = foldOf(input);
    const collar = standCollar({
      neck: neckOf(input),
      fold,
      shoulderAt: fold === 'front' ? front.length.mm : back.length.mm,
      height: choiceTerm(collarChoices, 'collarHeight', chosen.collarHeight),
      raise: choiceTerm(collarChoices, 'collarRaise', chosen.collarRaise),
      allowance: allowances.neck,
      copies: 2,
    });
    return {
      pieces: [collar, ...(manner === 'falls' ? traced([collar], 'stay', 0) : [])],
      seams: [neckSeam(collar, input)],
      girths: [],
      details: [{ kind: 'collar', piece: collar.id, manner, opens: otherFace(fold) }],
      checks: () => [],
      findings: [],
      marks: [],
    };
  };

export const collarStandRecipe: PartRecipe = { draw: drawFor('stands'), chosen: fillFor('stands') };
export const collarFallRecipe: PartRecipe = { draw: drawFor('falls'), chosen: fillFor('falls') };

import { traced } from '../../drafting/operations/pieces/traced.ts';
import { strip } from '../../drafting/operations/pieces/strip.ts';
import type { Detail } from '../../drafting/detail.ts';
import type { PartInput } from '../../garment/part.ts';
import { edgeLength, edgeOf, type Piece } from '../../pieces/piece.ts';
import type { Fullness, Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import { chosen, plus, sum, times, type Working } from '../../workings/working.ts';
import type { SetIn } from '../sleeve-set-in/sleeve-set-in-recipe.ts';

/** One end of a cuff that buttons lies over the other by this, and the slit above it is so long, mm. Common practice. */
const LAP = inches(1);
const SLIT = inches(3.5);
/** A slit is bound with a strip of this width, finished, mm. Common practice. */
const BINDING = inches(0.5);
/** The slit lies so far along the lower edge from its front end: behind, below the elbow. Common practice. */
export const SLIT_AT = 0.75;

/** A cuff as it is asked. */
export interface CuffPlan {
  /** The arm with its ease, where the cuff lies, and that ease by itself, mm. */
  readonly round: Working;
  readonly ease: number;
  readonly depth: Working;
  readonly opens: boolean;
}

/** The long edge of a cuff: its round, and the lap where it buttons. */
export const cuffLength = ({ round, opens }: CuffPlan): Working =>
  opens ? sum(plus(round), plus(chosen('lap of the cuff', LAP))) : round;

/** A strip bound around a slit: twice as long as that. */
const placketPiece = (allowance: number): Piece =>
  strip({
    id: 'sleeve-placket',
    name: 'Sleeve placket',
    role: 'outer',
    part: 'placket',
    length: times(chosen('slit', SLIT), 2),
    width: chosen('binding', BINDING),
    doubled: true,
    copies: 2,
    allowance,
    notchesAt: [],
  });

/** A cuff, doubled on a stay, sewn to the end of a sleeve that is fuller than it; with a strip for the slit where it opens. */
export function cuffed(
  { drawn, plan: sleevePlan }: SetIn,
  plan: CuffPlan,
  fullness: Fullness,
  { allowances }: PartInput,
): { readonly part: SetIn['drawn']; readonly cuff: Piece } {
  const cuff: Piece = {
    ...strip({
      id: 'cuff',
      name: 'Cuff',
      role: 'outer',
      length: cuffLength(plan),
      width: plan.depth,
      doubled: true,
      copies: 2,
      allowance: allowances.strip,
      notchesAt: [],
    }),
  };
  const seam: Seam = {
    id: 'sleeve to cuff',
    a: [{ edge: 'sleeve/cuff' }],
    b: [{ edge: 'cuff/band' }],
    relation: fullness,
    governing: 'wrist',
  };
  return {
    cuff,
    part: {
      ...drawn,
      pieces: [
        ...drawn.pieces,
        cuff,
        ...(plan.opens ? [placketPiece(allowances.strip)] : []),
        ...traced([cuff], 'stay', 0),
      ],
      seams: [...drawn.seams, seam],
      details: drawn.details.map((detail) =>
        onCuff(detail, sleevePlan.length.mm, plan, edgeLength(edgeOf(cuff, 'band'))),
      ),
    },
  };
}

/** The sleeve down the arm into its cuff. */
function onCuff(detail: Detail, length: number, { depth, round }: CuffPlan, sewn: number): Detail {
  if (detail.kind !== 'sleeve') return detail;
  const [, end] = detail.girths.at(-1) ?? [0, sewn];
  return {
    ...detail,
    girths: detail.girths.slice(0, -1).concat([[0.97 * length, end], [length, round.mm], [length + depth.mm, round.mm]]),
    underarm: detail.underarm + depth.mm,
    seamAt: length,
    cuff: true,
  };
} // prettier-ignore

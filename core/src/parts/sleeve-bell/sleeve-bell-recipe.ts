import { usualSize } from '../../drafting/bodice/frame.ts';
import type { Detail } from '../../drafting/detail.ts';
import { annularSector } from '../../drafting/operations/pieces/annular-sector.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { point } from '../../geometry/point.ts';
import { makePiece, type Piece } from '../../pieces/piece.ts';
import { whole, type Seam } from '../../pieces/seam.ts';
import { divided, named, plus, sum, type Working } from '../../workings/working.ts';
import { drawSetIn } from '../sleeve-set-in/sleeve-set-in-recipe.ts';
import { sleeveBellChoices, type SleeveBellChosen } from './choices.ts';

/** The ring that a flare is a part of. */
interface FlarePlan {
  /** Round of the sleeve's end that it is sewn to. */
  readonly end: Working;
  readonly radius: Working;
  readonly depth: Working;
  /** Half of it, from its fold to its seam, radians. */
  readonly half: number;
}

/** Half of the flare on the fold, its seam under the arm. */
function flarePiece({ end, radius, depth, half }: FlarePlan, { allowances }: PartInput): Piece {
  const { inner, finish, outer, start } = annularSector({
    inner: radius.mm,
    outer: radius.mm + depth.mm,
    from: 0,
    to: half,
  });
  return makePiece({
    id: 'sleeve-flare',
    name: 'Sleeve flare',
    role: 'outer',
    part: 'sleeve',
    cut: { copies: 2, layers: 'fold' },
    grain: point(0, 1),
    edges: [
      { id: 'flare', role: 'flare', path: inner, allowance: allowances.armhole },
      { id: 'underarm', role: 'side', path: finish, allowance: allowances.side },
      { id: 'hem', role: 'hem', path: outer, allowance: allowances.circleHem },
      { id: 'fold', role: 'fold', path: start, allowance: 0 },
    ],
    notches: [],
    darts: [],
    levels: [],
    intakes: [],
    dimensions: [
      { name: 'inner-circle', label: 'Inner circle, from the corner', kind: 'down', at: { kind: 'corner', of: 'flare', end: 'start' }, working: radius, adds: 'armhole', follows: true },
      { name: 'hem-circle', label: 'Hem circle, from the corner', kind: 'down', at: { kind: 'corner', of: 'hem', end: 'end' }, working: sum(plus(named('inner circle', radius)), plus(depth)), adds: 'circleHem', follows: true },
      { name: 'inner-edge', label: 'Upper edge, on the half', kind: 'length', at: { kind: 'run', of: 'flare' }, working: divided(end, 2) },
      { name: 'depth', label: 'Depth along the fold', kind: 'length', at: { kind: 'edge', edge: 'fold' }, working: depth },
    ],
  });
} // prettier-ignore

const flareSeam: Seam = {
  id: 'flare to sleeve',
  // Half of it lies on the fold.
  a: [{ edge: 'sleeve-flare/flare', times: 2 }],
  b: whole(['sleeve/flare']),
  relation: { kind: 'equal' },
  governing: 'upperArm',
};

/** The sleeve down the arm and on down its flare. */
const hanging = (details: readonly Detail[], depth: number, hem: number): Detail[] =>
  details.map((detail) => {
    if (detail.kind !== 'sleeve') return detail;
    const [length] = detail.girths.at(-1) ?? [0];
    return {
      ...detail,
      girths: [...detail.girths, [length + depth, hem]],
      underarm: detail.underarm + depth,
      seamAt: length,
    };
  });

const fill = (values: PartInput['values'], { body }: Wearer): SleeveBellChosen =>
  withDefaults(sleeveBellChoices, values, usualSize(body));

function draw(input: PartInput): DrawnPart {
  const chosen = fill(input.values, input);
  const { plan, drawn } = drawSetIn(input, chosen, { role: 'flare', adds: 'armhole' });
  const part = Number(chosen.bellCircle);
  const flare: FlarePlan = {
    end: plan.end,
    radius: divided(named('round of the sleeve’s end', plan.end), 2 * Math.PI * part),
    depth: choiceTerm(sleeveBellChoices, 'bellDepth', chosen.bellDepth),
    half: Math.PI * part,
  };
  const hem = 2 * Math.PI * part * (flare.radius.mm + flare.depth.mm);
  return {
    ...drawn,
    pieces: [...drawn.pieces, flarePiece(flare, input)],
    seams: [...drawn.seams, flareSeam],
    details: hanging(drawn.details, flare.depth.mm, hem),
  };
}

export const sleeveBellRecipe: PartRecipe = { draw, chosen: fill };

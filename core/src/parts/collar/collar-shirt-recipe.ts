import { usualSize } from '../../drafting/bodice/frame.ts';
import { standCollar } from '../../drafting/collar/stand-collar.ts';
import { movePoint } from '../../drafting/operations/edges/move-point.ts';
import { traced } from '../../drafting/operations/pieces/traced.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { withDefaults, type ChoiceValues } from '../../garment/choice.ts';
import type { DrawnPart, PartInput, PartRecipe, Wearer } from '../../garment/part.ts';
import { startOf } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { edgeLength, edgeOf, type Piece } from '../../pieces/piece.ts';
import { carryDimensions } from '../../pieces/carry-dimensions.ts';
import type { Seam } from '../../pieces/seam.ts';
import { inches } from '../../units/length.ts';
import { edgeOfPiece, minus, plus, sum, times, type Working } from '../../workings/working.ts';
import { foldOf, neckOf, neckSeam, otherFace } from './collar-recipe.ts';
import { collarShirtChoices, type CollarShirtChosen } from './choices.ts';

/** The usual height of the fall, mm: it covers its stand by more than its own seam. Common practice. */
const FALL = inches(2);
/** The fall is raised less than its stand, so that it turns over it; as a part of the stand’s raise. Common practice. */
const FALL_RAISE = 0.5;

const fill = (values: ChoiceValues, { body }: Wearer): CollarShirtChosen => {
  const size = usualSize(body);
  const filled = withDefaults(collarShirtChoices, values, size);
  return { ...filled, collarHeight: filled.collarHeight || size * FALL };
};

/** The end of the fall carried out to its point. */
function pointed(fall: Piece, by: Working): Piece {
  const corner = startOf(edgeOf(fall, 'end').path);
  const moved = movePoint(fall, corner, point(by.mm, 0));
  return carryDimensions(fall, moved, ({ at, kind }) =>
    at.kind === 'corner' && at.of === 'end' && kind === 'out'
      ? { terms: [plus(by)], change: 'curve' }
      : { change: 'slant' },
  );
}

function draw(input: PartInput): DrawnPart {
  const { join, besideNeck, allowances } = input;
  const chosen = fill(input.values, input);
  const term = (id: keyof CollarShirtChosen) => choiceTerm(collarShirtChoices, id, chosen[id]);
  const fold = foldOf(input);
  const common = { fold, allowance: allowances.neck, copies: 2 } as const;
  const shoulderAt = fold === 'front' ? join.front.length.mm : join.back.length.mm;
  const stand = standCollar({
    ...common,
    called: { id: 'collar-stand', name: 'Collar stand' },
    neck: neckOf(input),
    shoulderAt,
    height: term('standHeight'),
    raise: term('collarRaise'),
  });
  const top = edgeLength(edgeOf(stand, 'top'));
  // Above the placket the stand buttons: the fall ends where the centres meet.
  const less = besideNeck ? [minus(besideNeck)] : [];
  const along = sum(plus(edgeOfPiece(stand.name, 'upper edge', top)), ...less);
  const plain = standCollar({
    ...common,
    neck: along,
    shoulderAt: Math.min(shoulderAt, 0.9 * along.mm),
    height: term('collarHeight'),
    raise: times(term('collarRaise'), FALL_RAISE),
  });
  const fall = pointed(plain, term('collarPoint'));
  const toStand: Seam = {
    id: 'collar to its stand',
    a: [{ edge: `${fall.id}/neck` }],
    b: [{ edge: `${stand.id}/top`, from: 0, to: along.mm }],
    relation: { kind: 'equal' },
    governing: 'neck',
  };
  return {
    pieces: [stand, fall, ...traced([stand, fall], 'stay', 0)],
    seams: [neckSeam(stand, input), toStand],
    girths: [],
    details: [{ kind: 'collar', piece: fall.id, manner: 'falls', opens: otherFace(fold) }],
    checks: () => [],
    findings: [],
    marks: [],
  };
}

export const collarShirtRecipe: PartRecipe = { draw, chosen: fill };

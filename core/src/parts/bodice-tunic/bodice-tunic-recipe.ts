import { armholeChecks } from '../../checks/openings.ts';
import type { Named } from '../../checks/rounds.ts';
import type { Body } from '../../drafting/body.ts';
import type { BodiceChoices, BodiceFrame } from '../../drafting/bodice/frame.ts';
import { onFold } from '../../drafting/operations/pieces/on-fold.ts';
import { roundBelowWaist } from '../../drafting/round-below-waist.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { bodiceRecipe, type DrawInput, type Wearer } from '../../garment/part.ts';
import { dartSeams, joined } from '../../garment/seam-parts.ts';
import { zipDown } from '../../garment/zip-down.ts';
import { endOf, pointWhere } from '../../geometry/curve.ts';
import { point } from '../../geometry/point.ts';
import { carryDimensions } from '../../pieces/carry-dimensions.ts';
import { girthOf } from '../../pieces/girth.ts';
import { edgesWithRole, levelEnds, pathDown, roleLength, type Face, type Piece } from '../../pieces/piece.ts';
import {
  chosen as chosenTerm,
  divided,
  drawn,
  drawnTerm,
  minus,
  named,
  plus,
  sum,
  type Working,
} from '../../workings/working.ts';
import { carriedBelow, type HemBelow } from '../bodice-darted/below-waist.ts';
import { draftFacedBodice } from '../faced-bodice/faced-bodice.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceTunicChoices, type BodiceTunicChosen } from './choices.ts';
import { slitSide } from './slit-side.ts';

const blockChoices = (chosen: BodiceTunicChosen): BodiceChoices => ({
  ...chosen,
  darted: chosen.darts === 'darts',
});

/** Unless chosen, the hem falls at the knee. */
const fill = (values: DrawInput['values'], wearer: Wearer): BodiceTunicChosen =>
  fillChoices(bodiceTunicChoices, blockChoices, (filled, _frame, body) => ({
    tunicLength: filled.tunicLength || body.mm('waistToKnee'),
  }))(values, wearer);

/** The side of a piece at its waist, out from the centre, mm. */
const waistOut = (piece: Piece): number => {
  const side = edgesWithRole(piece, 'side').at(-1);
  return side ? endOf(pathDown(side)).x : 0;
};

/** A quarter of the body’s round with its ease on one face, at the hip or at a hem above it. */
function quarterAt(face: Face, round: number, words: string, ease: Working, { sums }: BodiceFrame): Working {
  const share = divided(named('front share', sums.share), 2);
  const quarter = divided(sum(plus(drawn(words, round)), plus(ease)), 4);
  return sum(plus(quarter), face === 'front' ? plus(share) : minus(share));
}

/** The half-width at the hem: over the hip and straight on, and out by the flare that was chosen. */
function hemHalf(piece: Piece, face: Face, { body }: DrawInput, chosen: BodiceTunicChosen, frame: BodiceFrame): Working {
  const [depth, hipDepth] = [chosen.tunicLength, body.mm('waistToHip')];
  const ease = chosenTerm('ease', chosen.easeHip, 'easeHip');
  const flare = choiceTerm(bodiceTunicChoices, 'tunicFlare', chosen.tunicFlare);
  if (depth <= hipDepth)
    return sum(plus(quarterAt(face, roundBelowWaist(body, depth), 'round there', ease, frame)), plus(flare));
  const hip = quarterAt(face, body.mm('hip'), 'hip', ease, frame);
  const out = waistOut(piece);
  // From the waist to the hip and straight on; a waist that hangs wider than the hip falls straight.
  const on = Math.max(0, (hip.mm - out) * (depth / hipDepth - 1));
  const widest = Math.max(0, out - hip.mm);
  return sum(plus(named('at the hip', hip)), drawnTerm('as wide as it hangs from the waist', widest), drawnTerm('on in the line of the side', on), plus(flare));
} // prettier-ignore

/** The hip as a level of a panel that goes on below it. */
function withHip(piece: Piece, depth: number): Piece {
  const { from } = levelEnds(piece, 'waist');
  const y = from.y + depth;
  const side = edgesWithRole(piece, 'side').flatMap((edge) => pointWhere(edge.path, 'y', y) ?? []);
  const [at] = side;
  return at ? { ...piece, levels: [...piece.levels, { name: 'hip', path: [point(0, y), at] }] } : piece;
}

/** The head must pass a neck that does not open, where it was measured. */
function headFindings(halves: readonly Piece[], body: Body, named: Named): Finding[] {
  const expected = body.taken('head');
  const found = 2 * halves.reduce((total, { id }) => total + roleLength(named(id).piece, 'neck'), 0);
  if (expected === undefined || found >= expected) return [];
  return [
    finding(
      'opening-too-small',
      { subject: 'neck', measure: 'head' },
      { found, expected, remedy: { kind: 'set-option', choice: 'tunicOpens', option: 'zip' } },
    ),
  ];
}

function draw(input: DrawInput, chosen: BodiceTunicChosen): DrawnGarment {
  const { body, rules, allowances } = input;
  const faced = draftFacedBodice(body, blockChoices(chosen), rules, allowances);
  const { frame } = faced.bodice;
  const depth = choiceTerm(bodiceTunicChoices, 'tunicLength', chosen.tunicLength);
  const hem: HemBelow = { depth, body: body.mm('hip'), ease: chosen.easeHip, quarter: depth };
  const carried = (piece: Piece, face: Face, sideLength: number | undefined): Piece =>
    carriedBelow(piece, hem, hemHalf(piece, face, input, chosen, frame), sideLength, rules, 'topHem', allowances.topHem);
  const longFront = carried(faced.pieces.bodiceFront, 'front', undefined);
  const longBack = carried(faced.pieces.bodiceBack, 'back', roleLength(longFront, 'side'));
  const closed = chosen.tunicOpens === 'head';
  const finished = (piece: Piece): Piece => slitSide(withHip(piece, body.mm('waistToHip')), chosen.sideSlit, allowances.slit);
  const told = (piece: Piece): Piece =>
    carryDimensions(piece, finished(piece), ({ at }) =>
      at.kind === 'run' && at.of === 'side'
        ? { terms: [minus(choiceTerm(bodiceTunicChoices, 'sideSlit', chosen.sideSlit))], change: 'kept' }
        : { change: 'curve' },
    );
  const [front, whole] = [told(longFront), told(longBack)];
  const [back, facingBack, stayBack] = closed
    ? [onFold(whole), onFold(faced.pieces.facingBack), onFold(faced.pieces.stayBack)]
    : [whole, faced.pieces.facingBack, faced.pieces.stayBack];
  const { facingFront, stayFront } = faced.pieces;
  const halves = [front, back];
  const hasHip = halves.every(({ levels }) => levels.some(({ name }) => name === 'hip'));
  return {
    pieces: [front, back, facingFront, facingBack, stayFront, stayBack],
    seams: [
      joined('shoulder', 'shoulder', front, back),
      joined('tunic side', 'side', front, back),
      ...halves.flatMap(dartSeams),
      joined('facing shoulder', 'shoulder', facingFront, facingBack),
      joined('facing side', 'side', facingFront, facingBack),
      joined('facing to neck front', 'neck', facingFront, front),
      joined('facing to neck back', 'neck', facingBack, back),
      joined('facing to armhole front', 'armhole', facingFront, front),
      joined('facing to armhole back', 'armhole', facingBack, back),
    ],
    girths: [
      girthOf('bust', halves, body.mm('bust'), chosen.easeBust),
      girthOf('waist', halves, body.mm('waist'), chosen.easeWaist, 'not'),
      ...(hasHip ? [girthOf('hip', halves, body.mm('hip'), chosen.easeHip, 'at-least')] : []),
    ],
    covering: halves.map(({ id }) => id),
    details: closed ? [] : [zipDown('back', [back], body.mm('backWaistLength'))],
    checks: (named) => [
      ...armholeChecks(halves, body)(named),
      ...(closed ? headFindings(halves, body, named) : []),
    ],
    findings: faced.findings,
  };
} // prettier-ignore

export const bodiceTunicRecipe = bodiceRecipe({ fill, draw });

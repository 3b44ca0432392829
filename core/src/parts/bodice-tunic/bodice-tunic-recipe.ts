import { armholeChecks } from '../../checks/openings.ts';
import type { Named } from '../../checks/rounds.ts';
import type { Body } from '../../drafting/body.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import { onFold } from '../../drafting/operations/pieces/on-fold.ts';
import { finding, type Finding } from '../../findings/finding.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { choiceTerm } from '../../garment/choice-term.ts';
import { bodiceRecipe, type DrawInput, type Wearer } from '../../garment/part.ts';
import { dartSeams, joined } from '../../garment/seam-parts.ts';
import { zipDown } from '../../garment/zip-down.ts';
import { carryDimensions } from '../../pieces/carry-dimensions.ts';
import { girthOf } from '../../pieces/girth.ts';
import { roleLength, type Face, type Piece } from '../../pieces/piece.ts';
import { chosen as chosenTerm, minus } from '../../workings/working.ts';
import { carriedBelow, type HemBelow } from '../bodice-darted/below-waist.ts';
import { draftFacedBodice } from '../faced-bodice/faced-bodice.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceTunicChoices, type BodiceTunicChosen } from './choices.ts';
import { hemHalf, withHip, type OverHip } from './over-hip.ts';
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
  const over: OverHip = {
    depth: chosen.tunicLength,
    ease: chosenTerm('ease', chosen.easeHip, 'easeHip'),
    flare: choiceTerm(bodiceTunicChoices, 'tunicFlare', chosen.tunicFlare),
  };
  const carried = (piece: Piece, face: Face, sideLength: number | undefined): Piece =>
    carriedBelow(piece, hem, hemHalf(piece, face, body, frame, over), sideLength, rules, 'topHem', allowances.topHem);
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

import { armholeChecks } from '../../checks/openings.ts';
import type { BodiceChoices } from '../../drafting/bodice/frame.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { bodiceRecipe, type DrawInput } from '../../garment/part.ts';
import { zipDown } from '../../garment/zip-down.ts';
import { girthOf } from '../../pieces/girth.ts';
import type { Piece } from '../../pieces/piece.ts';
import { fillChoices } from '../fill-choices.ts';
import { draftBelowWaist, hemBelowWaist } from './below-waist.ts';
import { bodiceDartedChoices, type BodiceDartedChosen } from './choices.ts';
import { draftFacedBodice, type FacedBodice } from '../faced-bodice/faced-bodice.ts';
import { facedBodiceSeams } from '../faced-bodice/seams.ts';

const blockChoices = (chosen: BodiceDartedChosen): BodiceChoices => ({
  ...chosen,
  darted: chosen.darts === 'darts',
});

/** A bodice with facings, lining and stay; the zip runs through, so that the waist opens. */
function draw({ body, rules, allowances }: DrawInput, chosen: BodiceDartedChosen): DrawnGarment {
  const { hem, findings } = hemBelowWaist(body, chosen, rules);
  const toWaist = (more: number): FacedBodice => {
    const given = { bust: 0, waist: more };
    return draftFacedBodice(body, { ...blockChoices(chosen), given }, rules, allowances);
  };
  const faced = hem
    ? draftBelowWaist(toWaist, hem, body.mm('waist') + chosen.easeWaist, rules, allowances)
    : toWaist(0);
  const halves = [faced.pieces.bodiceFront, faced.pieces.bodiceBack];
  return {
    pieces: Object.values<Piece>({ ...faced.pieces }),
    seams: facedBodiceSeams(faced.pieces),
    girths: [
      girthOf('bust', halves, body.mm('bust'), chosen.easeBust),
      girthOf('waist', halves, body.mm('waist'), chosen.easeWaist),
      ...(hem ? [girthOf('hem', halves, hem.body, hem.ease)] : []),
    ],
    covering: halves.map(({ id }) => id),
    details: [zipDown('back', [faced.pieces.bodiceBack])],
    checks: armholeChecks(halves, body),
    findings: [...faced.findings, ...findings],
  };
}

/** Unless chosen, the neck lies at its base. */
export const bodiceDartedRecipe = bodiceRecipe({
  fill: fillChoices(bodiceDartedChoices, blockChoices),
  draw,
});

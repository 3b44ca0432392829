import { girthOf } from '../../pieces/girth.ts';
import type { DrawnGarment } from '../../garment/assemble-draft.ts';
import { bodiceRecipe, type DrawInput } from '../../garment/part.ts';
import { drawOneShoulder, oneShoulderBlock } from '../bodice-one-shoulder/bodice-one-shoulder-recipe.ts';
import { fillChoices } from '../fill-choices.ts';
import { bodiceRuchedGownChoices, type BodiceRuchedGownChosen } from './choices.ts';
import { ruchedSkirt } from './ruched-skirt.ts';

const fill = fillChoices(bodiceRuchedGownChoices, oneShoulderBlock);

function draw(input: DrawInput, chosen: BodiceRuchedGownChosen): DrawnGarment {
  const { block, front, back, ...bodice } = drawOneShoulder(input, chosen);
  const skirt = ruchedSkirt(input, chosen, { block, front, back });
  const { body } = input;
  return {
    ...bodice,
    pieces: [...bodice.pieces, ...skirt.pieces],
    seams: [...bodice.seams, ...skirt.seams],
    girths: [...bodice.girths, girthOf('hip', skirt.panels, body.mm('hip'), chosen.easeHip)],
    details: [
      ...bodice.details.map((detail) =>
        detail.kind === 'zip'
          ? { ...detail, edges: [...detail.edges, ...skirt.zip.edges], to: skirt.zip.to }
          : detail,
      ),
      skirt.detail,
    ],
    findings: [...bodice.findings, ...skirt.findings],
  };
}

export const bodiceRuchedGownRecipe = bodiceRecipe({ fill, draw });

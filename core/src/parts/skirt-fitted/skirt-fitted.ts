import type { Part } from '../../garment/part.ts';
import { skirtFittedChoices } from './choices.ts';

/** A skirt fitted over the hip by darts that meet those of the bodice, straight, pegged or in an A-line to the hem, with a slit behind where a stride needs one; lined where the bodice is. */
export const skirtFitted: Part = {
  id: 'skirt-fitted',
  slot: 'skirt',
  fromWaist: true,
  name: 'Fitted skirt',
  cloths: ['outer', 'lining'],
  requires: ['hip'],
  derives: ['height', 'waistToHip', 'waistToKnee'],
  checks: [],
  choices: skirtFittedChoices,
};

import type { Part } from '../../garment/part.ts';
import { skirtPeplumChoices } from './choices.ts';

/** A part of a ring that stands out from the waist, open below the zip; pleats are added to its round first. */
export const skirtPeplum: Part = {
  id: 'skirt-peplum',
  slot: 'skirt',
  name: 'Peplum',
  cloths: ['outer'],
  requires: [],
  derives: [],
  checks: ['hip', 'waistToHip'],
  choices: skirtPeplumChoices,
};

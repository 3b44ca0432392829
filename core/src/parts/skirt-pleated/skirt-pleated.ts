import type { Part } from '../../garment/part.ts';
import { skirtPleatedChoices } from './choices.ts';

/** A skirt of straight panels, laid in pleats to the waist that it is sewn to. */
export const skirtPleated: Part = {
  id: 'skirt-pleated',
  slot: 'skirt',
  name: 'Pleated skirt',
  cloths: ['outer'],
  requires: [],
  derives: [],
  checks: ['hip', 'waistToHip', 'waistToFloor'],
  choices: skirtPleatedChoices,
};

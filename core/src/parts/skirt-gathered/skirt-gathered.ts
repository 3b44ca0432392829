import type { Part } from '../../garment/part.ts';
import { skirtGatheredChoices } from './choices.ts';

/** A skirt of straight panels, gathered to the waist that it is sewn to. */
export const skirtGathered: Part = {
  id: 'skirt-gathered',
  slot: 'skirt',
  name: 'Gathered skirt',
  cloths: ['outer'],
  requires: [],
  derives: [],
  checks: ['hip', 'waistToHip', 'waistToFloor'],
  choices: skirtGatheredChoices,
};

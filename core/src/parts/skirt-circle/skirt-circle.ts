import type { Part } from '../../garment/part.ts';
import { skirtCircleChoices } from './choices.ts';

/** A skirt cut from a circle whose inner edge is as long as the waist that it is sewn to. */
export const skirtCircle: Part = {
  id: 'skirt-circle',
  slot: 'skirt',
  name: 'Circle skirt',
  cloths: ['outer'],
  requires: [],
  derives: [],
  checks: ['hip', 'waistToHip', 'waistToFloor'],
  choices: skirtCircleChoices,
};

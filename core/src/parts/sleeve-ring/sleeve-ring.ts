import type { Part } from '../../garment/part.ts';
import { sleeveRingChoices } from './choices.ts';

/** A flat ring whose inner edge is as long as the armhole that it is sewn around, let out on the side that lies on the shoulder; on both arms or on one. */
export const sleeveRing: Part = {
  id: 'sleeve-ring',
  slot: 'sleeve',
  name: 'Ring sleeve',
  cloths: ['outer'],
  requires: [],
  derives: [],
  checks: [],
  choices: sleeveRingChoices,
};

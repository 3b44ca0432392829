import type { Part } from '../../garment/part.ts';
import { sleeveGatheredChoices } from './choices.ts';

/** A straight-sided sleeve gathered to the armhole. */
export const sleeveGathered: Part = {
  id: 'sleeve-gathered',
  slot: 'sleeve',
  name: 'Gathered sleeve',
  cloths: ['outer'],
  requires: [],
  derives: [],
  checks: ['upperArm', 'hand'],
  choices: sleeveGatheredChoices,
};

import type { Part } from '../../garment/part.ts';
import { sleeveSetInChoices } from './choices.ts';

/** A sleeve of one piece whose cap is drafted to the armhole that it is set into. */
export const sleeveSetIn: Part = {
  id: 'sleeve-set-in',
  slot: 'sleeve',
  name: 'Set-in sleeve',
  cloths: ['outer'],
  requires: ['upperArm', 'armLength', 'wrist'],
  derives: [],
  checks: ['elbow', 'shoulderToElbow', 'hand'],
  choices: sleeveSetInChoices,
};

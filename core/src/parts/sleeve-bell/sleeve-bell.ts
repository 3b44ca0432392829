import type { Part } from '../../garment/part.ts';
import { sleeveSetIn } from '../sleeve-set-in/sleeve-set-in.ts';
import { sleeveBellChoices } from './choices.ts';

/** A set-in sleeve to the elbow or elsewhere, and a flare that is a part of a circle, cut from the round of its end. */
export const sleeveBell: Part = {
  ...sleeveSetIn,
  id: 'sleeve-bell',
  name: 'Bell sleeve',
  choices: sleeveBellChoices,
};

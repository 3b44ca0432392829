import type { Part } from '../../garment/part.ts';
import { sleeveSetIn } from '../sleeve-set-in/sleeve-set-in.ts';
import { sleeveFittedChoices } from './choices.ts';

/** A set-in sleeve to the wrist that bends at the elbow: by a dart in its back seam, or cut in an upper and an under sleeve. */
export const sleeveFitted: Part = {
  ...sleeveSetIn,
  id: 'sleeve-fitted',
  name: 'Fitted sleeve',
  choices: sleeveFittedChoices,
};

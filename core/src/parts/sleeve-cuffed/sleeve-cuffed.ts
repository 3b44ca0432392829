import type { Part } from '../../garment/part.ts';
import { sleeveSetIn } from '../sleeve-set-in/sleeve-set-in.ts';
import { sleeveCuffedChoices } from './choices.ts';

/** A sleeve gathered into a cuff, and where it is chosen into its armhole: puff and bishop. */
export const sleeveCuffed: Part = {
  ...sleeveSetIn,
  id: 'sleeve-cuffed',
  name: 'Cuffed sleeve',
  cloths: ['outer', 'stay'],
  choices: sleeveCuffedChoices,
};

import type { Part } from '../../garment/part.ts';
import { sleeveSetIn } from '../sleeve-set-in/sleeve-set-in.ts';
import { sleeveShirtChoices } from './choices.ts';

/** A shirt's sleeve with a low cap, laid in pleats into a cuff that buttons over a placket. */
export const sleeveShirt: Part = {
  ...sleeveSetIn,
  id: 'sleeve-shirt',
  name: 'Shirt sleeve',
  cloths: ['outer', 'stay'],
  choices: sleeveShirtChoices,
};

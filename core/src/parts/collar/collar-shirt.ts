import type { Part } from '../../garment/part.ts';
import { collarFall } from './collar-fall.ts';
import { collarShirtChoices } from './choices.ts';

/** A shirt’s collar: a fall with points, on a stand that is sewn to the neck. */
export const collarShirt: Part = {
  ...collarFall,
  id: 'collar-shirt',
  name: 'Shirt collar on a stand',
  choices: collarShirtChoices,
};

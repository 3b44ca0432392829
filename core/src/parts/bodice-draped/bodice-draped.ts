import type { BodicePart } from '../../garment/part.ts';
import { bodicePrincess } from '../bodice-princess/bodice-princess.ts';
import { bodiceDrapedChoices } from './choices.ts';

/** A princess bodice with gathered cloth that crosses over it, from the waist over the opposite shoulder to the waist behind. */
export const bodiceDraped: BodicePart = {
  ...bodicePrincess,
  id: 'bodice-draped',
  name: 'Princess bodice under a cross drape',
  choices: bodiceDrapedChoices,
};

import type { BodicePart } from '../../garment/part.ts';
import { bodiceWaistbandChoices } from './choices.ts';

/** A straight band folded along its upper edge, open at the centre back: it carries a skirt or trousers by itself. */
export const bodiceWaistband: BodicePart = {
  id: 'bodice-waistband',
  name: 'Waistband',
  cloths: ['outer', 'stay'],
  requires: ['waist'],
  derives: ['height'],
  checks: [],
  choices: bodiceWaistbandChoices,
  lacks: { neck: 'waist-alone', armhole: 'waist-alone' },
  carries: ['skirt'],
};

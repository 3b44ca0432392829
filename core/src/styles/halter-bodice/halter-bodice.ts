import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { halterBodiceChoices } from './choices.ts';

/** A front held by ties: around the neck from a small strap, and through loops along its sides across the open back. */
export const halterBodice: Style = {
  id: 'halter-bodice',
  name: 'Halter bodice',
  summary:
    'To the waist, open behind; small straps tie at the neck, ties run through loops along the sides; lined, on a stay',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  choices: halterBodiceChoices,
  lacks: { armhole: 'no-back', waist: 'no-back' },
  neckCord: true,
};

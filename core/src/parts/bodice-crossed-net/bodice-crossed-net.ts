import type { BodicePart } from '../../garment/part.ts';
import { bodiceOffShoulder } from '../bodice-off-shoulder/bodice-off-shoulder.ts';
import { bodiceCrossedNetChoices } from './choices.ts';

/** An off-shoulder bodice with net that crosses over it from waist to waist, over both shoulders, which holds it up: made for children as well. */
export const bodiceCrossedNet: BodicePart = {
  ...bodiceOffShoulder,
  id: 'bodice-crossed-net',
  name: 'Off-shoulder bodice under crossed net',
  cloths: ['outer', 'lining', 'net'],
  choices: bodiceCrossedNetChoices,
  adultsOnly: false,
};

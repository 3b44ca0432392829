import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodiceHalterChoices } from './choices.ts';

/** A front held by ties: around the neck from a small strap, and through loops along its sides across the open back. */
export const bodiceHalter: BodicePart = {
  id: 'bodice-halter',
  name: 'Halter bodice',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  choices: bodiceHalterChoices,
  lacks: { neck: 'no-back', armhole: 'no-back' },
  neckCord: true,
};

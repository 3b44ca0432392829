import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodiceOneShoulderChoices } from './choices.ts';

/** A bodice held by one shoulder: drafted open, since its halves differ; darted, to the waist, zip in the side that is bare; lined. */
export const bodiceOneShoulder: BodicePart = {
  id: 'bodice-one-shoulder',
  name: 'One-shoulder bodice',
  cloths: ['outer', 'lining'],
  ...facedBodiceMeasures,
  choices: bodiceOneShoulderChoices,
  lacks: { neck: 'one-shoulder', armhole: 'one-shoulder', waist: 'one-shoulder' },
};

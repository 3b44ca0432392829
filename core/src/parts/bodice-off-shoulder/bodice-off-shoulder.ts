import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodiceOffShoulderChoices } from './choices.ts';

/** A bodice off the shoulders without elastic: princess seams, bands around the arms, to the waist or to a hem below it, zip at the back; lined. */
export const bodiceOffShoulder: BodicePart = {
  id: 'bodice-off-shoulder',
  name: 'Off-shoulder bodice',
  cloths: ['outer', 'lining'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip', 'offShoulderRound'],
  checks: ['upperArm', 'highHip'],
  choices: bodiceOffShoulderChoices,
  adultsOnly: true,
  lacks: { neck: 'no-neck', armhole: 'off-shoulder' },
};

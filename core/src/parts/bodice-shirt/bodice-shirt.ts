import type { BodicePart } from '../../garment/part.ts';
import { bodiceTunic } from '../bodice-tunic/bodice-tunic.ts';
import { bodiceShirtChoices } from './choices.ts';

/** The body of a shirt: fronts that button on a placket, a back that is pleated into a yoke of two layers; from a short set of measures. */
export const bodiceShirt: BodicePart = {
  id: 'bodice-shirt',
  name: 'Shirt body',
  cloths: ['outer', 'stay'],
  requires: bodiceTunic.requires,
  derives: bodiceTunic.derives.filter((id) => id !== 'waistToKnee'),
  checks: ['shoulderLength', 'neck', 'upperArm', 'hand', 'highHip'],
  choices: bodiceShirtChoices,
  lacks: { waist: 'hem-below' },
};

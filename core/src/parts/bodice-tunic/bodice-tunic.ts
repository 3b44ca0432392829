import type { BodicePart } from '../../garment/part.ts';
import { bodiceTunicChoices } from './choices.ts';

/** A tunic in one from shoulder to hem, in an A-line over the hip, with side slits; faced; drawn from a short set of measures. */
export const bodiceTunic: BodicePart = {
  id: 'bodice-tunic',
  name: 'Tunic',
  cloths: ['outer', 'stay'],
  requires: ['shoulder', 'frontWaistLength', 'bust', 'waist', 'hip'],
  derives: [
    'height',
    'bustSpan',
    'shoulderToBust',
    'backWaistLength',
    'highBust',
    'acrossChest',
    'acrossBack',
    'armhole',
    'waistToHip',
    'waistToKnee',
  ],
  checks: ['shoulderLength', 'neck', 'head', 'upperArm', 'hand', 'highHip'],
  choices: bodiceTunicChoices,
  lacks: { waist: 'hem-below' },
};

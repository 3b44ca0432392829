import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodiceWaistcoatChoices } from './choices.ts';

/** Foreparts that button over a stand, and a back, in princess panels: V neck, points below the hem, fully lined. */
export const bodiceWaistcoat: BodicePart = {
  id: 'bodice-waistcoat',
  name: 'Waistcoat',
  cloths: ['outer', 'lining', 'stay'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip'],
  checks: ['shoulderLength', 'neck', 'highHip', 'upperArm', 'hand'],
  choices: bodiceWaistcoatChoices,
  lacks: { neck: 'open-neck', waist: 'hem-below' },
};

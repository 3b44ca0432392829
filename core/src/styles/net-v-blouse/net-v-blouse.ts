import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { netVBlouseChoices } from './choices.ts';

/** A princess blouse with a V of net traced from it and laid over, sewn into its neck and shoulders. */
export const netVBlouse: Style = {
  id: 'net-v-blouse',
  name: 'Net V blouse',
  summary:
    'Princess blouse to below the waist with a V of net laid over; zip at the back; lined, front on a stay',
  cloths: ['outer', 'lining', 'stay', 'net'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip'],
  checks: ['shoulderLength', 'neck', 'highHip', 'upperArm', 'hand'],
  choices: netVBlouseChoices,
};

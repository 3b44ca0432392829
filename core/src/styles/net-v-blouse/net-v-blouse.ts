import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { netVBlouseChoices } from './choices.ts';

/** A princess blouse with net laid over: a V traced from it and sewn into neck and shoulders, or two bands that cross. */
export const netVBlouse: Style = {
  id: 'net-v-blouse',
  name: 'Net V blouse',
  summary:
    'Princess blouse to below the waist with net laid over, a V or crossed; zip at the back; lined, front on a stay',
  cloths: ['outer', 'lining', 'stay', 'net'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip'],
  checks: ['shoulderLength', 'neck', 'highHip', 'upperArm', 'hand'],
  choices: { ...netVBlouseChoices, ...partChoices('armhole') },
  lacks: { waist: 'hem-below' },
};

import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { waistcoatChoices } from './choices.ts';

/** A waistcoat that buttons in front: princess seams from the armholes, V neck, points below the hem, fully lined. */
export const waistcoat: Style = {
  id: 'waistcoat',
  name: 'Waistcoat',
  summary:
    'Buttons in front over a stand; princess seams, V neck, points below the hem; fully lined, front on a stay',
  cloths: ['outer', 'lining', 'stay'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip'],
  checks: ['shoulderLength', 'neck', 'highHip', 'upperArm', 'hand'],
  choices: { ...waistcoatChoices, ...partChoices('armhole') },
  lacks: { waist: 'hem-below' },
};

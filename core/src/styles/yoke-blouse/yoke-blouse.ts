import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { yokeBlouseChoices } from './choices.ts';

/** A princess blouse under a yoke of stretch net; the outer is draped over a base, its hem shaped at the side. */
export const yokeBlouse: Style = {
  id: 'yoke-blouse',
  name: 'Yoke blouse',
  summary:
    'Princess blouse to below the waist under a yoke of stretch net; the outer drapes over a base; hem shaped at the side; zip at the back',
  cloths: ['outer', 'lining', 'net'],
  requires: [...facedBodiceMeasures.requires, 'hip'],
  derives: [...facedBodiceMeasures.derives, 'waistToHip'],
  checks: ['shoulderLength', 'neck', 'highHip', 'upperArm', 'hand'],
  choices: { ...yokeBlouseChoices, ...partChoices('armhole') },
  lacks: { waist: 'hem-below' },
};

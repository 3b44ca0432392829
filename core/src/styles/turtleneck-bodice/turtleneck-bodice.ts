import { partChoices } from '../../parts/part-book.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import type { Style } from '../style.ts';
import { turtleneckBodiceChoices } from './choices.ts';

/** A sleeveless bodice to the waist or below with a collar that stands around the neck, zip at the centre back up into the collar. */
export const turtleneckBodice: Style = {
  id: 'turtleneck-bodice',
  name: 'Turtleneck bodice',
  summary:
    'To the waist or below; a raised strip stands around the measured neck; zip at the back; faced and lined',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  checks: [...facedBodiceMeasures.checks, 'hip', 'highHip', 'waistToHip'],
  choices: { ...turtleneckBodiceChoices, ...partChoices('armhole', 'waist') },
  lacks: {},
};

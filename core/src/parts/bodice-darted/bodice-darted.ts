import type { BodicePart } from '../../garment/part.ts';
import { bodiceDartedChoices } from './choices.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';

/** A sleeveless bodice to the waist or below, shaped by darts or the side alone, faced and lined, zip at the centre back. */
export const bodiceDarted: BodicePart = {
  id: 'bodice-darted',
  name: 'Darted bodice',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  checks: [...facedBodiceMeasures.checks, 'hip', 'highHip', 'waistToHip'],
  choices: bodiceDartedChoices,
  lacks: {},
};

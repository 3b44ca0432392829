import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodiceCrossedChoices } from './choices.ts';

/** Two fronts that cross over a back that is open at the neck; it ends above the waist with a tie belt; lined. */
export const bodiceCrossed: BodicePart = {
  id: 'bodice-crossed',
  name: 'Crossed bodice',
  cloths: ['outer', 'lining'],
  requires: facedBodiceMeasures.requires,
  derives: [...facedBodiceMeasures.derives, 'underBust'],
  checks: ['shoulderLength', 'neck', 'upperArm', 'hand'],
  choices: bodiceCrossedChoices,
  lacks: { neck: 'open-neck', waist: 'hem-above' },
};

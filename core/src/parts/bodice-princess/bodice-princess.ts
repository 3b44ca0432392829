import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodicePrincessChoices } from './choices.ts';

/** A bodice shaped by princess seams from armholes, shoulders or neck, front and back, to the waist; faced and lined, zip at the centre back. */
export const bodicePrincess: BodicePart = {
  id: 'bodice-princess',
  name: 'Princess bodice',
  cloths: ['outer', 'lining', 'stay'],
  requires: facedBodiceMeasures.requires,
  derives: [...facedBodiceMeasures.derives, 'underBust'],
  checks: facedBodiceMeasures.checks.filter((id) => id !== 'underBust'),
  choices: bodicePrincessChoices,
  lacks: {},
};

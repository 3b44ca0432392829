import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodiceStraplessChoices } from './choices.ts';

/** A strapless bodice to the waist: princess seams from the top edge, shaped over and under the bust, zip at the back; lined, on a stay. */
export const bodiceStrapless: BodicePart = {
  id: 'bodice-strapless',
  name: 'Strapless bodice',
  cloths: ['outer', 'lining', 'stay'],
  requires: facedBodiceMeasures.requires,
  derives: [...facedBodiceMeasures.derives, 'underBust'],
  checks: ['shoulderToUnderBust'],
  choices: bodiceStraplessChoices,
  adultsOnly: true,
  lacks: { neck: 'no-neck', armhole: 'strapless' },
};

import type { BodicePart } from '../../garment/part.ts';
import { facedBodiceMeasures } from '../faced-bodice/measures.ts';
import { bodicePlacketChoices } from './choices.ts';

/** Princess panels to the waist that button in front on a separate placket, carried around a heart that is cut out below the neck; lined. */
export const bodicePlacket: BodicePart = {
  id: 'bodice-placket',
  name: 'Placket bodice',
  cloths: ['outer', 'lining', 'stay'],
  ...facedBodiceMeasures,
  choices: bodicePlacketChoices,
  lacks: { waist: 'over-the-head' },
};
